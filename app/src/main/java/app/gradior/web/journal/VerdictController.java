package app.gradior.web.journal;

import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.batch.Verdict;
import app.gradior.web.batch.Verdicts;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.kitchen.KitchenUser;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** How a batch was: in two presses, each of which is kept at once. */
@Controller
class VerdictController {
    private final BatchService cooks;
    private final Verdicts verdicts;
    private final BatchPages pages;

    VerdictController(BatchService cooks, Verdicts verdicts, BatchPages pages) {
        this.cooks = cooks;
        this.verdicts = verdicts;
        this.pages = pages;
    }

    /** What is sent of a verdict; what is null was not said this time and stays as it was. */
    record VerdictForm(
            Integer thickness,
            Integer salt,
            Integer sharp,
            Integer sweet,
            Integer heat,
            Verdict.Again again,
            String words) {
        Optional<Verdict> over(Optional<Verdict> before, UUID cook, String person, boolean nextDay, BatchPages pages) {
            Integer step = thickness != null
                    ? thickness
                    : before.map(Verdict::thickness).orElse(null);
            if (step == null) {
                return Optional.empty();
            }
            String said =
                    words != null ? words.strip() : before.map(Verdict::words).orElse("");
            return Optional.of(new Verdict(
                    cook,
                    person,
                    nextDay,
                    within(step, 2),
                    or(salt, before.map(Verdict::salt).orElse(null)),
                    or(sharp, before.map(Verdict::sharp).orElse(null)),
                    or(sweet, before.map(Verdict::sweet).orElse(null)),
                    or(heat, before.map(Verdict::heat).orElse(null)),
                    again != null ? again : before.map(Verdict::again).orElse(null),
                    said.substring(0, Math.min(Verdict.LONGEST_WORDS, said.length())),
                    pages.now()));
        }

        private static Integer or(Integer now, Integer before) {
            return now == null ? before : Integer.valueOf(within(now, 1));
        }

        private static int within(int step, int most) {
            return Math.max(-most, Math.min(most, step));
        }
    }

    @PostMapping("/journal/{id}/verdict")
    String say(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            VerdictForm form,
            @AuthenticationPrincipal KitchenUser user,
            RedirectAttributes said) {
        CookRow batch = cooks.finished(kitchen, id);
        boolean nextDay = pages.nextDay(batch);
        Optional<Verdict> before = verdicts.of(kitchen, id).stream()
                .filter(v -> v.person().equals(user.getUsername()) && v.nextDay() == nextDay)
                .findFirst();
        Optional<Verdict> verdict = form.over(before, id, user.getUsername(), nextDay, pages);
        verdict.ifPresentOrElse(
                v -> verdicts.say(kitchen, v),
                () -> said.addFlashAttribute("wrongVerdict", JournalText.THICKNESS_FIRST));
        return "redirect:/journal/" + id + "#verdict";
    }

    @PostMapping("/journal/{id}/verdict/remove")
    String takeBack(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam boolean nextDay,
            @RequestParam(required = false) UUID jar,
            @AuthenticationPrincipal KitchenUser user) {
        cooks.finished(kitchen, id);
        verdicts.takeBack(kitchen, id, user.getUsername(), nextDay);
        return jar == null ? "redirect:/journal/" + id + "#verdict" : "redirect:/shelf?jar=" + jar + "#jar";
    }
}
