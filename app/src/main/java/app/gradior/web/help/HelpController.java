package app.gradior.web.help;

import app.gradior.pot.Activity;
import app.gradior.pot.Evaporation;
import app.gradior.quantity.Interval;
import app.gradior.thickness.SpoonCoat;
import app.gradior.thickness.ThicknessFactor;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** What the numbers rest on, how far off they usually are, and what would narrow them. */
@Controller
class HelpController {
    /** Grades of one e-fold of thickness: 2·log10(e). */
    private static final double GRADES_PER_LN = 2 / Math.log(10);

    @GetMapping("/how-we-know")
    String howWeKnow(Model model) {
        model.addAttribute("pace", percent(Evaporation.PRIOR_LOG_SD));
        model.addAttribute("measuredPace", percent(Evaporation.CALIBRATED_LOG_SD));
        model.addAttribute("grades", Interval.Z_80 * ThicknessFactor.PRIOR_LOG_SD * GRADES_PER_LN);
        return "help/how-we-know";
    }

    /**
     * What the words mean and which keys there are.
     *
     * @param place one of the places; all of them if it is none
     * @param q what is searched for
     */
    @GetMapping("/help")
    String help(
            @RequestParam(defaultValue = "") String place,
            @RequestParam(defaultValue = "") String q,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            Model model) {
        model.addAttribute("place", place);
        model.addAttribute("q", q.strip());
        model.addAttribute("words", HelpText.words(place, q.strip()));
        model.addAttribute("keys", HelpText.keys(place, q.strip()));
        model.addAttribute("looks", SpoonCoat.values());
        model.addAttribute("surfaces", Activity.values());
        return "help".equals(fragment) ? "help/help :: topics" : "help/help";
    }

    /** What the place of a key is called. */
    @ModelAttribute("placeNames")
    Map<String, String> placeNames() {
        return HelpText.KEYS.stream()
                .map(HelpText.Key::place)
                .distinct()
                .collect(Collectors.toMap(Function.identity(), HelpText::called));
    }

    /** How far off four times in five, upward, as a share. */
    private static long percent(double logSd) {
        return Math.round(100 * (Math.exp(Interval.Z_80 * logSd) - 1));
    }
}
