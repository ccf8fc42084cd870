package app.gradior.web.live;

import app.gradior.cook.Rescue;
import app.gradior.measure.NumberInput;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.text.UnitFormat;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** The cook page: takes what happens, shows what is to be expected. */
@Controller
class CookController {
    private final BatchService cooks;
    private final CookPages pages;
    private final CookViews views;
    private final AtHand atHand;
    private final LivePart live;

    CookController(BatchService cooks, CookPages pages, CookViews views, AtHand atHand, LivePart live) {
        this.cooks = cooks;
        this.pages = pages;
        this.views = views;
        this.atHand = atHand;
        this.live = live;
    }

    /** Strikes a batch out of what is learnt of its pot, or lets it count again. */
    @PostMapping("/cooks/{id}/strike")
    String exclude(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestParam boolean out) {
        CookRow row = cooks.row(kitchen, id);
        cooks.exclude(kitchen, id, out);
        return "redirect:/pots/" + row.potId() + "#known";
    }

    @GetMapping("/cooks/{id}")
    Object cook(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            UnitFormat say,
            Model model) {
        BatchService.StoredCook kept = cooks.find(kitchen, id);
        if (kept.row().finishedAt() != null) {
            return "redirect:/journal/" + id;
        }
        return CookPages.LIVE.equals(fragment)
                ? live.of(kitchen, kept, say)
                : pages.page(kitchen, kept, fragment, say, model);
    }

    @PostMapping("/cooks/{id}/events")
    Object happened(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            // It is made of what was sent, and never filled afterwards.
            @ModelAttribute(binding = false) EventForm form,
            @RequestHeader(value = "X-Fragment", required = false) String fragment,
            UnitFormat say,
            Model model,
            HttpServletResponse response) {
        EventReader.Kitchen known = atHand.of(kitchen);
        // Who says that it is made: nobody here any more once it is left to others.
        Object by = fragment == null ? null : live.willBeMade(id);
        try {
            BatchService.StoredCook kept = cooks.append(
                    kitchen,
                    id,
                    form.event(),
                    form.content(),
                    (row, cook) -> form.events(row, cook, known, cooks.now()));
            if (kept.row().finishedAt() != null) {
                return "redirect:/journal/" + id;
            }
            if (CookPages.KEPT.equals(fragment)) {
                live.soon(kitchen, kept, say, by);
                by = null;
                return ResponseEntity.ok()
                        .contentType(MediaType.TEXT_HTML)
                        .body("<p data-revision=\"" + kept.row().revision() + "\"></p>");
            }
            return fragment == null ? "redirect:/cooks/" + id : live.of(kitchen, kept, say);
        } catch (BatchService.Refused refused) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("refused", refused.said(say));
            model.addAttribute("refusedField", refused.field());
            return pages.page(kitchen, cooks.find(kitchen, id), fragment, say, model);
        } finally {
            if (by != null) {
                live.isMade(id, by);
            }
        }
    }

    /** Everything that happened, a hundred entries a page; of a finished batch too. */
    @GetMapping("/cooks/{id}/entries")
    String entries(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0") String page,
            UnitFormat say,
            Model model) {
        CookView view = views.of(cooks.find(kitchen, id), say);
        int last = Math.max(0, (view.getEntryCount() - 1) / CookView.PAGE_OF_ENTRIES);
        int shown = (int) NumberInput.read(page, 0, last).orElse(0);
        model.addAttribute("view", view);
        model.addAttribute("entries", view.entries(shown));
        model.addAttribute("number", shown);
        model.addAttribute("last", last);
        return "cook/entries";
    }

    /** What is to be done when it went wrong, computed for what is in the pot now. */
    @GetMapping("/cooks/{id}/rescue")
    String rescue(
            @InKitchen UUID kitchen,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "TOO_THIN") Rescue.Trouble trouble,
            UnitFormat say,
            Model model) {
        model.addAttribute("page", pages.live(kitchen, cooks.find(kitchen, id), say));
        model.addAttribute("rescueText", new RescueText(say));
        model.addAttribute("trouble", trouble);
        model.addAttribute("troubles", Rescue.Trouble.values());
        return "cook/rescue";
    }
}
