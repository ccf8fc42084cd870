package app.gradior;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.library.Architectures;
import java.time.Clock;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.stereotype.Controller;

/** The rooms of the application and the way between them: one way up, no circles. */
@AnalyzeClasses(packages = "app.gradior.web", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    /** From the ground up; a room may lean on those before it. */
    private static final String[] GROUND = {
        "platform", "text", "kitchen", "food", "equipment", "sauce", "batch", "keeping", "learning", "planning", "live"
    };

    /** They lean on the rooms below, and on no other place but where it is said. */
    private static final String[] PLACES = {
        "stove", "pots", "journal", "evening", "practice", "quick", "device", "exchange", "demo", "help"
    };

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("app.gradior.web.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule ARROWS_GO_ONE_WAY = layers();

    private static ArchRule layers() {
        Architectures.LayeredArchitecture layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String room : GROUND) {
            layers = layers.layer(room).definedBy("app.gradior.web." + room + "..");
        }
        for (String place : PLACES) {
            layers = layers.layer(place).definedBy("app.gradior.web." + place + "..");
        }
        for (int i = 0; i < GROUND.length; i++) {
            String[] above = new String[GROUND.length - i - 1 + PLACES.length];
            System.arraycopy(GROUND, i + 1, above, 0, GROUND.length - i - 1);
            System.arraycopy(PLACES, 0, above, GROUND.length - i - 1, PLACES.length);
            layers = layers.whereLayer(GROUND[i]).mayOnlyBeAccessedByLayers(above);
        }
        // The demo comes in by the door that files come in by.
        return layers.whereLayer("journal")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("exchange")
                .mayOnlyBeAccessedByLayers("demo")
                .whereLayer("evening")
                .mayOnlyBeAccessedByLayers("demo")
                .whereLayer("practice")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("stove")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("pots")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("quick")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("device")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("help")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("demo")
                .mayNotBeAccessedByAnyLayer();
    }

    /** The clock of the application ticks in microseconds, and such a one can't tell milliseconds: it divides by zero. */
    @ArchTest
    static final ArchRule NOBODY_ASKS_THE_CLOCK_FOR_MILLISECONDS =
            noClasses().should().callMethod(Clock.class, "millis");

    private static final DescribedPredicate<JavaClass> MAPPER =
            DescribedPredicate.describe("a mapper", c -> c.isAnnotatedWith(Mapper.class));

    @ArchTest
    static final ArchRule MAPPERS_ARE_INTERFACES =
            classes().that(MAPPER).should().beInterfaces();

    @ArchTest
    static final ArchRule NOBODY_REACHES_INTO_THE_COOKS_ROWS = noClasses()
            .that()
            .resideOutsideOfPackage("app.gradior.web.batch..")
            .should()
            .dependOnClassesThat()
            .haveSimpleName("CookMapper");

    /** More than this, and a screen's work wants a class of its own. */
    private static final int MAX_COLLABORATORS = 5;

    @ArchTest
    static final ArchRule CONTROLLERS_LEAVE_THE_WORK_TO_OTHERS = classes()
            .that()
            .areMetaAnnotatedWith(Controller.class)
            .should(new ArchCondition<>("have at most " + MAX_COLLABORATORS + " collaborators") {
                @Override
                public void check(JavaClass controller, ConditionEvents events) {
                    long held = controller.getFields().stream()
                            .filter(field -> !field.getModifiers().contains(JavaModifier.STATIC))
                            .count();
                    if (held > MAX_COLLABORATORS) {
                        events.add(SimpleConditionEvent.violated(controller, controller.getName() + " has " + held));
                    }
                }
            });

    @ArchTest
    static final ArchRule CONTROLLERS_REACH_NO_OTHER_ROOMS_ROWS = classes()
            .that()
            .areMetaAnnotatedWith(Controller.class)
            .should(new ArchCondition<>("reach no mapper of another room") {
                @Override
                public void check(JavaClass controller, ConditionEvents events) {
                    controller.getDirectDependenciesFromSelf().stream()
                            .filter(to -> MAPPER.test(to.getTargetClass())
                                    && !to.getTargetClass().getPackage().equals(controller.getPackage()))
                            .forEach(to -> events.add(SimpleConditionEvent.violated(to, to.getDescription())));
                }
            });
}
