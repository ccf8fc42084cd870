package app.gradior.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class GradiorCommandTest {
    private static final String SAUCE = """
            Wine sauce

            30 g butter
            2 shallots, chopped
            300 ml red wine
            1 tbsp cornflour
            2 tbsp water

            Method
            Melt half the butter and soften the shallots for 5 minutes. Add the wine and boil until reduced by half.
            Mix the cornflour with the water, stir in and simmer for 1 minute. Off the heat, whisk in the rest of the butter.
            Serve over steak.
            """;

    private final JsonMapper json = JsonMapper.builder().build();

    @TempDir
    Path folder;

    private record Ran(int exit, String out, String err) {}

    private static Ran run(String... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        CommandLine command =
                GradiorCommand.commandLine().setOut(new PrintWriter(out)).setErr(new PrintWriter(err));
        return new Ran(command.execute(arguments), out.toString(), err.toString());
    }

    private String file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text).toString();
    }

    private static void assertFollows(String schema, String printed) throws IOException {
        var told = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/" + schema)));
        assertThat(told.validate(printed, com.networknt.schema.InputFormat.JSON))
                .isEmpty();
    }

    @Test
    void aRecipeIsPrintedAsItWasUnderstood() throws IOException {
        Ran ran = run("read", file("sauce.txt", SAUCE));

        JsonNode recipe = json.readTree(ran.out());
        assertThat(ran.exit()).isZero();
        assertFollows("gradior-recipe-1.schema.json", ran.out());
        assertThat(recipe.get("lines").get(1).get("food").asString()).isEqualTo("Shallot, raw");
        assertThat(recipe.get("steps")
                        .valueStream()
                        .map(step -> step.get("operation").asString()))
                .containsExactly("add", "add", "sweat", "add", "reduce", "slurry", "simmer", "finish");
        assertThat(recipe.get("steps").get(0).get("adds").get(0).get("grams").asDouble())
                .isEqualTo(15);
        assertThat(recipe.get("remarks").valueStream().map(JsonNode::asString)).containsExactly("Serve over steak.");
        assertThat(recipe.get("grams_out").asDouble()).isBetween(200.0, 270.0);
    }

    @Test
    void severalFilesArePrintedAsOneArrayAndWhatFailsSaysWhy() throws IOException {
        Ran ran = run(
                "read",
                file("sauce.txt", SAUCE),
                file("empty.txt", ""),
                folder.resolve("none").toString());

        JsonNode all = json.readTree(ran.out());
        assertThat(ran.exit()).isEqualTo(1);
        assertFollows("gradior-recipe-1.schema.json", ran.out());
        assertThat(all).hasSize(3);
        assertThat(all.get(1).get("error").asString()).isEqualTo("There is nothing in it.");
        assertThat(all.get(2).get("error").asString()).startsWith("This file can't be read");
    }

    @Test
    void whatIsAskedEndsWithOne() throws IOException {
        Ran ran = run("read", file("odd.txt", SAUCE.replace("2 shallots", "2 zorbs")));

        assertThat(ran.exit()).isEqualTo(1);
        assertThat(json.readTree(ran.out()).get("questions").get(0).get("about").asString())
                .isEqualTo("2 zorbs, chopped");
    }

    @Test
    void aPlanNamesItsRoutes() throws IOException {
        Ran ran =
                run("plan", file("sauce.txt", SAUCE), "--pot", "9.5in", "--surface", "lively-simmer", "--use", "toss");

        JsonNode plan = json.readTree(ran.out());
        assertThat(ran.exit()).isZero();
        assertFollows("gradior-routes-1.schema.json", ran.out());
        assertThat(plan.get("pot_cm").asDouble()).isEqualTo(24.13);
        assertThat(plan.get("sauce").asString()).contains("reduce by half");
        assertThat(plan.get("routes").valueStream().map(r -> r.get("kind").asString()))
                .contains(plan.get("suggested").asString());
    }

    @ParameterizedTest
    @CsvSource({
        "--pot,2cm,--pot takes a width from 8 to 60 cm",
        "--pot,wide,--pot takes a width",
        "--surface,raging,--surface knows no raging",
        "--use,soup,--use knows no soup",
        "--served,200,--served takes 0 to 95",
    })
    void aWrongOptionIsRefusedInWords(String option, String value, String said) throws IOException {
        Ran ran = run("plan", file("sauce.txt", SAUCE), option, value);

        assertThat(ran.exit()).isEqualTo(2);
        assertThat(ran.err()).contains(said);
        assertThat(ran.out()).isEmpty();
    }

    @Test
    void aPanThatDoesNotHoldItIsSaid() throws IOException {
        Ran ran = run(
                "plan", file("lots.txt", "Lots\n\n20 litres stock\n\nMethod\nBoil the stock until reduced by half.\n"));

        assertThat(ran.exit()).isEqualTo(1);
        assertThat(json.readTree(ran.out()).get("error").asString()).contains("does not hold the sauce");
        assertFollows("gradior-routes-1.schema.json", ran.out());
    }
}
