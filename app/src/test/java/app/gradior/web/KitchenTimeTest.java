package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import java.net.http.HttpResponse;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Over real HTTP, in a kitchen of one's own: its clock, and texts that would bring a page down. */
@ExtendWith(RunningApplication.class)
class KitchenTimeTest {
    private static final String SETTINGS =
            "name=K&units=METRIC&measures=METRIC&temperature=CELSIUS&altitudeM=%s&roomC=%s&timeZone=%s";

    private final SignedIn person = TestKitchen.of("timekeeper").http();

    @Test
    void everyTimeIsTheKitchensWhereverTheServerIs() {
        Map<String, String> ids = person.furnish();
        assertThat(person.post("/kitchen", SETTINGS.formatted("300", "21,5", "Asia/Kathmandu"))
                        .statusCode())
                .isEqualTo(200);
        String clock = at("HH:mm", "Asia/Kathmandu");

        assertThat(time("/cooks/" + ids.get("cooks"))).isEqualTo(clock);
        assertThat(time("/sauces/" + ids.get("sauces"))).isEqualTo(at("d MMM, HH:mm", "Asia/Kathmandu"));
        String label = Jsoup.parse(person.get("/cooks/" + ids.get("cooks")).body())
                .select("#label")
                .text();
        assertThat(label).contains(at("d MMM", "Asia/Kathmandu"));
        person.post("/kitchen", SETTINGS.formatted("300", "21,5", "Pacific/Kiritimati"));
        assertThat(time("/cooks/" + ids.get("cooks"))).isEqualTo(at("HH:mm", "Pacific/Kiritimati"));
    }

    private String time(String page) {
        return Jsoup.parse(person.get(page).body()).select("time").first().text();
    }

    private static String at(String pattern, String zone) {
        return DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH)
                .format(RunningApplication.clock().instant().atZone(ZoneId.of(zone)));
    }

    @Test
    void aNewKitchenHasTheZoneOfItsBrowser() {
        SignedIn visitor = SignedIn.visitor(RunningApplication.address(), "traveller-" + UUID.randomUUID());
        visitor.post("/signup", "kitchen=K&timeZone=America/Bogota&password=three+long+words&name=" + visitor.name());

        assertThat(Jsoup.parse(visitor.get("/kitchen").body())
                        .select("#timeZone option[selected]")
                        .val())
                .isEqualTo("America/Bogota");
    }

    @ParameterizedTest
    @CsvSource({"abc, 20, altitudeM", "300, warm, roomC", "300, 99.5, roomC", "300.5, 20, altitudeM"})
    void settingsThatCannotBeAreSaidBesideTheirFieldAndNothingElseIsLost(String metres, String degrees, String field) {
        HttpResponse<String> refused = person.post("/kitchen", SETTINGS.formatted(metres, degrees, "Europe/Berlin"));

        assertThat(refused.statusCode()).isEqualTo(422);
        var page = Jsoup.parse(refused.body());
        assertThat(page.select("#" + field + " + .wrong").text()).isNotBlank();
        assertThat(page.select("#" + field).val()).isEqualTo(field.equals("roomC") ? degrees : metres);
        assertThat(page.select("#timeZone option[selected]").val()).isEqualTo("Europe/Berlin");
        assertThat(page.select("#name").val()).isEqualTo("K");
    }

    /** Each of these once made every page of its kitchen fail. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "20000 kg water",
                "99999999999 kg water",
                "99999999999 pinches salt",
                "1 g salt\nSimmer 5 min",
                "0.0001 g water\nReduce by half",
                "1 mg water\nSimmer 2 hours\nReduce to 300 kg",
                "300 kg water\n300 kg plums\n300 kg sugar\n300 kg salt\n300 kg honey\n300 kg wine\n300 kg stock\n300 kg cream",
                "1 g butter\nBoil 48 hours",
                "Reduce to 1 g\n500 g water\nReduce to grade 9\nStrain leaving 400 g\nReduce by 99 %"
            })
    void whatCanBeTypedCanBeReadAndTakesNothingElseDown(String text) {
        Map<String, String> ids = person.furnish();
        String sauce = person.post("/sauces/new", "name=Poison&text=" + SignedIn.encoded(text))
                .uri()
                .getPath();

        for (String page : List.of(
                "/",
                "/sauces",
                sauce,
                sauce + "/plan",
                sauce + "/versions",
                sauce + "/export.json",
                sauce + "/export.jsonld",
                "/sauces/export.json",
                "/sauces/" + ids.get("sauces") + "/plan")) {
            assertThat(person.get(page).statusCode()).as(page).isEqualTo(200);
        }
        for (String times : List.of("0.01", "100", "3")) {
            assertThat(person.post("/sauces/scale", "by=times&times=" + times + "&text=" + SignedIn.encoded(text))
                            .statusCode())
                    .isEqualTo(200);
        }
        assertThat(person.post("/sauces/swap", "line=0&food=honey&text=" + SignedIn.encoded(text))
                        .statusCode())
                .isLessThan(500);
    }

    @Test
    void eightWhoRestoreAVersionAtOnceAllDo() throws Exception {
        String sauce = person.furnish().get("sauces");
        person.post("/sauces/" + sauce, "version=1&name=Plum+sauce&text=700+g+plums");
        String token = person.token();
        assertThat(token).isNotBlank();
        ExecutorService eight = Executors.newFixedThreadPool(8);
        try {
            for (var answer : eight.invokeAll(IntStream.range(0, 8)
                    .<Callable<HttpResponse<String>>>mapToObj(
                            i -> () -> person.post("/sauces/" + sauce + "/versions/" + (i % 2 + 1) + "/restore", ""))
                    .toList())) {
                assertThat(answer.get().statusCode()).isEqualTo(200);
            }
        } finally {
            eight.shutdown();
        }
    }

    @Test
    void whatIsNoUploadIsRefusedAsNone() {
        String sauce = person.furnish().get("sauces");

        assertThat(person.post("/sauces/" + sauce + "/photo", "photo=x").statusCode())
                .isEqualTo(400);
    }

    @Test
    void anImportRepeatedStaysAnImport() {
        String text = SignedIn.encoded("400 g plums é漢字\n".repeat(1500));
        for (int i = 0; i < 3; i++) {
            assertThat(person.post("/sauces/import", "pasted=" + text).statusCode())
                    .isEqualTo(200);
        }
        assertThat(person.get("/sauces/new").statusCode()).isEqualTo(200);
    }

    @Test
    void aFormLargerThanAnyIsRefusedBeforeItIsRead() {
        assertThat(person.post("/sauces/read", "text=" + "x".repeat(700_000)).statusCode())
                .isEqualTo(413);
    }
}
