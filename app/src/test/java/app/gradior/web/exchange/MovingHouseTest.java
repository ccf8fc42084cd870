package app.gradior.web.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.keeping.Place;
import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.Pots;
import app.gradior.web.keeping.JarRow;
import app.gradior.web.keeping.Jars;
import app.gradior.web.kitchen.Accounts;
import app.gradior.web.kitchen.KitchenTable;
import app.gradior.web.kitchen.KitchenUser;
import app.gradior.web.kitchen.NewKitchen;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A kitchen moves house: all that it has goes out as a zip and comes in again with the same meaning, or not at all. */
@ExtendWith(RunningApplication.class)
class MovingHouseTest {
    private static final byte[] JPEG = {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF, 1, 2, 3, 4};

    private final Accounts accounts;
    private final JdbcTemplate database;
    private final SauceService sauces;
    private final Jars jars;
    private final BatchService cooks;
    private final Pots pots;
    private final JsonMapper json = new JsonMapper();

    MovingHouseTest(
            Accounts accounts, JdbcTemplate database, SauceService sauces, Jars jars, BatchService cooks, Pots pots) {
        this.accounts = accounts;
        this.database = database;
        this.sauces = sauces;
        this.jars = jars;
        this.cooks = cooks;
        this.pots = pots;
    }

    /** Somebody with a demo kitchen that has pictures too. */
    private KitchenUser demo() {
        String guest = accounts.openGuest(Accounts.Guest.DEMO, NewKitchen.called("Demo kitchen", ZoneOffset.UTC));
        KitchenUser user = (KitchenUser) accounts.loadUserByUsername(guest);
        database.update(
                "insert into cook_photo select id, kitchen_id, ?, utc_timestamp(6) from cook "
                        + "where kitchen_id = ? and finished_at is not null limit 2",
                JPEG,
                user.kitchenId().toString());
        database.update(
                "insert into sauce_photo select id, kitchen_id, ?, utc_timestamp(6) from sauce where kitchen_id = ? limit 1",
                JPEG,
                user.kitchenId().toString());
        return user;
    }

    private byte[] download(UserDetails who) {
        MvcTestResult result = TestKitchen.mvc()
                .get()
                .uri("/kitchen/everything.zip")
                .with(user(who))
                .exchange();
        assertThat(result).hasStatusOk().hasContentType("application/zip");
        return result.getResponse().getContentAsByteArray();
    }

    private MvcTestResult bring(UserDetails who, byte[] zip) {
        return TestKitchen.mvc()
                .post()
                .uri("/kitchen/archive")
                .multipart()
                .file(new MockMultipartFile("archive", "kitchen.zip", "application/zip", zip))
                .with(user(who))
                .with(csrf())
                .exchange();
    }

    private static String said(MvcTestResult result) {
        assertThat(result).hasStatus3xxRedirection();
        return String.valueOf(result.getMvcResult().getFlashMap().get("said"));
    }

    /** What stands beside the field. */
    private static String wrong(MvcTestResult result) {
        assertThat(result).hasStatus(422);
        try {
            return Jsoup.parse(result.getResponse().getContentAsString())
                    .select("#w-archive")
                    .text();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Map<String, byte[]> unzip(byte[] zip) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        return files;
    }

    private static byte[] zip(Map<String, byte[]> files) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                out.putNextEntry(new ZipEntry(file.getKey()));
                out.write(file.getValue());
                out.closeEntry();
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        return bytes.toByteArray();
    }

    private static byte[] changed(byte[] zip, String file, UnaryOperator<String> change) {
        Map<String, byte[]> files = unzip(zip);
        assertThat(files).containsKey(file);
        String before = new String(files.get(file), StandardCharsets.UTF_8);
        String after = change.apply(before);
        assertThat(after).isNotEqualTo(before);
        files.put(file, after.getBytes(StandardCharsets.UTF_8));
        return zip(files);
    }

    /** What of an archive is the kitchen's and not of the moment. */
    private Map<String, String> content(byte[] zip) {
        Map<String, String> content = new LinkedHashMap<>();
        unzip(zip).forEach((name, bytes) -> content.put(name, new String(bytes, StandardCharsets.ISO_8859_1)));
        JsonNode manifest = json.readTree(content.remove(KitchenArchive.MANIFEST));
        content.put("settings", manifest.get("kitchen").toString());
        return content;
    }

    private void remove(UUID kitchen) {
        KitchenTable.ALL.forEach(
                table -> database.update("delete from " + table.name() + " where kitchen_id = ?", kitchen.toString()));
        database.update("delete from kitchen where id = ?", kitchen.toString());
    }

    private int rows(UUID kitchen) {
        return KitchenArchive.tables().stream()
                .filter(table -> !table.equals("ring"))
                .mapToInt(table -> database.queryForObject(
                        "select count(*) from " + table + " where kitchen_id = ?", Integer.class, kitchen.toString()))
                .sum();
    }

    @Test
    void everyTableWithRowsOfAKitchenGoesAlongOrStaysOnPurpose() {
        assertThat(database.queryForList(
                        "select table_name from information_schema.columns where table_schema = database() "
                                + "and column_name = 'kitchen_id'",
                        String.class))
                .containsExactlyInAnyOrderElementsOf(
                        KitchenTable.ALL.stream().map(KitchenTable::name).toList());
    }

    @Test
    void inAnotherHouseAKitchenIsAsItWasToTheLastLetter() {
        KitchenUser old = demo();
        database.update(
                "update kitchen set name = 'Attic', altitude_m = 640, units = 'US', time_zone = 'Asia/Kolkata' where id = ?",
                old.kitchenId().toString());
        // Its jars last by the days there.
        jars.settle(old.kitchenId());
        byte[] zip = download(old);
        remove(old.kitchenId());
        TestKitchen own = TestKitchen.of("mover");

        String said = said(bring(own.cook(), zip));

        assertThat(said).startsWith("Came in: 8 sauces, 3 pots, ").contains(" jars.");
        byte[] again = download(own.cook());
        assertThat(content(again)).isEqualTo(content(zip));
        assertThat(unzip(again).keySet()).anyMatch(name -> name.startsWith("pictures/cook-"));
        for (String page : List.of("/", "/sauces", "/pots", "/journal", "/shelf", "/kitchen")) {
            assertThat(TestKitchen.mvc().get().uri(page).with(user(own.cook())).exchange())
                    .as(page)
                    .hasStatusOk();
        }
        int before = rows(own.id());
        assertThat(said(bring(own.cook(), zip)))
                .startsWith("Nothing new came in. ")
                .contains("were here already");
        assertThat(rows(own.id())).isEqualTo(before);
    }

    @Test
    void aCopyInTheSameHouseHasIdsAndCodesOfItsOwn() {
        KitchenUser first = demo();
        byte[] zip = download(first);
        TestKitchen copy = TestKitchen.of("copier");

        said(bring(copy.cook(), zip));

        List<JarRow> theirs = jars.all(first.kitchenId());
        List<JarRow> ours = jars.all(copy.id());
        assertThat(ours).hasSameSizeAs(theirs).isNotEmpty();
        assertThat(ours).extracting(JarRow::id).doesNotContainAnyElementsOf(ids(theirs));
        assertThat(ours).extracting(JarRow::code).doesNotContainAnyElementsOf(codes(theirs));
        assertThat(ours)
                .extracting(JarRow::number, JarRow::name, JarRow::leftMl, JarRow::useBy, JarRow::gone)
                .containsExactlyElementsOf(theirs.stream()
                        .map(jar -> org.assertj.core.groups.Tuple.tuple(
                                jar.number(), jar.name(), jar.leftMl(), jar.useBy(), jar.gone()))
                        .toList());
        assertThat(cooks.underWay(copy.id())).hasSameSizeAs(cooks.underWay(first.kitchenId()));
        int before = rows(copy.id());
        assertThat(said(bring(copy.cook(), zip))).startsWith("Nothing new came in.");
        assertThat(rows(copy.id())).isEqualTo(before);
        assertThat(content(download(first))).isEqualTo(content(zip));
    }

    private static List<UUID> ids(List<JarRow> rows) {
        return rows.stream().map(JarRow::id).toList();
    }

    private static List<String> codes(List<JarRow> rows) {
        return rows.stream().map(JarRow::code).toList();
    }

    @Test
    void whatIsHereStaysAndNumbersOfJarsNeverRepeat() {
        byte[] zip = download(demo());
        TestKitchen own = TestKitchen.of("both");
        said(bring(own.cook(), zip));
        Sauce mine = sauces.add(own.id(), "My own", "400 g plums");
        database.update(
                "update kitchen set name = 'Mine' where id = ?", own.id().toString());
        JarRow first = jars.all(own.id()).get(0);
        KitchenUser other = demo();
        jars.fill(
                other.kitchenId(),
                UUID.randomUUID(),
                jars.all(other.kitchenId()).get(0).cookId(),
                List.of(),
                Place.FRIDGE,
                jars.now());
        int had = jars.all(own.id()).size();

        said(bring(own.cook(), download(other)));

        assertThat(sauces.find(own.id(), mine.id())).isPresent();
        assertThat(database.queryForObject(
                        "select name from kitchen where id = ?",
                        String.class,
                        own.id().toString()))
                .isEqualTo("Mine");
        List<JarRow> all = jars.all(own.id());
        assertThat(all).hasSize(2 * had).extracting(JarRow::number).doesNotHaveDuplicates();
        assertThat(jars.get(own.id(), first.id()).number()).isEqualTo(first.number());
        int highest = all.stream().mapToInt(JarRow::number).max().orElseThrow();
        JarRow next = jars.fill(
                        own.id(),
                        UUID.randomUUID(),
                        first.cookId(),
                        List.of(new Jars.Filling(
                                null,
                                new app.gradior.keeping.JarSize(
                                        app.gradior.quantity.Volume.ofMillilitres(300),
                                        app.gradior.quantity.Length.ofMillimetres(90),
                                        true),
                                app.gradior.quantity.Volume.ofMillilitres(200))),
                        Place.FRIDGE,
                        jars.now())
                .get(0);
        assertThat(next.number()).isEqualTo(highest + 1);
    }

    @Test
    void whatAnOlderGradiorDidNotKnowIsAsItWasThen() {
        KitchenUser old = demo();
        byte[] zip = download(old);
        remove(old.kitchenId());
        byte[] older = changed(
                changed(
                        zip,
                        KitchenArchive.MANIFEST,
                        text -> text.replaceAll(",\\s*\"measured\"", "")
                                .replaceFirst("\"schema\" : \\d+", "\"schema\" : 11")),
                "rows/pot.jsonl",
                text -> text.replaceAll(",\"measured\":true", ""));
        TestKitchen own = TestKitchen.of("heir");

        assertThat(said(bring(own.cook(), older))).startsWith("Came in: 8 sauces");
        assertThat(pots.all(own.id())).hasSize(3).allMatch(KitchenPot::measured);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "gradior.json | gradior-archive/1 | somebody-else/1 | not a downloaded kitchen",
                "gradior.json | \"schema\" : \\d+ | \"schema\" : 1000 | newer Gradior",
                "gradior.json | \"time_zone\" : \" | \"time_zone\" : \"Middle/Earth | can't be read",
                "gradior.json | \"text\" | \"password_hash\" | can't be read",
                "rows/sauce.jsonl | \\}\\s*$ |  | breaks off",
                "rows/sauce.jsonl | \"latest_version\":1 | \"latest_version\":\"one\" | latest_version",
                "rows/pot.jsonl | \"material\":\"STEEL\" | \"material\":\"CHEESE\" | can't be read",
                "rows/pot.jsonl | \"measured\":true | \"measured\":17 | measured",
                "rows/cook_event.jsonl | \"body\":.\"kind\":\"started\" | \"body\":{\"kind\":\"dreamt\" | can't be read",
                "rows/cook.jsonl | \"started_at\":\"2 | \"started_at\":\"soon | started_at",
                "rows/jar_event.jsonl | \"body\":.\"kind\":\"filled\" | \"body\":{\"kind\":\"emptied\" | can't be read",
                "rows/verdict.jsonl | \"cook_id\":\"[0-9a-f]{8} | \"cook_id\":\"00000000 | can't be read",
                "rows/cook.jsonl | \"name\" | \"na | can't be read",
            })
    void whatWasChangedIsRefusedWithAReasonAndNothingIsKept(String file, String from, String to, String words) {
        KitchenUser old = demo();
        byte[] zip = download(old);
        remove(old.kitchenId());
        byte[] broken = changed(
                zip,
                file,
                text -> from.equals("\"name\"")
                        ? "{\n" + text
                        : text.replaceFirst(from, to == null ? "" : java.util.regex.Matcher.quoteReplacement(to)));
        TestKitchen own = TestKitchen.of("refused");

        MvcTestResult result = bring(own.cook(), broken);

        assertThat(wrong(result)).contains(words);
        assertThat(rows(own.id())).isZero();
        assertThat(sauces.all(own.id())).isEmpty();
    }

    @Test
    void whatIsNoPictureIsNotKeptAsOne() {
        KitchenUser old = demo();
        Map<String, byte[]> files = unzip(download(old));
        remove(old.kitchenId());
        files.replaceAll((name, bytes) ->
                name.startsWith("pictures/") ? "<svg onload='x'/>".getBytes(StandardCharsets.UTF_8) : bytes);
        TestKitchen own = TestKitchen.of("painter");

        assertThat(wrong(bring(own.cook(), zip(files)))).contains("is no picture");
        assertThat(rows(own.id())).isZero();
    }

    @Test
    void nothingOfAFileReachesIntoAnotherKitchen() {
        TestKitchen victim = TestKitchen.of("victim");
        Sauce theirs = victim.sauce("Secret", "300 g plums");
        KitchenUser old = demo();
        byte[] zip = download(old);
        remove(old.kitchenId());
        byte[] reaching = changed(
                zip,
                "rows/plan.jsonl",
                text -> text.replaceFirst(
                        "\"sauce_id\":\"[^\"]*\",\"sauce_version\":1,",
                        "\"sauce_id\":\"" + theirs.id() + "\",\"sauce_version\":1,"));
        TestKitchen own = TestKitchen.of("reacher");

        assertThat(wrong(bring(own.cook(), reaching))).contains("belongs to another kitchen");
        assertThat(rows(own.id())).isZero();
    }

    @Test
    void whatIsNoZipOrNothingAtAllIsSaidBesideTheField() {
        TestKitchen own = TestKitchen.of("none");

        assertThat(wrong(bring(own.cook(), "no zip".getBytes(StandardCharsets.UTF_8))))
                .contains("not a downloaded kitchen");
        assertThat(wrong(bring(own.cook(), new byte[0]))).contains("Choose the zip file");
        assertThat(wrong(bring(own.cook(), zip(Map.of("a.txt", new byte[] {1})))))
                .contains("not a downloaded kitchen");
    }

    @Test
    void aGuestBringsNothingIn() {
        KitchenUser guest = demo();

        assertThat(bring(guest, download(guest))).hasStatus(403);
    }
}
