package app.gradior;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "app.gradior", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule coreNeedsTheJdkHipparchusAndCommonsTextsOnly = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "java..",
                    "app.gradior..",
                    "org.hipparchus..",
                    "org.apache.commons.csv..",
                    "org.apache.commons.text..");

    @ArchTest
    static final ArchRule arrowsPointOneWay = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("quantity")
            .definedBy("app.gradior.quantity..")
            .layer("food")
            .definedBy("app.gradior.food..")
            .layer("measure")
            .definedBy("app.gradior.measure..")
            .layer("physics")
            .definedBy("app.gradior.physics..")
            .layer("thickness")
            .definedBy("app.gradior.thickness..")
            .layer("pot")
            .definedBy("app.gradior.pot..")
            .layer("plan")
            .definedBy("app.gradior.plan..")
            .layer("sauce")
            .definedBy("app.gradior.sauce..")
            .layer("cook")
            .definedBy("app.gradior.cook..")
            .whereLayer("cook")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("sauce")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("measure")
            .mayOnlyBeAccessedByLayers("sauce")
            .whereLayer("plan")
            .mayOnlyBeAccessedByLayers("cook", "sauce")
            .whereLayer("pot")
            .mayOnlyBeAccessedByLayers("plan", "cook", "sauce")
            .whereLayer("thickness")
            .mayOnlyBeAccessedByLayers("pot", "plan", "cook", "sauce")
            .whereLayer("physics")
            .mayOnlyBeAccessedByLayers("thickness", "pot", "plan", "cook", "sauce");
}
