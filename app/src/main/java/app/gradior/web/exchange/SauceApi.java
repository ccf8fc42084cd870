package app.gradior.web.exchange;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.platform.NotFound;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.security.SecurityRequirement;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sauces, and the whole kitchen, for a person's own programs: in the same formats as they are downloaded in. */
@RestController
@RequestMapping("/api")
@Tag(name = "Sauces", description = "What the kitchen cooks, in the format gradior-kitchen/1")
@SecurityRequirement(name = "token")
class SauceApi {
    private final SauceService book;
    private final KitchenFiles files;
    private final ArchiveDownload download;

    SauceApi(SauceService book, KitchenFiles files, ArchiveDownload download) {
        this.book = book;
        this.files = files;
        this.download = download;
    }

    @GetMapping(path = "/sauces", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "All sauces with their versions, and the foods and habits that their lines need")
    String all(@InKitchen UUID kitchen) {
        List<Sauce> sauces = new ArrayList<>(book.all(kitchen));
        sauces.addAll(book.archived(kitchen));
        return files.write(kitchen, sauces);
    }

    @GetMapping(path = "/sauces/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "One sauce")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "404", description = "The kitchen has no such sauce")
    String one(@InKitchen UUID kitchen, @PathVariable UUID id) {
        return files.write(kitchen, List.of(book.find(kitchen, id).orElseThrow(() -> new NotFound("sauce"))));
    }

    @GetMapping("/everything.zip")
    @Operation(
            summary = "The whole kitchen with its pictures, as it moves house",
            description = ExchangeText.NEEDS_ITS_TOKEN)
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "application/zip"))
    void everything(@InKitchen UUID kitchen, HttpServletResponse response) throws IOException {
        download.send(kitchen, response);
    }
}
