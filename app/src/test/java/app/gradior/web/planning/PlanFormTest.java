package app.gradior.web.planning;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.food.StarchKind;
import app.gradior.plan.Route;
import app.gradior.plan.SlurryRatio;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Lid;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Mass;
import app.gradior.quantity.Share;
import app.gradior.quantity.Volume;
import app.gradior.thickness.Grade;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.text.UnitPreference;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What the fields of a plan's page mean. */
class PlanFormTest {
    private static PlanForm form(String query) {
        Map<String, String> fields = new LinkedHashMap<>();
        for (String part : query.split("&")) {
            String[] pair = part.split("=", 2);
            fields.put(pair[0], pair.length > 1 ? pair[1] : "");
        }
        return PlanForm.of(fields);
    }

    @Test
    void anEmptyFormIsAGlazeAtASimmerServedWarm() {
        FieldErrors problems = new FieldErrors();
        PlanChoices choices = PlanForm.EMPTY.choices(UnitPreference.METRIC, problems);

        assertThat(problems.any()).isFalse();
        assertThat(choices.activity()).isEqualTo(Activity.SIMMER);
        assertThat(choices.lid()).isEqualTo(Lid.OFF);
        assertThat(choices.wanted().said()).contains(Use.GLAZE);
        assertThat(choices.served()).isEqualTo(Celsius.of(60));
        assertThat(choices.aim()).isEqualTo(PlanChoices.Aim.THICK);
        assertThat(choices.stop()).isEmpty();
        assertThat(choices.min()).isEmpty();
        assertThat(choices.pot()).isEmpty();
    }

    @Test
    void everyFieldBecomesAValue() {
        UUID pot = UUID.randomUUID();
        PlanChoices choices = form("pot=" + pot
                        + "&activity=ROLLING_BOIL&lid=ajar&hood=on&altitude=1500&use=GRADE&grade=4.6&served=20"
                        + "&least=2&leastUnit=jars&jarMl=190&starch=potato&school=weight&water=3&frozen=yes&smooth=yes"
                        + "&route=slurry&at=412.5")
                .choices(UnitPreference.METRIC, new FieldErrors());

        assertThat(choices.pot()).contains(pot);
        assertThat(choices.activity()).isEqualTo(Activity.ROLLING_BOIL);
        assertThat(choices.lid()).isEqualTo(Lid.AJAR);
        assertThat(choices.hood()).contains(true);
        assertThat(choices.altitude().orElseThrow().metres()).isEqualTo(1500);
        assertThat(choices.wanted()).isEqualTo(new PlanChoices.Wanted.ByGrade(Grade.of(4.6)));
        assertThat(choices.wanted().said()).isEmpty();
        assertThat(choices.min()).contains(new Target.Yield(Volume.ofMillilitres(380)));
        assertThat(choices.starch()).contains(StarchKind.POTATO);
        assertThat(choices.ratio()).isEqualTo(new SlurryRatio.ByWeight(3));
        assertThat(choices.frozen()).isTrue();
        assertThat(choices.smooth()).isTrue();
        assertThat(choices.route()).contains(Route.Kind.SLURRY);
        assertThat(choices.at()).contains(Mass.ofGrams(412.5));
    }

    @ParameterizedTest
    @CsvSource({
        "served=120,served",
        "use=GRADE&grade=12,grade",
        "aim=yield,amount",
        "aim=yield&amount=-3,amount",
        "aim=yield&amount=2000&unit=jars&jarMl=5000,amount",
        "aim=part&part=100,part",
        "aim=brix&brix=95,brix",
        "aim=boils&boils=60,boils",
        "least=lots,least",
        "jarMl=2,jarMl",
        "school=weight&water=50,water",
        "altitude=9000,altitude",
    })
    void whatCantBeReadIsSaidBesideItsField(String query, String field) {
        FieldErrors problems = new FieldErrors();
        form(query).choices(UnitPreference.METRIC, problems);

        assertThat(problems.byField()).containsOnlyKeys(field);
    }

    @Test
    void whatIsNoFieldOrFarTooLongIsLeftOut() {
        PlanForm form = form("zorb=1&use=" + "X".repeat(61) + "&served= 5 ");

        assertThat(form.filled()).containsExactly(Map.entry("served", "5"));
        assertThat(form.says(PlanField.USE)).isFalse();
        assertThat(form.get("use")).isEqualTo("GLAZE");
    }

    static Stream<Target> targets() {
        return List.<Target>of(
                new Target.Weight(Mass.ofGrams(580)),
                new Target.Yield(Volume.ofMillilitres(330)),
                new Target.Reduced(Share.of(0.25), Target.Basis.DEPTH),
                new Target.AtBrix(Share.ofPercent(65)),
                new Target.AtBoilingPoint(Celsius.of(104.5)))
                .stream();
    }

    @ParameterizedTest
    @MethodSource("targets")
    void aSaucesOwnTargetComesBackFromTheForm(Target target) {
        PlanForm form = PlanForm.EMPTY.toward(target);

        assertThat(form.choices(UnitPreference.METRIC, new FieldErrors()).stop())
                .contains(target);
        assertThat(PlanForm.of(form.filled())).isEqualTo(form);
        assertThat(form.toward(target)).isEqualTo(form);
    }

    @Test
    void anEmptiedFieldIsAsIfItHadNeverBeenFilled() {
        assertThat(PlanForm.EMPTY.with(PlanField.AT, 300).with(PlanField.AT, null))
                .isEqualTo(PlanForm.EMPTY);
    }
}
