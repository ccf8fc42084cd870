package app.gradior.cli;

import app.gradior.recipe.NoRecipe;
import app.gradior.recipe.PublishedRecipe;
import app.gradior.recipe.ReadRecipe;
import app.gradior.recipe.RecipeDocument;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.json.JsonMapper;

/** Prints what is understood of recipes. */
@Command(
        name = "read",
        description = "Prints what is understood of recipes as JSON; ends with 1 where something was not understood.",
        mixinStandardHelpOptions = true)
final class ReadCommand implements Callable<Integer> {
    private static final int UNDERSTOOD = 0;
    private static final int NOT_ALL = 1;

    @Parameters(
            arity = "1..*",
            paramLabel = "FILE",
            description = "Recipe data (JSON-LD), a web page that carries it, or plain text.")
    private List<Path> files;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        boolean all = true;
        List<Map<String, Object>> printed = new ArrayList<>();
        for (Path file : files) {
            try {
                for (PublishedRecipe recipe : RecipeDocument.read(RecipeDocument.decode(Files.readAllBytes(file)))) {
                    ReadRecipe read = ReadRecipe.of(recipe);
                    all &= read.questions().isEmpty();
                    printed.add(new RecipeJson(read).of(file.toString()));
                }
            } catch (NoRecipe e) {
                all = false;
                printed.add(failed(file, QuestionText.of(e)));
            } catch (IOException e) {
                all = false;
                printed.add(failed(file, "This file can't be read: " + e.getMessage() + "."));
            }
        }
        PrintWriter out = spec.commandLine().getOut();
        JsonMapper json = JsonMapper.builder().build();
        out.println(json.writerWithDefaultPrettyPrinter()
                .writeValueAsString(printed.size() == 1 && files.size() == 1 ? printed.get(0) : printed));
        out.flush();
        return all ? UNDERSTOOD : NOT_ALL;
    }

    private static Map<String, Object> failed(Path file, String why) {
        Map<String, Object> failed = new LinkedHashMap<>();
        failed.put("file", file.toString());
        failed.put("error", why);
        return failed;
    }
}
