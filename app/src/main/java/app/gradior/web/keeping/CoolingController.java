package app.gradior.web.keeping;

import app.gradior.keeping.Cooling;
import app.gradior.web.kitchen.InKitchen;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** The clock of what cools: every page of every device asks for it, one press answers it. */
@Controller
class CoolingController {
    private final CoolingClock clock;

    CoolingController(CoolingClock clock) {
        this.clock = clock;
    }

    /** @param due when it is to be in the fridge */
    record Cools(UUID batch, String name, Instant due) {}

    @GetMapping("/shelf/cooling")
    @ResponseBody
    List<Cools> cooling(@InKitchen UUID kitchen) {
        return clock.cooling(kitchen).stream()
                .map(c -> new Cools(c.batch(), c.name(), c.since().plus(Cooling.FIRST)))
                .toList();
    }

    /** It is in the fridge now: its jars, or all of it as one where it was not filled yet. */
    @PostMapping("/shelf/cooling/{batch}")
    String cold(@InKitchen UUID kitchen, @PathVariable UUID batch) {
        return "redirect:/shelf?jar=" + clock.cold(kitchen, batch) + "#jar";
    }
}
