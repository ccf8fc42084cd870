package app.gradior.web.planning;

import app.gradior.web.equipment.Pots;
import app.gradior.web.platform.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Keeps plans: a cook starts from one, and a journal entry points at it. */
@Component
public class PlanService {
    private static final TypeReference<Map<String, String>> CHOICES = new TypeReference<>() {};

    private final PlanMapper mapper;
    private final Pots pots;
    private final JsonMapper json;
    private final Clock clock;

    PlanService(PlanMapper mapper, Pots pots, JsonMapper json, Clock clock) {
        this.mapper = mapper;
        this.pots = pots;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Keeps a plan under an id that its sender made; sent twice, it is kept once.
     *
     * @return the plan that is kept under the id
     * @throws DuplicateKeyException if the id is another kitchen's
     */
    @Transactional
    public KeptPlan keep(UUID kitchen, UUID id, Planning.PlanAttempt planned) {
        Planning.FeasiblePlan plan = planned.possible().orElseThrow();
        if (mapper.find(kitchen, id).isEmpty()) {
            pots.addOnce(kitchen, plan.pot());
            mapper.keep(
                    kitchen,
                    new PlanMapper.PlanRow(
                            id,
                            planned.sauce().id(),
                            planned.sauce().version(),
                            plan.pot().id(),
                            plan.ring().map(r -> r.id()).orElse(null),
                            plan.chosen().kind(),
                            json.writeValueAsString(planned.form()
                                    .with(PlanField.POT, plan.pot().id())
                                    .with(PlanField.WIDTH, null)
                                    .with(PlanField.ROUTE, plan.chosen().kind().key())
                                    .filled()),
                            json.writeValueAsString(KeptPlan.PlanResult.of(plan)),
                            clock.instant()));
        }
        return find(kitchen, id).orElseThrow(() -> new NotFound("plan"));
    }

    public Optional<KeptPlan> find(UUID kitchen, UUID id) {
        return mapper.find(kitchen, id).map(this::read);
    }

    /** The latest of a sauce. */
    public List<KeptPlan> ofSauce(UUID kitchen, UUID sauce) {
        return mapper.ofSauce(kitchen, sauce).stream().map(this::read).toList();
    }

    /** Every kept plan of a kitchen, the oldest first. */
    public List<KeptPlan> all(UUID kitchen) {
        return mapper.all(kitchen).stream().map(this::read).toList();
    }

    private KeptPlan read(PlanMapper.PlanRow row) {
        return new KeptPlan(
                row.id(),
                row.sauceId(),
                row.sauceVersion(),
                row.potId(),
                row.ringId(),
                row.route(),
                PlanForm.of(json.readValue(row.chosen(), CHOICES)),
                json.readValue(row.result(), KeptPlan.PlanResult.class),
                row.keptAt());
    }
}
