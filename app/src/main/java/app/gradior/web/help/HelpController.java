package app.gradior.web.help;

import app.gradior.pot.Evaporation;
import app.gradior.quantity.Interval;
import app.gradior.thickness.ThicknessFactor;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

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

    /** How far off four times in five, upward, as a share. */
    private static long percent(double logSd) {
        return Math.round(100 * (Math.exp(Interval.Z_80 * logSd) - 1));
    }
}
