package app.gradior.web.live;

import app.gradior.cook.Forecast;
import app.gradior.quantity.Interval;
import app.gradior.web.batch.BatchService;
import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.text.UnitFormat;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.security.SecurityRequirement;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Cooks for a person's own programs: what is to be expected of them, and weighings that come in. */
@RestController
@RequestMapping("/api/cooks")
@Tag(name = "Cooks", description = "What is on the heat")
@SecurityRequirement(name = "token")
class CookApi {
    private final BatchService cooks;
    private final CookViews views;
    private final AtHand atHand;

    CookApi(BatchService cooks, CookViews views, AtHand atHand) {
        this.cooks = cooks;
        this.views = views;
        this.atHand = atHand;
    }

    /** A figure with its range: the truth lies within it in four cases of five. */
    @Schema(name = "Range", description = "A figure with its range, which holds the truth in four cases of five")
    record Range(double low, double middle, double high) {
        static Range of(Interval interval) {
            return new Range(interval.low(), interval.middle(), interval.high());
        }
    }

    @Schema(name = "Cook", description = "A cook as it is expected to be now and to go on")
    record CookState(
            UUID id,
            String sauce,
            String pot,
            Instant since,

            @Schema(description = "How often its entries have changed")
            long revision,

            @Schema(description = "The moment that the rest is about")
            Instant now,

            @Schema(description = "What is in the pot, g") Range grams,

            @Schema(description = "How thick it is at the stove, 1 to 7")
            Range grade,

            @Schema(description = "What it loses, g a minute")
            double gramsPerMinute,

            @Schema(
                    description = "Minutes to its target; null if it does not get there as it is going",
                    nullable = true)
            Range minutesLeft,

            boolean reached) {
        static CookState of(CookView view) {
            Forecast forecast = view.getForecast();
            return new CookState(
                    view.getRow().id(),
                    view.getRow().sauceName(),
                    view.getRow().potName(),
                    view.getRow().startedAt(),
                    view.getRow().revision(),
                    forecast.now(),
                    Range.of(forecast.grams()),
                    Range.of(forecast.grade()),
                    forecast.loss().gramsPerMinute(),
                    forecast.minutesLeft().map(Range::of).orElse(null),
                    forecast.reached());
        }
    }

    @Schema(name = "Weighing")
    record Weighing(
            @Schema(description = "An id made by the sender: the same sent again is stored once", nullable = true)
            UUID event,

            @Schema(description = "What the scale shows, g") double grams,

            @Schema(description = "Whether the pot is in it", defaultValue = "true")
            Boolean withPot,

            @Schema(description = "What the empty pot weighs, g, where Gradior does not know it", nullable = true)
            Double emptyPotGrams) {}

    @GetMapping(produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "All cooks under way")
    List<CookState> all(@InKitchen UUID kitchen) {
        return views.underWay(kitchen, UnitFormat.METRIC).stream()
                .map(CookState::of)
                .toList();
    }

    @GetMapping(path = "/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "One cook; of a finished one, as it came off")
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "404", description = "The kitchen has no such cook")
    CookState one(@InKitchen UUID kitchen, @PathVariable UUID id) {
        return CookState.of(views.of(cooks.find(kitchen, id), UnitFormat.METRIC));
    }

    @PostMapping(
            path = "/{id}/weighings",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(summary = "Enters what the pot weighs now", description = CookText.NEEDS_ITS_TOKEN)
    @ApiResponse(responseCode = "200")
    @ApiResponse(responseCode = "422", description = "It can't be so; the answer says why, in a sentence")
    CookState weigh(@InKitchen UUID kitchen, @PathVariable UUID id, @RequestBody Weighing weighing) {
        EventForm form = EventForm.weighed(
                weighing.event(),
                weighing.grams(),
                weighing.withPot() == null || weighing.withPot(),
                weighing.emptyPotGrams());
        EventReader.Kitchen known = atHand.of(kitchen);
        BatchService.StoredCook kept = cooks.append(
                kitchen, id, form.event(), form.content(), (row, cook) -> form.events(row, cook, known, cooks.now()));
        return CookState.of(views.of(kept, UnitFormat.METRIC));
    }

    @ExceptionHandler(BatchService.Refused.class)
    ResponseEntity<String> refused(BatchService.Refused why) {
        return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                .contentType(new MediaType(MediaType.TEXT_PLAIN, java.nio.charset.StandardCharsets.UTF_8))
                .body(why.getMessage());
    }
}
