package app.gradior.web.exchange;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import tools.jackson.databind.json.JsonMapper;

/** Sauces as files, in open formats. */
@Controller
@RequestMapping("/sauces")
class ExchangeController {
    private final SauceService book;
    private final SauceReader reader;
    private final KitchenFiles files;
    private final JsonMapper json;

    ExchangeController(SauceService book, SauceReader reader, KitchenFiles files, JsonMapper json) {
        this.book = book;
        this.reader = reader;
        this.files = files;
        this.json = json;
    }

    @GetMapping("/export.json")
    ResponseEntity<String> all(@InKitchen UUID kitchen) {
        List<Sauce> sauces = new ArrayList<>(book.all(kitchen));
        sauces.addAll(book.archived(kitchen));
        return file("sauces", "json", "application/json", files.write(kitchen, sauces));
    }

    @GetMapping("/{id}/export.{format}")
    ResponseEntity<String> one(@InKitchen UUID kitchen, @PathVariable UUID id, @PathVariable String format) {
        Sauce sauce = book.find(kitchen, id).orElseThrow(() -> new NotFound("sauce"));
        ReadSauce read = reader.read(kitchen, sauce);
        return switch (format) {
            case "txt" -> file(sauce.name(), format, "text/plain", RecipeText.plainText(sauce.name(), sauce.text()));
            case "md" -> file(sauce.name(), format, "text/markdown", RecipeText.markdown(sauce.name(), read.written()));
            case "jsonld" ->
                file(
                        sauce.name(),
                        format,
                        "application/ld+json",
                        json.writerWithDefaultPrettyPrinter()
                                .writeValueAsString(
                                        RecipeText.jsonLd(sauce.name(), read.written(), book.origin(kitchen, id))));
            case "json" -> file(sauce.name(), format, "application/json", files.write(kitchen, List.of(sauce)));
            default -> throw new NotFound("format");
        };
    }

    private static ResponseEntity<String> file(String name, String format, String type, String body) {
        String safe = name.replaceAll("[^\\p{L}\\p{N} _-]", "").strip();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, type + ";charset=UTF-8")
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename((safe.isEmpty() ? "sauce" : safe) + "." + format, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(body);
    }
}
