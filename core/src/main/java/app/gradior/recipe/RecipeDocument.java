package app.gradior.recipe;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Finds the recipes in a file or a pasted text: recipe data, a web page that carries it, or plain text. */
public final class RecipeDocument {
    /** As pages have it that were written by programs of all kinds. */
    private static final JsonMapper LENIENT = JsonMapper.builder()
            .enable(JsonReadFeature.ALLOW_UNESCAPED_CONTROL_CHARS)
            .enable(JsonReadFeature.ALLOW_TRAILING_COMMA)
            .enable(JsonReadFeature.ALLOW_JAVA_COMMENTS)
            .enable(JsonReadFeature.ALLOW_BACKSLASH_ESCAPING_ANY_CHARACTER)
            .build();

    private RecipeDocument() {}

    /** Bytes as text: by their mark, as UTF-8, or else as the western code page of old files. */
    public static String decode(byte[] bytes) {
        if (bytes.length > 1 && (bytes[0] & 0xff) == 0xff && (bytes[1] & 0xff) == 0xfe) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
        }
        if (bytes.length > 1 && (bytes[0] & 0xff) == 0xfe && (bytes[1] & 0xff) == 0xff) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString()
                    .replace("\ufeff", "");
        } catch (CharacterCodingException e) {
            return new String(bytes, Charset.forName("windows-1252"));
        }
    }

    /**
     * All recipes in a document, at least one.
     *
     * @throws NoRecipe if there is none that can be read
     */
    public static List<PublishedRecipe> read(String document) throws NoRecipe {
        String text = document.replace("\ufeff", "").replace("\u0000", "").strip();
        if (text.isEmpty()) {
            throw new NoRecipe(NoRecipe.Reason.EMPTY);
        }
        if (text.startsWith("{") || text.startsWith("[")) {
            List<PublishedRecipe> found = RecipeData.recipes(json(text));
            if (found.isEmpty()) {
                throw new NoRecipe(NoRecipe.Reason.DATA_WITHOUT_RECIPE);
            }
            return found;
        }
        boolean page = text.startsWith("<") || text.contains("application/ld+json");
        return page ? ofPage(text) : List.of(RecipePlainText.read(text));
    }

    private static JsonNode json(String text) throws NoRecipe {
        try {
            return LENIENT.readTree(text);
        } catch (StreamConstraintsException e) {
            throw new NoRecipe(NoRecipe.Reason.NESTED_TOO_DEEP);
        } catch (JacksonException e) {
            throw new NoRecipe(
                    NoRecipe.Reason.BROKEN_DATA,
                    e.getLocation() == null ? 0 : e.getLocation().getLineNr());
        }
    }

    private static List<PublishedRecipe> ofPage(String html) throws NoRecipe {
        Document page = Jsoup.parse(html);
        List<PublishedRecipe> found = new ArrayList<>();
        Optional<NoRecipe> broken = Optional.empty();
        for (Element script : page.select("script[type*=ld+json]")) {
            try {
                String data = script.data()
                        .replaceFirst("^\\s*(<!--|//<!\\[CDATA\\[|<!\\[CDATA\\[)", "")
                        .replaceFirst("(-->|//\\]\\]>|\\]\\]>)\\s*$", "");
                found.addAll(RecipeData.recipes(json(data)));
            } catch (NoRecipe e) {
                // A page may hold several blocks, and a broken one beside a good one.
                broken = Optional.of(e);
            }
        }
        if (found.isEmpty()) {
            found.addAll(marked(page));
        }
        if (!found.isEmpty()) {
            return found.stream().distinct().toList();
        }
        if (broken.isPresent()) {
            throw broken.get();
        }
        throw new NoRecipe(NoRecipe.Reason.PAGE_WITHOUT_RECIPE);
    }

    /** Recipes that a page marks in its own elements instead of in a block of data. */
    private static List<PublishedRecipe> marked(Document page) {
        List<PublishedRecipe> found = new ArrayList<>();
        for (Element recipe : page.select("[itemtype*=schema.org/Recipe]")) {
            List<String> ingredients = texts(recipe, "[itemprop=recipeIngredient], [itemprop=ingredients]");
            List<PublishedRecipe.Passage> method = new ArrayList<>();
            for (Element part : recipe.select("[itemprop=recipeInstructions]")) {
                List<String> items = texts(part, "li, p");
                (items.isEmpty() ? List.of(part.text()) : items)
                        .forEach(text -> method.add(new PublishedRecipe.Passage(Optional.empty(), text)));
            }
            if (!ingredients.isEmpty() || !method.isEmpty()) {
                found.add(new PublishedRecipe(
                        texts(recipe, "[itemprop=name]").stream().findFirst().orElse(page.title()),
                        texts(recipe, "[itemprop=recipeYield]").stream().findFirst(),
                        ingredients,
                        method,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
            }
        }
        return found;
    }

    private static List<String> texts(Element in, String query) {
        return in.select(query).stream()
                .map(element -> element.hasAttr("content") ? element.attr("content") : element.text())
                .filter(text -> !text.isBlank())
                .collect(Collectors.toList());
    }
}
