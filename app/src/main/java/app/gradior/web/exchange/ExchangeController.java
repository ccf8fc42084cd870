package app.gradior.web.exchange;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.ReadSauce;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceReader;
import app.gradior.web.sauce.SauceService;
import app.gradior.web.sauce.Workshop;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Sauces as files: out in open formats, in from them. */
@Controller
@RequestMapping("/sauces")
class ExchangeController {
    private static final int MAX_BYTES = 2 * 1024 * 1024;

    private final SauceService book;
    private final SauceReader reader;
    private final Workshop workshop;
    private final KitchenFiles files;
    private final JsonMapper json;

    ExchangeController(SauceService book, SauceReader reader, Workshop workshop, KitchenFiles files, JsonMapper json) {
        this.book = book;
        this.reader = reader;
        this.workshop = workshop;
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
                                .writeValueAsString(RecipeText.jsonLd(sauce.name(), read.written())));
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

    @GetMapping("/import")
    String ask() {
        return "sauce/import";
    }

    @PostMapping("/import")
    String takeIn(
            @InKitchen UUID kitchen,
            @RequestParam(required = false) MultipartFile file,
            @RequestParam(defaultValue = "") String pasted,
            RedirectAttributes said,
            Model model,
            HttpServletResponse response)
            throws IOException {
        try {
            String typed = file == null || file.isEmpty() ? pasted : text(file);
            if (typed.isBlank()) {
                throw new Unreadable("Choose a file or paste something first.");
            }
            return takeIn(kitchen, typed.strip(), said, model);
        } catch (Unreadable wrong) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("wrong", wrong.getMessage());
            model.addAttribute("pasted", pasted);
            return "sauce/import";
        }
    }

    private static String text(MultipartFile file) throws IOException, Unreadable {
        if (file.getSize() > MAX_BYTES) {
            throw new Unreadable("This file is larger than 2 MB: take out what is not a sauce.");
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file.getBytes()))
                    .toString()
                    .replace("\ufeff", "");
        } catch (CharacterCodingException e) {
            throw new Unreadable("This is not a text file in UTF-8: save it as text first.");
        }
    }

    private String takeIn(UUID kitchen, String typed, RedirectAttributes said, Model model) throws Unreadable {
        Optional<RecipeText> recipe;
        if (typed.startsWith("{") || typed.startsWith("[")) {
            JsonNode node;
            try {
                node = json.readTree(typed);
            } catch (JacksonException e) {
                throw new Unreadable("This looks like JSON but breaks off or is malformed: " + place(e) + ".");
            }
            if (node.path("format").asString("").startsWith("gradior-kitchen")) {
                List<Sauce> taken = files.takeIn(kitchen, files.read(node));
                said.addFlashAttribute("said", taken.size() + (taken.size() == 1 ? " sauce" : " sauces") + " read in.");
                return "redirect:/sauces";
            }
            recipe = RecipeText.ofJsonLd(node);
            if (recipe.isEmpty()) {
                throw new Unreadable(
                        "There is no recipe in this data: it needs an object whose @type is Recipe, or the format gradior-kitchen/1.");
            }
        } else if (typed.startsWith("<") || typed.contains("application/ld+json")) {
            recipe = RecipeText.ofHtml(typed, json);
            if (recipe.isEmpty()) {
                throw new Unreadable("This page carries no recipe data: paste its ingredient lines instead.");
            }
        } else {
            recipe = Optional.of(RecipeText.ofPlainText(typed));
        }
        return workshop.draft(kitchen, recipe.get().name(), recipe.get().text(), model);
    }

    private static String place(JacksonException e) {
        return e.getLocation() == null
                ? "look at its end"
                : "look at line " + e.getLocation().getLineNr() + ", column "
                        + e.getLocation().getColumnNr();
    }
}
