package app.gradior.web.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.cook.CookEvent;
import app.gradior.keeping.JarEvent;
import app.gradior.keeping.Place;
import app.gradior.thickness.SpoonCoat;
import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.kitchen.Accounts;
import app.gradior.web.kitchen.KitchenUser;
import app.gradior.web.kitchen.NewKitchen;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import com.google.zxing.Binarizer;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Jars are filled from a batch, live through what happens to them, carry labels and dates, and belong to one kitchen. */
@ExtendWith(RunningApplication.class)
class JarsTest {
    private final Jars jars;
    private final JarSizes sizes;
    private final JarTotals totals;
    private final SauceKeeping keeping;
    private final BatchService cooks;
    private final SauceService sauces;
    private final Accounts accounts;
    private final TestKitchen own = TestKitchen.of("filler");
    private final TestKitchen other = TestKitchen.of("neighbour");
    private Sauce plum;
    private KitchenPot pot;

    JarsTest(
            Jars jars,
            JarSizes sizes,
            JarTotals totals,
            SauceKeeping keeping,
            BatchService cooks,
            SauceService sauces,
            Accounts accounts) {
        this.jars = jars;
        this.sizes = sizes;
        this.totals = totals;
        this.keeping = keeping;
        this.cooks = cooks;
        this.sauces = sauces;
        this.accounts = accounts;
    }

    @BeforeEach
    void aPotAndASauce() {
        pot = own.casserole();
        plum = own.sauce("Plum dip", "800 g plums\n150 ml water\n60 g caster sugar");
    }

    private MvcTestResult post(TestKitchen by, String path, String... fields) {
        var request = TestKitchen.mvc().post().uri(path).with(user(by.cook())).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            request = request.param(fields[i], fields[i + 1]);
        }
        return request.exchange();
    }

    private MvcTestResult get(TestKitchen by, String path) {
        return TestKitchen.mvc().get().uri(path).with(user(by.cook())).exchange();
    }

    private String page(String path) {
        MvcTestResult answer = get(own, path);
        assertThat(answer).hasStatusOk();
        return new String(answer.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
    }

    private UUID batch(Sauce sauce) {
        UUID id = UUID.randomUUID();
        assertThat(post(
                        own,
                        "/cooks",
                        "cook",
                        id.toString(),
                        "plan",
                        UUID.randomUUID().toString(),
                        "sauce",
                        sauce.id().toString(),
                        "pot",
                        pot.id().toString(),
                        "aim",
                        "thick",
                        "use",
                        "POUR"))
                .hasStatus3xxRedirection();
        RunningApplication.clock().pass(Duration.ofMinutes(20));
        var left =
                cooks.find(own.id(), id).cook().forecast(cooks.now()).current().mass();
        cooks.append(
                own.id(),
                id,
                new CookEvent.Finished(
                        UUID.randomUUID(), cooks.now(), Optional.of(left), Optional.of(SpoonCoat.LINE_FILLS)));
        return id;
    }

    private List<JarRow> fill(UUID batch, String place, String... millilitres) {
        String[] fields = new String[4 + 4 * millilitres.length];
        fields[0] = "form";
        fields[1] = UUID.randomUUID().toString();
        fields[2] = "place";
        fields[3] = place;
        for (int i = 0; i < millilitres.length; i++) {
            fields[4 + 4 * i] = "size";
            fields[5 + 4 * i] = "";
            fields[6 + 4 * i] = "into";
            fields[7 + 4 * i] = millilitres[i];
        }
        assertThat(post(own, "/journal/" + batch + "/jars", fields)).hasStatus3xxRedirection();
        return jars.ofBatch(own.id(), batch);
    }

    private MvcTestResult happens(JarRow jar, String kind, String... more) {
        String[] fields = new String[4 + more.length];
        fields[0] = "id";
        fields[1] = UUID.randomUUID().toString();
        fields[2] = "kind";
        fields[3] = kind;
        System.arraycopy(more, 0, fields, 4, more.length);
        return post(own, "/shelf/" + jar.id() + "/events", fields);
    }

    private JarRow now(JarRow jar) {
        return jars.get(own.id(), jar.id());
    }

    @Test
    void aJarIsFilledOpenedTakenFromFrozenAndFinishedAndEachIsUndone() {
        JarRow jar = fill(batch(plum), "FRIDGE", "180").get(0);
        LocalDate made = jar.madeAt().atZone(ZoneOffset.UTC).toLocalDate();
        assertThat(jar.useBy()).isEqualTo(made.plusDays(jar.keeping().closedDays()));

        happens(jar, "taken", "taken", "30");
        assertThat(now(jar).leftMl()).isCloseTo(150, within(1e-9));
        assertThat(now(jar).opened()).isTrue();
        happens(jar, "frozen");
        assertThat(now(jar).place()).isEqualTo(Place.FREEZER);
        happens(jar, "fridge");
        assertThat(now(jar).thawed()).isTrue();
        happens(jar, "frozen");
        assertThat(now(jar).place()).as("frozen once").isEqualTo(Place.FRIDGE);
        happens(jar, "finished");
        assertThat(now(jar).gone()).isEqualTo(JarEvent.Way.FINISHED);
        assertThat(page("/shelf?jar=" + jar.id())).contains("finished").contains("30 ml taken");

        Jars.Happened last = jars.history(own.id(), jar.id()).get(0);
        post(
                own,
                "/shelf/" + jar.id() + "/undo",
                "id",
                UUID.randomUUID().toString(),
                "event",
                last.event().id().toString());
        assertThat(now(jar).here()).isTrue();
        assertThat(now(jar).revision())
                .isEqualTo(jars.history(own.id(), jar.id()).size());
        assertThat(last.person()).isEqualTo(own.name());
    }

    @Test
    void whatIsSaidOfABatchStandsInTheLogOfItsJarsUntilItIsTakenBack() {
        UUID batch = batch(plum);
        JarRow jar = fill(batch, "FRIDGE", "180").get(0);
        String log = "/shelf?jar=" + jar.id();
        assertThat(page(log)).doesNotContain("a little thick");

        post(own, "/journal/" + batch + "/verdict", "thickness", "1", "words", "stands up on the spoon");

        assertThat(page(log)).contains("a little thick: “stands up on the spoon”");
        assertThat(get(other, log)).bodyText().doesNotContain("stands up on the spoon");
        MvcTestResult undone = post(
                own,
                "/journal/" + batch + "/verdict/remove",
                "nextDay",
                "false",
                "jar",
                jar.id().toString());
        assertThat(undone).hasRedirectedUrl("/shelf?jar=" + jar.id() + "#jar");
        assertThat(page(log)).doesNotContain("a little thick");
    }

    @Test
    void numbersAreNeverGivenTwiceAndASecondSendFillsNothing() {
        UUID batch = batch(plum);
        String form = UUID.randomUUID().toString();
        String[] two = {"form", form, "place", "FRIDGE", "size", "", "into", "100", "size", "", "into", "90"};
        post(own, "/journal/" + batch + "/jars", two);
        long writes = TestKitchen.writes(own.id());
        post(own, "/journal/" + batch + "/jars", two);
        assertThat(TestKitchen.writes(own.id())).isGreaterThan(writes);
        assertThat(jars.ofBatch(own.id(), batch)).extracting(JarRow::number).containsExactly(1, 2);
        jars.ofBatch(own.id(), batch).forEach(jar -> happens(jar, "thrown"));
        assertThat(fill(batch(plum), "FRIDGE", "50")).extracting(JarRow::number).containsExactly(3);
        assertThat(jars.all(own.id()).stream().map(JarRow::code)).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @CsvSource({"0", "-5", "a lot", "9001", "NaN"})
    void whatCannotBeFilledIsSaidBesideItsFieldAndNothingIsKept(String typed) {
        UUID batch = batch(plum);
        MvcTestResult answer = post(
                own,
                "/journal/" + batch + "/jars",
                "form",
                UUID.randomUUID().toString(),
                "place",
                "FRIDGE",
                "size",
                "",
                "into",
                "100",
                "size",
                "",
                "into",
                typed);
        assertThat(answer).hasStatus(422).bodyText().contains("Give millilitres");
        assertThat(answer).bodyText().contains("value=\"100\"");
        assertThat(jars.ofBatch(own.id(), batch)).isEmpty();
        assertThat(post(
                        own,
                        "/journal/" + batch + "/jars",
                        "form",
                        UUID.randomUUID().toString(),
                        "place",
                        "FRIDGE"))
                .hasStatus(422);
    }

    @Test
    void fillingIsProposedByTheJarsAtHandAndAddsUp() {
        assertThat(post(own, "/shelf/sizes", "name", "small jar", "brimMl", "190", "tallCm", "8.5", "owned", "2"))
                .hasStatus3xxRedirection();
        assertThat(post(own, "/shelf/sizes", "name", "", "brimMl", "5", "tallCm", "x", "owned", "-1"))
                .hasStatus(422)
                .bodyText()
                .contains("Give it a name")
                .contains("Say how many millilitres")
                .contains("Measure its height")
                .contains("Say how many you have");
        UUID batch = batch(plum);
        assertThat(page("/journal/" + batch + "/jars?place=FRIDGE"))
                .contains("small jar")
                .contains("left over");
        String size = sizes.all(own.id()).get(0).id().toString();
        post(
                own,
                "/journal/" + batch + "/jars",
                "form",
                UUID.randomUUID().toString(),
                "place",
                "FRIDGE",
                "size",
                size,
                "into",
                "165");
        assertThat(sizes.all(own.id()).get(0).atHand()).isEqualTo(1);
        assertThat(page("/journal/" + batch)).contains("jar 1");
        happens(jars.ofBatch(own.id(), batch).get(0), "given");
        assertThat(sizes.all(own.id()).get(0).atHand()).isEqualTo(2);
    }

    @Test
    void twoDevicesChangeAJarAndBothAreKeptAndTold() {
        JarRow jar = fill(batch(plum), "FRIDGE", "180").get(0);
        happens(jar, "opened", "seen", "1");
        MvcTestResult second = happens(jar, "taken", "taken", "20", "seen", "1");
        assertThat(second.getMvcResult().getFlashMap().get("meanwhile").toString())
                .contains("opened");
        assertThat(now(jar).leftMl()).isCloseTo(160, within(1e-9));
        assertThat(now(jar).revision()).isEqualTo(3);
        // The same sent again changes nothing.
        String id = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            post(own, "/shelf/" + jar.id() + "/events", "id", id, "kind", "taken", "taken", "10");
        }
        assertThat(now(jar).leftMl()).isCloseTo(150, within(1e-9));
        assertThat(happens(jar, "taken", "taken", "151")
                        .getMvcResult()
                        .getFlashMap()
                        .get("wrong"))
                .isEqualTo(ShelfText.TAKEN);
    }

    @Test
    void anotherKitchenSeesNoneOfIt() {
        UUID batch = batch(plum);
        JarRow jar = fill(batch, "FRIDGE", "180").get(0);
        String id = UUID.randomUUID().toString();
        assertThat(get(other, "/shelf?jar=" + jar.id())).hasStatus(404);
        assertThat(get(other, "/j/" + jar.code())).hasStatus(404);
        assertThat(get(other, "/journal/" + batch + "/jars")).hasStatus(404);
        assertThat(post(other, "/shelf/" + jar.id() + "/events", "id", id, "kind", "opened"))
                .hasStatus(404);
        assertThat(post(other, "/shelf/" + jar.id() + "/undo", "id", id, "event", id))
                .hasStatus(404);
        assertThat(post(other, "/shelf/cooling/" + batch)).hasStatus(404);
        assertThat(get(other, "/shelf/jars.ics")).bodyText().doesNotContain("Plum");
        assertThat(totals.of(other.id(), List.of(plum.id()))).isEmpty();
        assertThat(get(own, "/j/" + jar.code().toUpperCase(Locale.ROOT)))
                .hasRedirectedUrl("/shelf?jar=" + jar.id() + "#jar");
    }

    @Test
    void whatCoolsIsToldUntilItIsInTheFridgeWhetherItWasFilledOrNot() {
        UUID unfilled = batch(plum);
        assertThat(get(own, "/shelf/cooling")).bodyText().contains(unfilled.toString());
        assertThat(post(own, "/shelf/cooling/" + unfilled)).hasStatus3xxRedirection();
        assertThat(get(own, "/shelf/cooling")).bodyText().isEqualTo("[]");
        JarRow all = jars.ofBatch(own.id(), unfilled).get(0);
        assertThat(all.place()).isEqualTo(Place.FRIDGE);
        assertThat(all.stoodOut()).isFalse();

        UUID filled = batch(plum);
        JarRow jar = fill(filled, "COUNTER", "100", "100").get(1);
        assertThat(jar.useBy()).isNull();
        RunningApplication.clock().pass(Duration.ofMinutes(130));
        assertThat(page("/shelf?jar=" + jar.id())).contains("out for too long").contains("in ice water");
        post(own, "/shelf/cooling/" + filled);
        assertThat(now(jar).place()).isEqualTo(Place.FRIDGE);
        assertThat(now(jar).stoodOut()).isTrue();
        assertThat(get(own, "/shelf/cooling")).bodyText().isEqualTo("[]");
    }

    @Test
    void whatIsLeftIsSaidWhereItHelps() {
        fill(batch(plum), "FRIDGE", "180", "120");
        assertThat(page("/sauces")).contains("2 jars left");
        assertThat(page("/sauces/" + plum.id() + "/plan")).contains("2 jars left, 300 ml");
        RunningApplication.clock().pass(Duration.ofDays(9));
        assertThat(page("/")).contains("jar 1: ");
        assertThat(page("/shelf?q=plum")).contains("jar 2");
        assertThat(page("/shelf?q=100%25")).contains("No jar is like that");
    }

    /** A page of a sheet as a camera sees it: its codes lead to the jars that they are on, and no word is lost. */
    @ParameterizedTest
    @CsvSource({"3, 7, 210, 297", "1, 1, 62, 40", "2, 8, 216, 279"})
    void labelsFitAndTheirCodesAreRead(int columns, int rows, double width, double height) throws Exception {
        Sauce long1 = own.sauce(
                "Slow-roasted blackcurrant, juniper and smoked paprika reduction for cold winter evenings",
                "500 ml double cream\n100 g celery\n30 g peanut butter\n20 g dijon mustard\n200 ml red wine");
        List<JarRow> filled = fill(batch(long1), "FRIDGE", "180", "90");
        MvcTestResult answer = get(
                own,
                "/shelf/labels.pdf?jar=" + filled.get(0).id() + "&jar="
                        + filled.get(1).id() + "&columns=" + columns + "&rows=" + rows + "&width=" + width + "&height="
                        + height + "&edges=on");
        assertThat(answer).hasStatusOk();
        try (PDDocument pdf = Loader.loadPDF(answer.getResponse().getContentAsByteArray())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(columns * rows == 1 ? 2 : 1);
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isCloseTo((float) (width * 72 / 25.4), within(0.1f));
            LabelSheet sheet = LabelSheet.of(
                    Map.of("columns", "" + columns, "rows", "" + rows, "width", "" + width, "height", "" + height),
                    new FieldErrors());
            for (int i = 0; i < 2; i++) {
                boolean next = columns * rows == 1 && i == 1;
                assertThat(code(new PDFRenderer(pdf), next ? 1 : 0, sheet, next ? 0 : i))
                        .endsWith("/j/" + filled.get(i).code());
            }
            String words = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            assertThat(words)
                    .contains("cold winter evenings")
                    .contains("celery")
                    .contains("peanut")
                    .contains("jar " + filled.get(0).number());
        }
        assertThat(page("/shelf/labels?jar=" + filled.get(0).id() + "&columns=20"))
                .contains("Labels");
        assertThat(get(own, "/shelf/labels.pdf?jar=" + filled.get(0).id() + "&columns=x"))
                .hasStatus(400);
        assertThat(page("/shelf/labels?jar=" + filled.get(0).id() + "&columns=x&width=9000"))
                .contains("Give a whole number from 1 to 20")
                .contains("Give millimetres from 20 to 500");
    }

    /** What a camera reads that looks at one label: more than once, from nearer and farther, as some codes are missed by one look. */
    private static String code(PDFRenderer sheet, int page, LabelSheet layout, int label) throws Exception {
        ReaderException missed = null;
        for (int dpi : new int[] {300, 240, 400}) {
            RGBLuminanceSource seen = seen(sheet.renderImageWithDPI(page, dpi), dpi / 25.4, layout, label);
            for (Binarizer look : List.of(new HybridBinarizer(seen), new GlobalHistogramBinarizer(seen))) {
                try {
                    return new QRCodeReader()
                            .decode(new BinaryBitmap(look), Map.of(DecodeHintType.TRY_HARDER, true))
                            .getText();
                } catch (ReaderException e) {
                    missed = e;
                }
            }
        }
        throw missed;
    }

    private static RGBLuminanceSource seen(BufferedImage sheet, double perMm, LabelSheet layout, int label) {
        LabelSheet.Spot spot = layout.spots(label + 1).get(label);
        BufferedImage image = sheet.getSubimage(
                (int) ((spot.x() + layout.labelWidth() / 2) * perMm),
                (int) (spot.y() * perMm) + 4,
                (int) (layout.labelWidth() / 2 * perMm) - 4,
                (int) (layout.labelHeight() * perMm) - 8);
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels);
    }

    private static List<VEvent> events(String ics) throws Exception {
        Calendar calendar = new CalendarBuilder().build(new StringReader(ics));
        calendar.validate();
        return calendar.getComponents(Component.VEVENT);
    }

    @Test
    void datesGoIntoACalendarAndChangeThereAndTheAddressIsRevoked() throws Exception {
        JarRow jar = fill(batch(plum), "FRIDGE", "180").get(0);
        String first = get(own, "/shelf/jars.ics").getResponse().getContentAsString(StandardCharsets.UTF_8);
        VEvent useBy = event(events(first), jar.id() + "-use-by@gradior");
        assertThat(useBy.getAlarms()).hasSize(1);
        assertThat(useBy.getDateTimeStart().getDate()).isEqualTo(jar.useBy());
        event(events(first), jar.cookId() + "-next-day@gradior");
        happens(jar, "opened");
        String second = get(own, "/shelf/jars.ics").getResponse().getContentAsString(StandardCharsets.UTF_8);
        assertThat(events(second)).hasSameSizeAs(events(first));
        assertThat(event(events(second), jar.id() + "-use-by@gradior")
                        .getSequence()
                        .getSequenceNo())
                .isGreaterThan(useBy.getSequence().getSequenceNo());

        String address = post(own, "/shelf/calendar")
                .getMvcResult()
                .getFlashMap()
                .get("address")
                .toString();
        String path = address.substring(address.indexOf("/calendar/"));
        assertThat(TestKitchen.mvc().get().uri(path).exchange())
                .hasStatusOk()
                .bodyText()
                .contains("Plum dip");
        post(own, "/shelf/calendar");
        assertThat(TestKitchen.mvc().get().uri(path).exchange()).hasStatus(404);
        assertThat(page("/shelf/calendar")).contains("You have an address");
        post(own, "/shelf/calendar/revoke");
        assertThat(page("/shelf/calendar")).doesNotContain("You have an address");
    }

    private static VEvent event(List<VEvent> events, String uid) {
        return events.stream()
                .filter(e -> e.getUid().orElseThrow().getValue().equals(uid))
                .findFirst()
                .orElseThrow(() -> new AssertionError(uid));
    }

    @Test
    void everySauceOfTheDemoHasAnAnswerWithAReason() {
        String guest = accounts.openGuest(Accounts.Guest.DEMO, NewKitchen.called("Demo kitchen", ZoneOffset.UTC));
        UUID demo = ((KitchenUser) accounts.loadUserByUsername(guest)).kitchenId();
        assertThat(sauces.all(demo)).hasSizeGreaterThan(7).allSatisfy(sauce -> {
            String said = ShelfText.keeps(keeping.of(demo, sauce));
            assertThat(said).matches("(In the fridge|Use it).*: .+\\..*");
        });
        assertThat(jars.all(demo)).hasSizeGreaterThan(8);
        assertThat(totals.of(demo, sauces.all(demo).stream().map(Sauce::id).toList()))
                .isNotEmpty();
    }
}
