package app.gradior.web.device;

import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.Pots;
import app.gradior.web.kitchen.DemoKitchen;
import app.gradior.web.kitchen.InKitchen;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The devices of a kitchen, what they say, and their stand-ins in the demo. */
@Controller
@RequestMapping("/devices")
class DeviceController {
    private static final int MAX_DEVICES = 12;

    private final Devices devices;
    private final Simulations simulations;
    private final BatchService cooks;
    private final Pots pots;
    private final DemoKitchen demo;

    DeviceController(Devices devices, Simulations simulations, BatchService cooks, Pots pots, DemoKitchen demo) {
        this.devices = devices;
        this.simulations = simulations;
        this.cooks = cooks;
        this.pots = pots;
        this.demo = demo;
    }

    @GetMapping
    String all(@InKitchen UUID kitchen, Model model) {
        model.addAttribute("devices", devices.all(kitchen));
        model.addAttribute("kinds", Device.Kind.values());
        model.addAttribute("simulations", simulations);
        model.addAttribute("demo", demo.offered());
        model.addAttribute("running", cooks.underWay(kitchen));
        model.addAttribute("pots", pots.all(kitchen));
        return "device/devices";
    }

    /** What they say now; asked for again and again by pages that show it. */
    @GetMapping("/live")
    @ResponseBody
    ResponseEntity<List<Devices.Live>> live(@InKitchen UUID kitchen) {
        return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(devices.live(kitchen));
    }

    @PostMapping
    String add(
            @InKitchen UUID kitchen,
            @RequestParam(defaultValue = "") String name,
            @RequestParam Device.Kind kind,
            RedirectAttributes said) {
        if (devices.all(kitchen).size() >= MAX_DEVICES) {
            said.addFlashAttribute("wrong", DeviceText.TWELVE_AT_MOST);
            return "redirect:/devices";
        }
        String called = name.isBlank()
                ? kind.label()
                : name.strip().substring(0, Math.min(60, name.strip().length()));
        Devices.Added added = devices.add(kitchen, called, kind);
        said.addFlashAttribute("addedName", added.device().name());
        said.addFlashAttribute("addedId", added.device().id().toString());
        said.addFlashAttribute("addedToken", added.token());
        return "redirect:/devices";
    }

    @PostMapping("/{id}/remove")
    String remove(@InKitchen UUID kitchen, @PathVariable UUID id) {
        devices.remove(kitchen, id);
        simulations.stop(id);
        return "redirect:/devices";
    }

    /** Starts a stand-in under a cook, or under a litre of water in a pot. */
    @PostMapping("/simulated")
    String simulate(
            @InKitchen UUID kitchen,
            @RequestParam Device.Kind kind,
            @RequestParam UUID under,
            @RequestParam(defaultValue = "0") double noise,
            @RequestParam(defaultValue = "0") double drift,
            @RequestParam(defaultValue = "0") double dropOuts,
            @RequestParam(defaultValue = "1") double k,
            RedirectAttributes said) {
        if (!demo.offered()) {
            throw new ResponseStatusException(org.springframework.http.HttpStatus.NOT_FOUND);
        }
        boolean sane = noise >= 0
                && noise <= 100
                && Math.abs(drift) <= 50
                && dropOuts >= 0
                && dropOuts <= 100
                && k >= 0.1
                && k <= 5;
        if (!sane || devices.all(kitchen).size() >= MAX_DEVICES) {
            said.addFlashAttribute("wrong", DeviceText.SIMULATION_BOUNDS);
            return "redirect:/devices";
        }
        StandInPot pot = simulations.under(kitchen, under, k);
        Devices.Added added = devices.add(kitchen, "simulated " + kind.label(), kind);
        simulations.start(added, pot, new Simulations.Faults(noise, drift, dropOuts / 100));
        said.addFlashAttribute("said", DeviceText.SENDS_NOW);
        return "redirect:/devices";
    }
}
