package app.gradior.web.sauce;

import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.Pots;
import app.gradior.web.text.PlanText;
import app.gradior.web.text.UnitFormat;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** The workshop's page: a text and what is understood of it. */
@Component
public class Workshop {
    public static final int LONGEST_TEXT = 20_000;

    /** More than any recipe: what is longer was no recipe. */
    static final int LONGEST_PUBLISHED = 100_000;

    static final String VIEW = "sauce/workshop";
    private static final int LONGEST_NAME = 120;

    private final SauceReader reader;
    private final Pots pots;

    Workshop(SauceReader reader, Pots pots) {
        this.reader = reader;
        this.pots = pots;
    }

    /**
     * A sauce as typed.
     *
     * @param version the version that was opened, 0 for a new sauce
     * @param source where the recipe stands that it was made of; null if it was made of none
     * @param published that recipe's text
     */
    public record SauceForm(
            @NotBlank(message = SauceText.NAME) @Size(max = 120, message = SauceText.NAME_TOO_LONG)
            String name,

            @NotBlank(message = SauceText.NO_LINES) @Size(max = LONGEST_TEXT, message = SauceText.TOO_LONG)
            String text,

            Integer version,

            @Size(max = 500, message = SauceText.SOURCE_TOO_LONG)
            String source,

            @Size(max = LONGEST_PUBLISHED, message = SauceText.PUBLISHED_TOO_LONG)
            String published) {
        public SauceForm(String name, String text, Integer version) {
            this(name, text, version, null, null);
        }

        public SauceForm {
            version = version == null ? 0 : version;
            source = source == null || source.isBlank() ? null : source.strip();
            published = published == null || published.isBlank() ? null : published.replace("\r\n", "\n");
            // Browsers send CRLF; a text is kept with plain line ends.
            text = text == null ? "" : text.replace("\r\n", "\n");
        }

        /** The recipe that it was made of, if it was made of one. */
        Optional<SauceOrigin> origin() {
            return published == null ? Optional.empty() : Optional.of(new SauceOrigin(source, published));
        }
    }

    /**
     * A sauce that came from elsewhere, to be looked at before it is kept.
     *
     * @return the view
     */
    public String draft(UUID kitchen, String name, String text, UnitFormat say, Model model) {
        String called = name.substring(0, Math.min(LONGEST_NAME, name.length()));
        return of(
                kitchen,
                new SauceForm(called, text.substring(0, Math.min(LONGEST_TEXT, text.length())), 0),
                say,
                model);
    }

    String of(UUID kitchen, SauceForm form, UnitFormat say, Model model) {
        model.addAttribute("form", form);
        understand(kitchen, form.text(), 9999, say, model);
        return VIEW;
    }

    void understand(UUID kitchen, String text, int stage, UnitFormat say, Model model) {
        ReadSauce read = reader.read(kitchen, text);
        model.addAttribute("read", read);
        model.addAttribute("planText", new PlanText(say));
        model.addAttribute("notes", new LineNotes(say).of(read));
        model.addAttribute("summary", SauceText.summary(read.lines().size(), read.unclear(), read.doubtful()));
        model.addAttribute("after", read.after(stage));
        List<KitchenPot> all = pots.all(kitchen);
        model.addAttribute("fits", read.isEmpty() ? List.of() : PotFit.of(read.max(), all));
        model.addAttribute("pots", all);
    }
}
