package app.gradior;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "app.gradior", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule coreNeedsTheJdkHipparchusAndCommonsTextsOnly = classes()
            .that()
            .resideOutsideOfPackages("app.gradior.recipe..", "app.gradior.evening..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "java..",
                    "app.gradior..",
                    "org.hipparchus..",
                    "org.apache.commons.csv..",
                    "org.apache.commons.text..");

    /** What recipes are published as is taken apart by the usual parsers; nothing behind that knows of them. */
    @ArchTest
    static final ArchRule onlyDocumentsOfRecipesNeedParsers = noClasses()
            .that()
            .haveSimpleNameNotStartingWith("Recipe")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.jsoup..", "tools.jackson..");

    @ArchTest
    static final ArchRule onlyEveningsNeedASolver = noClasses()
            .that()
            .resideOutsideOfPackage("app.gradior.evening..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.chocosolver..");

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
            .layer("recipe")
            .definedBy("app.gradior.recipe..")
            .layer("quick")
            .definedBy("app.gradior.quick..")
            .layer("cook")
            .definedBy("app.gradior.cook..")
            .layer("learning")
            .definedBy("app.gradior.learning..")
            .layer("keeping")
            .definedBy("app.gradior.keeping..")
            .layer("evening")
            .definedBy("app.gradior.evening..")
            .layer("practice")
            .definedBy("app.gradior.practice..")
            .whereLayer("practice")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("evening")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("keeping")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("learning")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("quick")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("recipe")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("cook")
            .mayOnlyBeAccessedByLayers("learning", "practice")
            .whereLayer("sauce")
            .mayOnlyBeAccessedByLayers("recipe", "keeping", "evening", "practice")
            .whereLayer("measure")
            .mayOnlyBeAccessedByLayers("sauce", "recipe", "keeping", "evening", "practice")
            .whereLayer("plan")
            .mayOnlyBeAccessedByLayers("cook", "sauce", "recipe", "quick", "learning", "evening", "practice")
            .whereLayer("pot")
            .mayOnlyBeAccessedByLayers("plan", "cook", "sauce", "recipe", "quick", "learning", "practice")
            .whereLayer("thickness")
            .mayOnlyBeAccessedByLayers("pot", "plan", "cook", "sauce", "recipe", "quick", "learning", "practice")
            .whereLayer("physics")
            .mayOnlyBeAccessedByLayers(
                    "thickness", "pot", "plan", "cook", "sauce", "recipe", "quick", "learning", "keeping", "practice");
}
