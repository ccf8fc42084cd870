package app.gradior.web.practice;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.learning.Eyes;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** How well one's eye tells, and whether real readings are weighed by it. */
@Controller
@RequestMapping("/practice/eye")
class EyeController {
    private final PracticePages pages;
    private final Eyes eyes;

    EyeController(PracticePages pages, Eyes eyes) {
        this.pages = pages;
        this.eyes = eyes;
    }

    @GetMapping
    String eye(@InKitchen UUID kitchen, Model model) {
        model.addAttribute("eye", pages.eye(kitchen));
        return "practice/eye";
    }

    @PostMapping
    String weigh(@InKitchen UUID kitchen, @RequestParam(defaultValue = "false") boolean weighs) {
        eyes.weigh(kitchen, weighs);
        return "redirect:/practice/eye";
    }
}
