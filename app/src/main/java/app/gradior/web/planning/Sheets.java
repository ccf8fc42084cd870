package app.gradior.web.planning;

import app.gradior.measure.ReadLine;
import app.gradior.plan.Caution;
import app.gradior.sauce.SauceLine;
import app.gradior.thickness.Bubbles;
import app.gradior.thickness.Grade;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.text.UnitFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What stands on a cook's sheet: a kept plan with the sauce, the pot and the ring that it was made for. */
@Component
class Sheets {
    private final PlanService plans;
    private final SauceService sauces;
    private final SauceReader reader;
    private final Pots pots;
    private final Rings rings;

    Sheets(PlanService plans, SauceService sauces, SauceReader reader, Pots pots, Rings rings) {
        this.plans = plans;
        this.sauces = sauces;
        this.reader = reader;
        this.pots = pots;
        this.rings = rings;
    }

    /** A line of the sheet: a step, a food with its weight, or a remark. */
    public record Line(String typed, String figure, boolean step, boolean unread) {
        public boolean food() {
            return !figure.isEmpty();
        }
    }

    /**
     * What stands on the sheet.
     *
     * @param ring what it stands on; null if it was not said
     */
    public record Sheet(
            KeptPlan plan,
            Sauce sauce,
            KitchenPot pot,
            String ring,
            List<Line> lines,
            SpoonCoat look,
            Bubbles bubbles,
            List<Caution> cautions) {}

    /** @throws NotFound if the kitchen has no such plan */
    Sheet of(UUID kitchen, UUID id, UnitFormat say) {
        KeptPlan plan = plans.find(kitchen, id).orElseThrow(() -> new NotFound("plan"));
        Sauce sauce =
                sauces.version(kitchen, plan.sauceId(), plan.sauceVersion()).orElseThrow(() -> new NotFound("sauce"));
        KitchenPot pot = pots.get(kitchen, plan.potId());
        String ring = plan.ringId() == null
                ? null
                : rings.find(kitchen, plan.ringId()).map(r -> r.name()).orElse(null);
        Grade stove = Grade.of(plan.result().stoveGrade());
        return new Sheet(
                plan,
                sauce,
                pot,
                ring,
                lines(reader.read(kitchen, sauce).lines(), say),
                SpoonCoat.of(stove),
                Bubbles.of(stove),
                plan.result().cautions());
    }

    private static List<Line> lines(List<SauceLine> lines, UnitFormat say) {
        List<Line> shown = new ArrayList<>();
        for (SauceLine line : lines) {
            if (line instanceof SauceLine.OfFood food) {
                boolean heading = food.read() instanceof ReadLine.Heading;
                String figure = food.read().foods().stream()
                        .map(understood -> say.grams(understood.mass()))
                        .collect(Collectors.joining(" + "));
                shown.add(new Line(line.typed().strip(), figure, heading, ReadSauce.isUnclear(line)));
            } else {
                shown.add(new Line(line.typed().strip(), "", true, ReadSauce.isUnclear(line)));
            }
        }
        return shown;
    }
}
