package app.gradior.web.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import app.gradior.cook.EventKind;
import app.gradior.evening.JobLine;
import app.gradior.evening.TaskKind;
import app.gradior.food.Allergen;
import app.gradior.food.StarchKind;
import app.gradior.keeping.ColdManner;
import app.gradior.keeping.Cooling;
import app.gradior.keeping.JarEvent;
import app.gradior.keeping.KeepingRule;
import app.gradior.measure.Measures;
import app.gradior.plan.Caution;
import app.gradior.plan.Limit;
import app.gradior.plan.Route;
import app.gradior.plan.Roux;
import app.gradior.plan.StarchChoice;
import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.pot.Activity;
import app.gradior.pot.Material;
import app.gradior.pot.Ring;
import app.gradior.pot.TypicalPot;
import app.gradior.practice.Mishap;
import app.gradior.quick.Liquid;
import app.gradior.sauce.Swap;
import app.gradior.thickness.Bubbles;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.batch.Verdict;
import app.gradior.web.kitchen.ApiTokens;
import app.gradior.web.kitchen.Audit;
import app.gradior.web.planning.PlanChoices;
import java.util.Collections;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class NamesTest {
    private static Stream<Enum<?>> shown() {
        return Stream.<Enum<?>[]>of(
                        Activity.values(),
                        Allergen.values(),
                        Bubbles.values(),
                        Caution.values(),
                        Limit.values(),
                        Material.values(),
                        Measures.values(),
                        PlanChoices.Aim.values(),
                        Ring.Kind.values(),
                        Route.Kind.values(),
                        Route.Remark.values(),
                        Roux.Browning.values(),
                        SpoonCoat.values(),
                        StarchChoice.Reason.values(),
                        StarchKind.values(),
                        Swap.Keep.values(),
                        Target.Basis.values(),
                        TypicalPot.values(),
                        Liquid.values(),
                        Use.values(),
                        Verdict.Again.values(),
                        ColdManner.values(),
                        Cooling.Bath.values(),
                        JarEvent.Way.values(),
                        KeepingRule.values(),
                        TaskKind.values(),
                        Mishap.values(),
                        JobLine.Assumed.values(),
                        Audit.What.values(),
                        ApiTokens.Scope.values())
                .flatMap(Stream::of);
    }

    private static Stream<Enum<?>> seen() {
        return Stream.<Enum<?>[]>of(
                        Activity.values(), ColdManner.values(), StarchKind.values(), Use.values(), SpoonCoat.values())
                .flatMap(Stream::of);
    }

    @Test
    void everyKindThatIsShownHasAName() {
        assertThat(shown())
                .allSatisfy(kind -> assertThat(Names.of(kind))
                        .isNotBlank()
                        .isNotEqualTo(kind.name())
                        .doesNotContain("_"));
        assertThat(seen()).allSatisfy(kind -> assertThat(Names.look(kind)).isNotBlank());
    }

    @Test
    void noNameIsLeftOfWhatIsNoMore() {
        assertThat(Collections.list(ResourceBundle.getBundle("names").getKeys()))
                .containsExactlyInAnyOrderElementsOf(
                        Stream.concat(shown().map(Names::key), seen().map(kind -> Names.key(kind) + ".look"))
                                .toList());
    }

    @Test
    void whatHasNoNameIsNotShownRaw() {
        assertThatExceptionOfType(MissingResourceException.class).isThrownBy(() -> Names.of(EventKind.STIRRED));
    }
}
