package app.gradior.web.keeping;

import app.gradior.keeping.JarEvent;
import app.gradior.keeping.Place;
import app.gradior.measure.NumberInput;
import app.gradior.quantity.Volume;
import app.gradior.web.batch.BatchText;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.text.UnitFormat;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The shelf: jars where they stand, and what happens to them. */
@Controller
class ShelfController {
    /** More than this are drawn by nobody; they are listed. */
    private static final int DRAWN = 60;

    private static final int LISTED = 30;
    private static final int STOCKED = 12;

    private final Jars jars;
    private final JarSizes sizes;
    private final JarPages pages;
    private final JarTotals totals;

    ShelfController(Jars jars, JarSizes sizes, JarPages pages, JarTotals totals) {
        this.jars = jars;
        this.sizes = sizes;
        this.pages = pages;
        this.totals = totals;
    }

    @GetMapping("/shelf")
    String shelf(
            @InKitchen UUID kitchen,
            @RequestParam(required = false) UUID jar,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "false") boolean list,
            @RequestParam(defaultValue = "0") int from,
            UnitFormat say,
            Model model) {
        LocalDate today = jars.today(say.preference().zone());
        Instant now = jars.now();
        int first = Math.max(0, Math.min(from, 100_000));
        List<JarRow> here = jars.here(kitchen, q, first, LISTED + 1);
        JarTotals.Totals totals = this.totals.of(kitchen);
        int count = totals.jars();
        boolean listed = list || !q.isBlank() || first > 0 || count > DRAWN;
        if (!listed && here.size() > LISTED) {
            here = jars.here(kitchen, q, 0, DRAWN);
        }
        model.addAttribute("count", count);
        model.addAttribute("q", q);
        model.addAttribute("listed", listed);
        model.addAttribute("from", first);
        model.addAttribute("more", listed && here.size() > LISTED ? first + LISTED : null);
        model.addAttribute("lead", ShelfText.first(jars.useWithin(kitchen, today, 3650, 20), today));
        List<JarRow> shown = listed ? here.subList(0, Math.min(LISTED, here.size())) : here;
        model.addAttribute(
                "rows", shown.stream().map(row -> pages.line(row, today, now)).toList());
        List<ShelfDrawing> drawings = new ArrayList<>();
        for (Place place : Place.values()) {
            drawings.add(ShelfDrawing.of(
                    place,
                    listed
                            ? List.of()
                            : here.stream().filter(j -> j.place() == place).toList(),
                    today,
                    now));
        }
        model.addAttribute("drawings", drawings);
        model.addAttribute("sizes", sizes.all(kitchen));
        model.addAttribute("stock", totals.sauces().stream().limit(STOCKED).toList());
        model.addAttribute("steps", BatchText.STEPS);
        model.addAttribute("guidance", ShelfText.GUIDANCE);
        if (jar != null) {
            pages.chosen(kitchen, jars.get(kitchen, jar), say, model);
        }
        return "keeping/shelf";
    }

    /** What stands on a label leads here: the jar it is on. */
    @GetMapping("/j/{code}")
    String label(@InKitchen UUID kitchen, @PathVariable String code) {
        JarRow jar = jars.ofCode(kitchen, code.toLowerCase(Locale.ROOT)).orElseThrow(() -> new NotFound("jar"));
        return "redirect:/shelf?jar=" + jar.id() + "#jar";
    }

    /**
     * Keeps what happened to a jar.
     *
     * @param id the id that is sent with it: sent again it changes nothing
     * @param seen how much had happened to it when its page was made
     */
    @PostMapping("/shelf/{jar}/events")
    String happened(
            @InKitchen UUID kitchen,
            @PathVariable UUID jar,
            @RequestParam UUID id,
            @RequestParam String kind,
            @RequestParam(defaultValue = "") String taken,
            @RequestParam(defaultValue = "-1") int seen,
            UnitFormat say,
            RedirectAttributes said) {
        JarRow before = jars.get(kitchen, jar);
        Instant at = jars.now().truncatedTo(ChronoUnit.MICROS);
        JarEvent event = switch (kind) {
            case "opened" -> new JarEvent.Opened(id, at);
            case "fridge" -> new JarEvent.Moved(id, at, Place.FRIDGE);
            case "frozen" -> new JarEvent.Moved(id, at, Place.FREEZER);
            case "counter" -> new JarEvent.Moved(id, at, Place.COUNTER);
            case "given" -> new JarEvent.Gone(id, at, JarEvent.Way.GIVEN);
            case "finished" -> new JarEvent.Gone(id, at, JarEvent.Way.FINISHED);
            case "thrown" -> new JarEvent.Gone(id, at, JarEvent.Way.THROWN_AWAY);
            case "taken" -> {
                double some = NumberInput.read(taken).orElse(Double.NaN);
                yield some > 0 && some <= before.leftMl() + 0.5
                        ? new JarEvent.Taken(id, at, Volume.ofMillilitres(Math.min(some, before.leftMl())))
                        : null;
            }
            default -> throw new NotFound("kind of event");
        };
        if (event == null) {
            said.addFlashAttribute("wrong", ShelfText.TAKEN);
            said.addFlashAttribute("taken", taken);
        } else {
            keep(kitchen, jar, event, seen, say, said);
        }
        return "redirect:/shelf?jar=" + jar + "#jar";
    }

    @PostMapping("/shelf/{jar}/undo")
    String undo(
            @InKitchen UUID kitchen,
            @PathVariable UUID jar,
            @RequestParam UUID id,
            @RequestParam UUID event,
            @RequestParam(defaultValue = "-1") int seen,
            UnitFormat say,
            RedirectAttributes said) {
        keep(kitchen, jar, new JarEvent.Undone(id, jars.now().truncatedTo(ChronoUnit.MICROS), event), seen, say, said);
        return "redirect:/shelf?jar=" + jar + "#jar";
    }

    private void keep(UUID kitchen, UUID jar, JarEvent event, int seen, UnitFormat say, RedirectAttributes said) {
        try {
            JarRow after = jars.append(kitchen, jar, event);
            int others = seen < 0 ? 0 : after.revision() - 1 - seen;
            if (others > 0) {
                said.addFlashAttribute("meanwhile", pages.meanwhile(kitchen, jar, event.id(), others, say));
            }
        } catch (Jars.Refused refused) {
            said.addFlashAttribute("wrong", refused.getMessage());
        }
    }
}
