package app.gradior.web.evening;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.evening.Evening.Ref;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What was put together becomes an evening to schedule, beside any request: what would help is looked for after one is answered. */
@ExtendWith(RunningApplication.class)
class EveningPlannerTest {
    private final EveningPlanner planner;

    EveningPlannerTest(EveningPlanner planner) {
        this.planner = planner;
    }

    @Test
    void anHourOfALineIsOneOfTheClockOnTheKitchensWall() {
        TestKitchen own = TestKitchen.of("host");
        own.http()
                .post(
                        "/kitchen",
                        "name=K&units=METRIC&measures=METRIC&temperature=CELSIUS&altitudeM=0&roomC=20"
                                + "&timeZone=Australia/Sydney");
        EveningBody body = EveningBody.at(Instant.parse("2026-11-26T08:00:00Z"), "Ann")
                .plus(new EveningBody.Entry(0, null, Map.of(), false, "stew 40 ring, at 17:30", 0));

        EveningProblem problem = planner.problem(own.id(), body);

        int tick = problem.evening().pinned().get(new Ref(0, 0));
        assertThat(problem.at(tick).atZone(ZoneId.of("Australia/Sydney")).toLocalTime())
                .isEqualTo(LocalTime.of(17, 30));
    }
}
