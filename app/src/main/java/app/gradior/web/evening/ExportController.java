package app.gradior.web.evening;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.text.UnitFormat;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import tools.jackson.databind.json.JsonMapper;

/** An evening on paper, in a calendar and as a file. */
@Controller
@RequestMapping("/evenings/{id}")
class ExportController {
    private static final String FORMAT = "gradior-evening/1";

    private final Evenings evenings;
    private final EveningPages pages;
    private final JsonMapper json;

    ExportController(Evenings evenings, EveningPages pages, JsonMapper json) {
        this.evenings = evenings;
        this.pages = pages;
        this.json = json;
    }

    @GetMapping("/print")
    String print(@InKitchen UUID kitchen, @PathVariable UUID id, UnitFormat say, Model model) {
        Evenings.Kept kept = evenings.get(kitchen, id);
        model.addAttribute("evening", kept);
        model.addAttribute("page", pages.page(kitchen, kept, say));
        return "evening/print";
    }

    /** Every task that wants somebody to begin it, and when it is served. */
    @GetMapping("/evening.ics")
    ResponseEntity<String> calendar(@InKitchen UUID kitchen, @PathVariable UUID id, UnitFormat say) {
        Evenings.Kept kept = evenings.get(kitchen, id);
        EveningPage page = pages.page(kitchen, kept, say);
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Gradior//evening//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (EveningPage.Item item : page.items()) {
            calendar.add(event(
                    kept,
                    item.job() + "-" + item.ref().task(),
                    item.at(),
                    Duration.between(item.at(), item.ends()),
                    item.what()));
        }
        for (int c = 0; c < page.served().size(); c++) {
            EveningPage.Served served = page.served().get(c);
            calendar.add(event(
                    kept,
                    "served-" + c,
                    served.at(),
                    Duration.ofMinutes(30),
                    EveningText.serve(served.name().isEmpty() ? kept.name() : served.name())));
        }
        return file("text/calendar", "evening.ics", calendar.toString());
    }

    private VEvent event(Evenings.Kept kept, String part, Instant at, Duration length, String words) {
        VEvent event = new VEvent(at, length, words);
        event.add(new Uid(kept.id() + "-" + part + "@gradior"));
        // A calendar that read it before changes it where the evening has changed since.
        event.add(new Sequence((int) Math.min(Integer.MAX_VALUE, kept.revision())));
        event.replace(new DtStamp(evenings.now()));
        VAlarm alarm = new VAlarm(Duration.ZERO);
        alarm.add(ImmutableAction.DISPLAY);
        alarm.add(new Description(words));
        event.add(alarm);
        return event;
    }

    /** The file's parts: see {@code docs/formats/gradior-evening-1.schema.json}. */
    record File(String format, String name, List<Served> served, List<Listed> tasks) {
        record Served(String course, Instant at) {}

        record Listed(int job, int task, String what, Instant begins, Instant ends, String where, String who) {}
    }

    @GetMapping("/evening.json")
    ResponseEntity<String> file(@InKitchen UUID kitchen, @PathVariable UUID id, UnitFormat say) {
        Evenings.Kept kept = evenings.get(kitchen, id);
        EveningPage page = pages.page(kitchen, kept, say);
        File file = new File(
                FORMAT,
                kept.name(),
                page.served().stream()
                        .map(s -> new File.Served(s.name(), s.at()))
                        .toList(),
                page.items().stream()
                        .map(i -> new File.Listed(
                                i.job(), i.ref().task(), i.what(), i.at(), i.ends(), i.where(), i.who()))
                        .toList());
        return file(
                "application/json",
                "evening.json",
                json.writerWithDefaultPrettyPrinter().writeValueAsString(file));
    }

    private static ResponseEntity<String> file(String type, String name, String body) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, type + ";charset=UTF-8")
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(body);
    }
}
