package app.gradior.web.device;

import app.gradior.measure.NumberInput;
import app.gradior.web.kitchen.Throttle;
import io.github.bucket4j.Bucket;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.security.SecurityRequirement;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Where devices send what they measure: see {@code docs/formats/device-feed.md}. */
@Tag(name = "Devices", description = "What scales and probes send")
@SecurityRequirement(name = "device")
@RestController
class FeedController {
    private static final int MAX_BYTES = 16 * 1024;
    private static final int MAX_VALUES = 100;
    private static final Duration OLDEST = Duration.ofHours(1);
    private static final Duration CLOCK_SLACK = Duration.ofMinutes(2);

    /** Five requests a second, with some in hand after a pause. */
    private static final int PER_SECOND = 5;

    private static final int IN_HAND = 20;

    private final Devices devices;
    private final Throttle throttle;
    private final JsonMapper json;
    private final Map<UUID, Bucket> buckets = new ConcurrentHashMap<>();

    FeedController(Devices devices, Throttle throttle, JsonMapper json) {
        this.devices = devices;
        this.throttle = throttle;
        this.json = json;
    }

    private static final class Malformed extends Exception {
        private static final long serialVersionUID = 1;

        Malformed(String message) {
            super(message);
        }
    }

    /** A value as a device sends it. */
    @Schema(name = "Measured")
    record Sent(
            @Schema(description = "Grams on the scale, pot and all, or degrees Celsius")
            double value,

            @Schema(description = "UTC, within the last hour; now if it is left out", nullable = true)
            Instant at) {}

    @PostMapping("/feed/{id}")
    @Operation(
            summary = "Takes what a scale or a probe measures",
            description = DeviceText.FEED,
            requestBody =
                    @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            content = {
                                @Content(
                                        mediaType = MediaType.APPLICATION_JSON_VALUE,
                                        schema = @Schema(implementation = Sent.class)),
                                @Content(mediaType = "text/csv", schema = @Schema(type = "string"))
                            }))
    @ApiResponse(responseCode = "204", description = "Taken")
    @ApiResponse(responseCode = "400", description = "Malformed; the answer says why, in a sentence")
    @ApiResponse(responseCode = "401", description = "No device has this id and token")
    @ApiResponse(responseCode = "413", description = "More than 16 KB")
    @ApiResponse(responseCode = "429", description = "More than five a second")
    ResponseEntity<String> take(
            @PathVariable UUID id,
            @Parameter(hidden = true) @RequestHeader(value = "Authorization", defaultValue = "") String authorization,
            @Parameter(hidden = true) @RequestHeader(value = "Content-Type", defaultValue = "application/json")
                    String type,
            HttpServletRequest request)
            throws IOException {
        var device = devices.proved(id, authorization.replaceFirst("^Bearer ", ""));
        if (device.isEmpty()) {
            // A right token is never made to wait: only whoever guesses.
            Optional<Duration> wait = throttle.tried(Throttle.Kind.TOKEN, Throttle.address(request.getRemoteAddr()));
            if (wait.isPresent()) {
                return said(HttpStatus.TOO_MANY_REQUESTS, DeviceText.wrongTokens(Throttle.minutes(wait.get())));
            }
            return said(HttpStatus.UNAUTHORIZED, DeviceText.NO_SUCH_DEVICE);
        }
        Bucket bucket = buckets.computeIfAbsent(
                id,
                i -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(IN_HAND).refillGreedy(PER_SECOND, Duration.ofSeconds(1)))
                        .build());
        if (!bucket.tryConsume(1)) {
            return said(HttpStatus.TOO_MANY_REQUESTS, DeviceText.TOO_FAST);
        }
        byte[] body = request.getInputStream().readNBytes(MAX_BYTES + 1);
        if (body.length > MAX_BYTES) {
            return said(HttpStatus.CONTENT_TOO_LARGE, DeviceText.TOO_LARGE);
        }
        String text = new String(body, StandardCharsets.UTF_8);
        try {
            devices.keep(device.get(), type.startsWith("text/csv") ? csv(text) : json(text));
            return ResponseEntity.noContent().build();
        } catch (Malformed wrong) {
            return said(HttpStatus.BAD_REQUEST, wrong.getMessage());
        }
    }

    private static ResponseEntity<String> said(HttpStatus status, String words) {
        return ResponseEntity.status(status).contentType(MediaType.TEXT_PLAIN).body(words);
    }

    private List<Devices.Measured> json(String text) throws Malformed {
        JsonNode node;
        try {
            node = json.readTree(text);
        } catch (JacksonException e) {
            throw new Malformed(DeviceText.NO_JSON);
        }
        List<Devices.Measured> values = new ArrayList<>();
        for (JsonNode one : node.isArray() ? node : List.of(node)) {
            if (!one.path("value").isNumber()) {
                throw new Malformed(DeviceText.JSON_FORM);
            }
            values.add(measured(one.path("value").asDouble(), one.path("at").asString("")));
            bounded(values);
        }
        return values;
    }

    private List<Devices.Measured> csv(String text) throws Malformed {
        List<Devices.Measured> values = new ArrayList<>();
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try {
            for (CSVRecord row : format.parse(new StringReader(text))) {
                values.add(measured(
                        NumberInput.read(row.get("value")).orElseThrow(IllegalArgumentException::new),
                        row.isMapped("at") ? row.get("at") : ""));
                bounded(values);
            }
        } catch (IOException | java.io.UncheckedIOException | IllegalArgumentException e) {
            throw new Malformed(DeviceText.CSV_FORM);
        }
        return values;
    }

    private static void bounded(List<Devices.Measured> values) throws Malformed {
        if (values.size() > MAX_VALUES) {
            throw new Malformed(DeviceText.TOO_MANY_VALUES);
        }
    }

    private Devices.Measured measured(double value, String at) throws Malformed {
        if (!Double.isFinite(value)) {
            throw new Malformed(DeviceText.NOT_FINITE);
        }
        Instant now = devices.now();
        if (at.isEmpty()) {
            return new Devices.Measured(value, now);
        }
        try {
            Instant moment = Instant.parse(at).truncatedTo(ChronoUnit.MICROS);
            if (moment.isBefore(now.minus(OLDEST)) || moment.isAfter(now.plus(CLOCK_SLACK))) {
                throw new Malformed(DeviceText.TOO_OLD);
            }
            return new Devices.Measured(value, moment);
        } catch (DateTimeParseException e) {
            throw new Malformed(DeviceText.TIME_FORM);
        }
    }
}
