package app.gradior.web.keeping;

import app.gradior.keeping.ColdManner;
import app.gradior.keeping.Cooling;
import app.gradior.keeping.Keeping;
import app.gradior.keeping.Place;
import app.gradior.quantity.Celsius;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.BatchText;
import app.gradior.web.batch.CookRow;
import app.gradior.web.batch.Verdict;
import app.gradior.web.batch.Verdicts;
import app.gradior.web.kitchen.CurrentKitchen;
import app.gradior.web.text.Names;
import app.gradior.web.text.UnitFormat;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** What is shown of one jar. */
@Component
class JarPages {
    private static final Duration NEXT_DAY = Duration.ofHours(12);
    private static final Celsius FROM = Celsius.of(85);

    /** Air cools no further in a time that counts. */
    private static final Celsius IN_THE_AIR = Celsius.of(30);

    private final Jars jars;
    private final Verdicts verdicts;
    private final BatchService cooks;

    JarPages(Jars jars, Verdicts verdicts, BatchService cooks) {
        this.jars = jars;
        this.verdicts = verdicts;
        this.cooks = cooks;
    }

    /** A jar in a list. */
    record Line(JarRow jar, String state, String level) {}

    Line line(JarRow jar, LocalDate today, Instant now) {
        return new Line(jar, ShelfText.state(jar, today, now), ShelfText.level(jar, today));
    }

    /** A way to cool it, with how long that takes. */
    record Way(String name, String minutes) {}

    void chosen(UUID kitchen, JarRow jar, UnitFormat say, Model model) {
        Instant now = jars.now();
        LocalDate today = jars.today(say.preference().zone());
        Keeping keeping = jar.keeping();
        model.addAttribute("chosen", line(jar, today, now));
        model.addAttribute("keeps", ShelfText.keeps(keeping));
        model.addAttribute("contains", ShelfText.contains(keeping));
        model.addAttribute("cautions", ShelfText.cautions(keeping, say));
        model.addAttribute("manners", manners(keeping.manners(), jar.place()));
        model.addAttribute("history", log(kitchen, jar, say));
        model.addAttribute("mayFreeze", keeping.frozenMonths().isPresent() && !jar.thawed());
        CookRow batch = cooks.row(kitchen, jar.cookId());
        model.addAttribute(
                "judge",
                batch.finishedAt() != null
                        && Duration.between(batch.finishedAt(), now).compareTo(NEXT_DAY) > 0);
        if (jar.coolingSince() != null) {
            model.addAttribute("ways", ways(jar, say));
        }
    }

    /**
     * A line of a jar's log.
     *
     * @param undo what undoes it; null where nothing does
     * @param verdict null for what happened to the jar itself
     */
    record Told(String what, Instant at, String person, boolean undone, UUID undo, Verdict verdict) {}

    /** What happened to a jar, and what was said of what is in it, the latest first. */
    private List<Told> log(UUID kitchen, JarRow jar, UnitFormat say) {
        List<Jars.Happened> history = jars.history(kitchen, jar.id());
        List<Told> log = new ArrayList<>();
        for (int i = 0; i < history.size(); i++) {
            Jars.Happened h = history.get(i);
            boolean last = i == history.size() - 1;
            log.add(new Told(
                    ShelfText.happened(h.event(), say),
                    h.event().at(),
                    h.person(),
                    h.undone(),
                    h.undone() || last ? null : h.event().id(),
                    null));
        }
        for (Verdict verdict : verdicts.of(kitchen, jar.cookId())) {
            boolean own =
                    CurrentKitchen.person().filter(verdict.person()::equals).isPresent();
            Told told = new Told(
                    BatchText.said(verdict),
                    verdict.at(),
                    verdict.person(),
                    false,
                    own ? verdict.cookId() : null,
                    verdict);
            int before = 0;
            while (before < log.size() && log.get(before).at().isAfter(told.at())) {
                before++;
            }
            log.add(before, told);
        }
        return log;
    }

    private static List<String> manners(Set<ColdManner> manners, Place place) {
        return manners.stream()
                .sorted()
                .map(manner -> place == Place.FREEZER ? Names.look(manner) : Names.of(manner))
                .distinct()
                .toList();
    }

    /** How long each way of cooling takes down to where the fridge may do the rest. */
    private static List<Way> ways(JarRow jar, UnitFormat say) {
        Cooling cooling = Cooling.of(jar.size().across(), jar.size().height(), false);
        return Arrays.stream(Cooling.Bath.values())
                .map(bath -> {
                    Celsius to = bath == Cooling.Bath.AIR ? IN_THE_AIR : Cooling.WARM;
                    return new Way(
                            ShelfText.cooling(Names.of(bath), say.degrees(to.degrees())),
                            say.span(cooling.minutes(FROM, to, bath)));
                })
                .toList();
    }

    /** What others did since a page was made, in words. */
    String meanwhile(UUID kitchen, UUID jar, UUID own, int others, UnitFormat say) {
        return ShelfText.meanwhile(jars.history(kitchen, jar).stream()
                .filter(happened -> !happened.event().id().equals(own))
                .limit(others)
                .map(happened -> ShelfText.happened(happened.event(), say))
                .toList());
    }
}
