package app.gradior.web.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.evening.Pace;
import app.gradior.quantity.Mass;
import app.gradior.web.batch.BatchService;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.text.UnitFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.json.JsonMapper;

/** An evening is put together, scheduled, cooked and kept: everything ready at one time, and told where it is not. */
@ExtendWith(RunningApplication.class)
class EveningTest {
    private final Evenings evenings;
    private final EveningPages pages;
    private final BatchService cooks;
    private final TestKitchen own = TestKitchen.of("host");
    private final TestKitchen other = TestKitchen.of("guest");
    private Sauce stock;
    private Sauce plum;
    private KitchenPot casserole;

    EveningTest(Evenings evenings, EveningPages pages, BatchService cooks) {
        this.evenings = evenings;
        this.pages = pages;
        this.cooks = cooks;
    }

    @BeforeEach
    void furnish() {
        casserole = own.casserole();
        own.pot("Saucepan", 180, 90, 900);
        stock = own.sauce("Stock glaze", "1 l beef stock\n150 ml port\nReduce to a glaze");
        plum = own.sauce("Plum sauce", "600 g plums\n200 ml water\nReduce to pouring");
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

    private Document page(UUID evening) {
        MvcTestResult answer = get(own, "/evenings/" + evening);
        assertThat(answer).hasStatusOk();
        return Jsoup.parse(new String(answer.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8));
    }

    /** Served in so many minutes from now, on the full minute. */
    private UUID evening(int minutes) {
        Instant at = evenings.now().plus(Duration.ofMinutes(minutes)).truncatedTo(ChronoUnit.MINUTES);
        UUID id = UUID.randomUUID();
        MvcTestResult made = post(
                own,
                "/evenings",
                "form",
                id.toString(),
                "called",
                "Sunday roast",
                "day",
                at.atZone(ZoneOffset.UTC).toLocalDate().toString(),
                "time",
                at.atZone(ZoneOffset.UTC).toLocalTime().toString());
        assertThat(made).hasRedirectedUrl("/evenings/" + id);
        return id;
    }

    private void job(UUID evening, String line) {
        assertThat(post(own, "/evenings/" + evening + "/jobs", "line", line)).hasStatus3xxRedirection();
    }

    private void sauce(UUID evening, Sauce sauce) {
        assertThat(post(
                        own,
                        "/evenings/" + evening + "/sauces",
                        "sauce",
                        sauce.id().toString()))
                .hasStatus3xxRedirection();
    }

    /** The evening once nothing better is looked for. */
    private Document found(UUID evening) {
        await().atMost(Duration.ofSeconds(40))
                .until(() -> page(evening).select("#live").attr("data-working").equals("false"));
        return page(evening);
    }

    @Test
    void saucesAndOtherJobsAreWorkedBackFromTheTable() throws Exception {
        UUID evening = evening(240);
        assertThat(page(evening).select("#now").text()).contains("What is to be ready?");

        sauce(evening, stock);
        sauce(evening, plum);
        job(evening, "roast chicken 1 h 20 oven 200, rest 15, carve 5 hands");
        job(evening, "potatoes 25 ring, mash 6 hands");
        Document page = found(evening);

        String served = RunningApplication.clock()
                .instant()
                .plus(Duration.ofMinutes(240))
                .atZone(ZoneOffset.UTC)
                .format(java.time.format.DateTimeFormatter.ofPattern("HH:mm"));
        assertThat(page.select("#now").text()).startsWith("Start with the ").contains(served);
        assertThat(page.select(".ready summary b").eachText())
                .containsExactly("Stock glaze", "Plum sauce", "roast chicken", "potatoes");
        List<Element> tasks = page.select(".tasks li");
        assertThat(tasks).hasSizeGreaterThan(12);
        assertThat(tasks.stream().map(li -> li.select("time").attr("datetime")).toList())
                .isSorted();
        assertThat(page.select("svg.schedule a.bar").size()).isGreaterThan(12);
        assertThat(page.select("svg.schedule .bar.slack")).isNotEmpty();
        // The two sauces have a pot each, though nobody chose one.
        assertThat(page.select(".ready summary .small").eachText().subList(0, 2))
                .anyMatch(where -> where.contains("Casserole"))
                .anyMatch(where -> where.contains("Saucepan"));

        Calendar calendar = new CalendarBuilder()
                .build(new StringReader(get(own, "/evenings/" + evening + "/evening.ics")
                        .getResponse()
                        .getContentAsString()));
        assertThat(calendar.<VEvent>getComponents(Component.VEVENT)).hasSize(tasks.size() + 1);
        assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                        .getSchema(Files.readString(Path.of("../docs/formats/gradior-evening-1.schema.json")))
                        .validate(new JsonMapper()
                                .readTree(get(own, "/evenings/" + evening + "/evening.json")
                                        .getResponse()
                                        .getContentAsString())))
                .isEmpty();
        assertThat(Jsoup.parse(get(own, "/evenings/" + evening + "/print")
                                .getResponse()
                                .getContentAsString())
                        .select("tbody tr"))
                .hasSize(tasks.size() + 1);
        // What was found is kept: another node has it without looking.
        try (ConfigurableApplicationContext node = RunningApplication.node()) {
            Evenings.Kept kept = node.getBean(Evenings.class).get(own.id(), evening);
            assertThat(kept.schedule()).isPresent();
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "pasta 11 ring banana | “banana” is not understood.",
                "gratin | How long does “gratin” take?",
                "gratin 40 oven 900 | No oven is that hot",
                "stew 30 h ring | takes longer than twelve hours",
                "'' | Give a name and a time"
            })
    void aLineThatIsNotUnderstoodIsSaidBesideItsFieldAndNothingIsAdded(String line, String words) {
        UUID evening = evening(200);

        MvcTestResult answer = post(own, "/evenings/" + evening + "/jobs", "line", line);

        assertThat(answer).hasStatus(422);
        Document page = Jsoup.parse(new String(answer.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8));
        assertThat(page.select("#w-line").text()).contains(words);
        assertThat(page.select("#line").val()).isEqualTo(line);
        assertThat(page(evening).select(".ready")).isEmpty();
    }

    @Test
    void aLineThatIsChangedToWhatIsNotUnderstoodStaysAsItWas() {
        UUID evening = evening(200);
        job(evening, "stew 40 ring");

        MvcTestResult answer = post(own, "/evenings/" + evening + "/jobs/1", "line", "stew banana");

        assertThat(answer).hasStatus3xxRedirection();
        assertThat(answer.getMvcResult().getFlashMap().get("wrongJob")).isEqualTo("1");
        assertThat(String.valueOf(answer.getMvcResult().getFlashMap().get("wrongJobWhy")))
                .contains("How long does");
        assertThat(evenings.get(own.id(), evening).body().jobs().get(0).line()).isEqualTo("stew 40 ring");
    }

    @Test
    void whatIsWrongWithItsHourOrItsPeopleIsSaidAndNothingIsLost() {
        assertThat(post(own, "/evenings", "form", UUID.randomUUID().toString(), "day", "soon", "time", "19:00"))
                .hasStatus(422)
                .bodyText()
                .contains("Give a day such as");
        assertThat(post(own, "/evenings", "form", UUID.randomUUID().toString(), "day", "2020-01-01", "time", "19:00"))
                .hasStatus(422)
                .bodyText()
                .contains("That day is over");
        UUID evening = evening(200);
        MvcTestResult answer = post(
                own,
                "/evenings/" + evening + "/settings",
                "day",
                "2027-01-01",
                "time",
                "19:00",
                "cooks",
                "a,b,c,d,e",
                "shelves",
                "9");
        assertThat(answer)
                .hasStatus(422)
                .bodyText()
                .contains("Name one to four people")
                .contains("one to four shelves");
        assertThat(evenings.get(own.id(), evening).body().cooks()).hasSize(1);
        assertThat(post(own, "/evenings/" + evening + "/away", "who", "0", "awayFrom", "19:00", "awayTo", "18:00"))
                .hasStatus(422)
                .bodyText()
                .contains("the first before the second");
    }

    @Test
    void twoSaucesInOnePotAreToldWithWhatHelpsInOnePress() {
        UUID evening = evening(240);
        sauce(evening, stock);
        sauce(evening, plum);
        for (int job : new int[] {1, 2}) {
            post(
                    own,
                    "/evenings/" + evening + "/jobs/" + job,
                    "pot",
                    casserole.id().toString());
        }

        Document page = found(evening);

        assertThat(page.select("#now").text()).isEqualTo("No way was found to have all of this ready.");
        assertThat(page.select(".evening-close").text())
                .contains("both want the Casserole")
                .contains("another pot would do");
        Element fix = page.select(".evening-close .fix").first();
        assertThat(fix.text()).contains("on time");
        post(
                own,
                fix.attr("action"),
                "kind",
                fix.select("[name=kind]").val(),
                "job",
                fix.select("[name=job]").val(),
                "value",
                fix.select("[name=value]").val());
        assertThat(found(evening).select("#now").text()).startsWith("Start with the ");
    }

    @Test
    void aTaskThatIsPutAtATimeStaysThereAndIsGivenBack() {
        UUID evening = evening(240);
        job(evening, "stew 40 ring");
        job(evening, "salad 10 hands, any time");
        Element salad = task(found(evening), "make the salad");
        Instant planned = Instant.parse(salad.select("time").attr("datetime"));

        post(own, "/evenings/" + evening + "/pin", "job", "2", "task", "0", "at", planned.toString(), "by", "-20");

        Document moved = found(evening);
        assertThat(task(moved, "make the salad").select("time").attr("datetime"))
                .isEqualTo(planned.minus(Duration.ofMinutes(20)).toString());
        assertThat(task(moved, "make the salad").text()).contains("put there by you");
        // And what that costs is told, with the way back.
        Element back = moved.select(".evening-close .fix").first();
        assertThat(back.text()).startsWith("Give back what you moved").contains("on time");
        post(own, back.attr("action"), "kind", back.select("[name=kind]").val());
        assertThat(task(found(evening), "make the salad").select("time").attr("datetime"))
                .isEqualTo(planned.toString());
    }

    private static Element task(Document page, String what) {
        return page.select(".tasks li").stream()
                .filter(li -> li.select("b").text().equals(what))
                .findFirst()
                .orElseThrow(() -> new AssertionError(
                        what + " among " + page.select(".tasks li b").eachText()));
    }

    /** From the first press to the table, with a reduction that takes longer than it was thought. */
    @Test
    void aWholeEveningIsWalkedWithASauceThatRunsLate() throws Exception {
        UUID evening = evening(150);
        sauce(evening, stock);
        job(evening, "potatoes 25 ring, drain");
        job(evening, "salad 10 hands, any time");
        found(evening);
        assertThat(post(own, "/evenings/" + evening + "/start")).hasStatus3xxRedirection();
        assertThat(page(evening).select("#now").text()).startsWith("Next: ");
        List<String> noted = new ArrayList<>();
        UUID cook = UUID.randomUUID();
        boolean cooking = false;
        boolean late = false;
        Instant end = evenings.now().plus(Duration.ofMinutes(500));
        boolean done = false;
        while (!done && evenings.now().isBefore(end)) {
            EveningPage page = pages.page(own.id(), evenings.get(own.id(), evening), UnitFormat.METRIC);
            done = page.items().stream().allMatch(EveningPage.Item::done);
            for (EveningPage.Item item : page.items()) {
                boolean reduces = item.job() == 1 && item.what().startsWith("reduce");
                if (reduces && !cooking && !item.at().isAfter(evenings.now())) {
                    assertThat(post(own, "/evenings/" + evening + "/jobs/1/cook", "cook", cook.toString()))
                            .hasRedirectedUrl("/cooks/" + cook);
                    cooking = true;
                } else if (!reduces && item.state().isEmpty() && !item.at().isAfter(evenings.now())) {
                    note(evening, "begun", item);
                    noted.add(item.what());
                } else if (!reduces && item.begun() && !item.ends().isAfter(evenings.now())) {
                    note(evening, "done", item);
                }
            }
            if (cooking && !late && cooks.find(own.id(), cook).cook().finished().isEmpty()) {
                Cook under = cooks.find(own.id(), cook).cook();
                if (Duration.between(under.started().at(), evenings.now()).toMinutes() >= 12) {
                    // Far more is left than was forecast: the heat is too low.
                    Mass left = under.forecast(evenings.now()).current().mass().times(1.12);
                    cooks.append(
                            own.id(),
                            cook,
                            new CookEvent.Weighed(
                                    UUID.randomUUID(),
                                    evenings.now(),
                                    left.plus(Mass.ofGrams(casserole.tareG())),
                                    Mass.ofGrams(casserole.tareG())));
                    late = true;
                }
            }
            if (cooking && cooks.find(own.id(), cook).cook().finished().isEmpty()) {
                Cook under = cooks.find(own.id(), cook).cook();
                if (under.forecast(evenings.now()).reached()) {
                    cooks.append(
                            own.id(),
                            cook,
                            new CookEvent.Finished(
                                    UUID.randomUUID(),
                                    evenings.now(),
                                    java.util.Optional.empty(),
                                    java.util.Optional.empty()));
                }
            }
            RunningApplication.clock().pass(Duration.ofMinutes(2));
        }
        EveningPage last = pages.page(own.id(), evenings.get(own.id(), evening), UnitFormat.METRIC);
        assertThat(cooking).isTrue();
        assertThat(late).isTrue();
        assertThat(noted).contains("make the salad", "heat water for the potatoes");
        assertThat(last.items()).allMatch(EveningPage.Item::done);
        assertThat(last.lead()).startsWith("Everything is ready.");
        // It was told that the plan moved, and nothing that had begun did.
        assertThat(evenings.happened(own.id(), evening)).anyMatch(h -> h.event() instanceof EveningEvent.Moved);
        assertThat(post(own, "/evenings/" + evening + "/finish")).hasStatus3xxRedirection();
        MvcTestResult again = post(
                own,
                "/evenings/" + evening + "/again",
                "form",
                UUID.randomUUID().toString());
        assertThat(again).hasStatus3xxRedirection();
        assertThat(Jsoup.parse(get(own, "/evenings").getResponse().getContentAsString())
                        .select(".list a.name"))
                .hasSizeGreaterThanOrEqualTo(2);
    }

    private void note(UUID evening, String kind, EveningPage.Item item) {
        assertThat(post(
                        own,
                        "/evenings/" + evening + "/events",
                        "event",
                        UUID.randomUUID().toString(),
                        "kind",
                        kind,
                        "job",
                        String.valueOf(item.job()),
                        "task",
                        String.valueOf(item.ref().task())))
                .hasStatus3xxRedirection();
    }

    @Test
    void whatIsNotedIsUndoneAndTheSameNoteSentTwiceIsOne() {
        UUID evening = evening(120);
        job(evening, "stew 40 ring");
        found(evening);
        post(own, "/evenings/" + evening + "/start");
        String id = UUID.randomUUID().toString();
        String[] note = {"event", id, "kind", "begun", "job", "1", "task", "0"};
        post(own, "/evenings/" + evening + "/events", note);
        long writes = TestKitchen.writes(own.id());
        post(own, "/evenings/" + evening + "/events", note);
        assertThat(TestKitchen.writes(own.id())).isGreaterThan(writes);
        assertThat(evenings.happened(own.id(), evening)).hasSize(1);
        assertThat(task(page(evening), "stew").className()).contains("begun");

        post(own, "/evenings/" + evening + "/undo", "event", UUID.randomUUID().toString(), "job", "1", "task", "0");

        assertThat(evenings.happened(own.id(), evening)).isEmpty();
        assertThat(task(page(evening), "stew").className()).doesNotContain("begun");
        post(own, "/evenings/" + evening + "/reopen");
        assertThat(evenings.get(own.id(), evening).startedAt()).isEmpty();
    }

    @Test
    void aPotThatIsNotThereIsAsIfNoneHadBeenChosen() {
        UUID evening = evening(200);
        sauce(evening, plum);
        for (String pot : List.of(UUID.randomUUID().toString(), "no pot")) {
            assertThat(post(own, "/evenings/" + evening + "/change", "kind", "POT", "job", "1", "value", pot))
                    .hasStatus3xxRedirection();
            assertThat(page(evening).select(".ready summary .small").text()).containsPattern("Casserole|Saucepan");
        }
    }

    @Test
    void whatWasPutAtAnHourThatIsOverBeginsWhenItCan() {
        UUID evening = evening(240);
        job(evening, "stew 40 ring");
        job(evening, "salad 10 hands, any time");
        Element salad = task(found(evening), "make the salad");
        post(
                own,
                "/evenings/" + evening + "/pin",
                "job",
                "2",
                "task",
                "0",
                "at",
                salad.select("time").attr("datetime"),
                "by",
                "-60");
        found(evening);
        post(own, "/evenings/" + evening + "/start");

        RunningApplication.clock().pass(Duration.ofMinutes(190));

        Document late = page(evening);
        assertThat(Instant.parse(task(late, "make the salad").select("time").attr("datetime")))
                .isAfterOrEqualTo(evenings.now().truncatedTo(ChronoUnit.MINUTES));
        assertThat(late.select(".at-table b").text()).isNotEmpty();
    }

    private void change(UUID evening, String kind, String job, String value) {
        assertThat(post(own, "/evenings/" + evening + "/change", "kind", kind, "job", job, "value", value))
                .hasStatus3xxRedirection();
    }

    @Test
    void aSauceIsCookedInTwoPansAtOnceAndEachHalfHasItsOwnLines() {
        own.pot("Sauteuse", 240, 80, 1200);
        UUID evening = evening(240);
        sauce(evening, stock);
        double whole = minutes(page(evening), "reduce");
        KitchenPot second = own.pot("Wide pan", 280, 70, 1500);

        change(evening, "SPLIT", "1", second.id().toString());
        change(evening, "SPLIT", "1", second.id().toString());

        Document page = found(evening);
        assertThat(page.select(".ready summary b").eachText())
                .containsExactly("Stock glaze, half", "Stock glaze, half");
        assertThat(page.select(".ready summary .small").eachText())
                .anyMatch(where -> where.contains("Wide pan"))
                .anyMatch(where -> !where.contains("Wide pan"));
        assertThat(minutes(page, "reduce")).isLessThan(0.7 * whole);
        List<String> made = new ArrayList<>();
        for (int job : new int[] {1, 2}) {
            UUID cook = UUID.randomUUID();
            assertThat(post(own, "/evenings/" + evening + "/jobs/" + job + "/cook", "cook", cook.toString()))
                    .hasRedirectedUrl("/cooks/" + cook);
            made.add(cooks.find(own.id(), cook).row().sauceId() + " "
                    + Math.round(cooks.find(own.id(), cook)
                            .cook()
                            .started()
                            .mixture()
                            .mass()
                            .grams()));
            assertThat(get(own, "/cooks/" + cook)).hasStatusOk().bodyText().contains("Stock glaze, half");
        }
        assertThat(made.get(0)).isEqualTo(made.get(1));
        assertThat(get(own, "/sauces/" + made.get(0).split(" ")[0]))
                .bodyText()
                .contains("0.5 l beef stock")
                .contains("75 ml port");
    }

    /** How long the first task of that name lasts. */
    private static double minutes(Document page, String what) {
        Element task = page.select(".tasks li").stream()
                .filter(li -> li.select("b").text().startsWith(what))
                .findFirst()
                .orElseThrow(() -> new AssertionError(page.select(".tasks li b").eachText()));
        return Double.parseDouble(task.attr("data-minutes"));
    }

    @Test
    void oneOfTwoCoursesIsServedLaterAlone() {
        UUID evening = evening(240);
        job(evening, "stew 40 ring");
        Instant last = evenings.get(own.id(), evening).body().lastServed();
        String hour = last.minus(Duration.ofMinutes(60))
                .atZone(ZoneOffset.UTC)
                .toLocalTime()
                .toString();
        post(own, "/evenings/" + evening + "/courses", "course", "starter", "courseTime", hour);

        change(evening, "COURSE", "0", "0/20");
        change(evening, "COURSE", "0", "7/20");
        change(evening, "COURSE", "0", "soon");

        assertThat(evenings.get(own.id(), evening).body().courses())
                .extracting(EveningBody.Course::at)
                .containsExactly(last.minus(Duration.ofMinutes(40)), last);
        change(evening, "LATER", "0", "25");
        change(evening, "LATER", "0", "some");
        assertThat(evenings.get(own.id(), evening).body().lastServed()).isEqualTo(last.plus(Duration.ofMinutes(25)));
    }

    @ParameterizedTest
    @CsvSource({"LESS, 1", "PERSON, 2", "AHEAD, 2", "HOTTER, 2", "RING, 2"})
    void whatIsDoneOtherwiseIsKeptAndWithoutItsJobNothingChanges(Changes.Kind kind, int jobs) {
        UUID evening = evening(240);
        sauce(evening, stock);
        sauce(evening, plum);
        EveningBody before = evenings.get(own.id(), evening).body();

        if (kind != Changes.Kind.PERSON) {
            change(evening, kind.name(), "9", "");
            assertThat(evenings.get(own.id(), evening).body()).isEqualTo(before);
        }
        change(evening, kind.name(), "1", "");

        EveningBody after = evenings.get(own.id(), evening).body();
        assertThat(after.jobs()).hasSize(jobs);
        assertThat(after).isNotEqualTo(before);
        assertThat(get(own, "/evenings/" + evening)).hasStatusOk();
    }

    /** Courses that are late are told with what brings them back, each tried out. */
    @Test
    void anEveningThatCannotBeInTimeSaysWhatWouldHelp() {
        own.pot("Wide pan", 300, 80, 1500);
        UUID evening = evening(30);
        sauce(evening, stock);
        job(evening, "stew 50 ring");

        Document page = found(evening);

        assertThat(page.select("#now").text()).startsWith("Everything can be on the table at ");
        assertThat(page.select(".evening-close .fix b").eachText())
                .isNotEmpty()
                .allMatch(fix -> fix.matches(
                        "(Serve \\d+ min later|Leave out the .*|One more cook|.* in the Wide pan|Make .* ahead|Boil .*"
                                + "|Thicken .*)"));
    }

    @Test
    void handworkThatTookTwiceAsLongIsPlannedLongerTheNextTime() {
        Sauce gravy = own.sauce("Onion gravy", "4 onions, diced\n1 l beef stock\nReduce to pouring");
        UUID evening = evening(240);
        sauce(evening, gravy);
        assertThat(found(evening).select(".pace")).isEmpty();
        double usual = minutes(page(evening), "prepare");
        post(own, "/evenings/" + evening + "/start");
        for (int i = 0; i < 3; i++) {
            UUID done = UUID.randomUUID();
            happened(evening, UUID.randomUUID(), "begun", 1);
            RunningApplication.clock().pass(Duration.ofSeconds(Math.round(60 * 2 * usual)));
            happened(evening, done, "done", 1);
        }

        UUID next = evening(240);
        sauce(next, gravy);

        assertThat(page(next).select(".pace").text()).contains("longer than usual: so it was on your last 3 tasks.");
        assertThat(minutes(page(next), "prepare")).isBetween(1.3 * usual, 1.5 * usual);
        // What is undone tells nothing.
        for (int i = 0; i < 6; i++) {
            post(
                    own,
                    "/evenings/" + evening + "/undo",
                    "event",
                    UUID.randomUUID().toString(),
                    "job",
                    "1",
                    "task",
                    "1");
        }
        assertThat(page(next).select(".pace")).isEmpty();
        assertThat(evenings.pace(other.id())).isEqualTo(Pace.USUAL);
    }

    private void happened(UUID evening, UUID id, String kind, int task) {
        post(
                own,
                "/evenings/" + evening + "/events",
                "event",
                id.toString(),
                "kind",
                kind,
                "job",
                "1",
                "task",
                String.valueOf(task));
    }

    @Test
    void aSauceIsFoundByItsNameToo() {
        UUID evening = evening(200);

        post(own, "/evenings/" + evening + "/sauces", "byName", "plum sauce");
        assertThat(page(evening).select(".ready summary b").eachText()).containsExactly("Plum sauce");
        assertThat(post(own, "/evenings/" + evening + "/sauces", "byName", "nothing of ours"))
                .hasStatus(422)
                .bodyText()
                .contains("Choose a sauce, or type its whole name.");
    }

    @Test
    void whatIsPutInOrTakenOutWhileItGoesOnIsPlannedAndNothingThatHasBegunMoves() {
        UUID evening = evening(150);
        job(evening, "salad 10 hands, any time");
        job(evening, "stew 40 ring");
        found(evening);
        post(own, "/evenings/" + evening + "/start");
        post(
                own,
                "/evenings/" + evening + "/events",
                "event",
                UUID.randomUUID().toString(),
                "kind",
                "begun",
                "job",
                "2",
                "task",
                "0");
        String begun = task(page(evening), "stew").select("time").attr("datetime");

        job(evening, "potatoes 25 ring, drain");
        post(own, "/evenings/" + evening + "/jobs/1/remove");
        post(own, "/evenings/" + evening + "/courses", "course", "starter", "courseTime", "00:01");

        Document page = page(evening);
        assertThat(task(page, "stew").select("time").attr("datetime")).isEqualTo(begun);
        assertThat(task(page, "stew").className()).contains("begun");
        assertThat(task(page, "drain (potatoes)").text()).isNotEmpty();
        assertThat(page.select(".tasks li b").eachText()).doesNotContain("make the salad");
    }

    @Test
    void coursesAreServedOneAfterTheOtherAndSomebodyMayBeAway() {
        UUID evening = evening(240);
        sauce(evening, stock);
        job(evening, "potatoes 25 ring, drain");
        String hour = evenings.get(own.id(), evening)
                .body()
                .lastServed()
                .minus(Duration.ofMinutes(60))
                .atZone(ZoneOffset.UTC)
                .toLocalTime()
                .toString();
        post(own, "/evenings/" + evening + "/courses", "course", "starter", "courseTime", hour);
        assertThat(evenings.get(own.id(), evening).body().courses()).hasSize(2);
        post(own, "/evenings/" + evening + "/jobs/2", "line", "potatoes 25 ring, drain", "course", "0");

        Document page = found(evening);

        assertThat(page.select(".at-table .small").eachText()).containsExactly("starter", "course 2");
        assertThat(Instant.parse(task(page, "drain (potatoes)").select("time").attr("datetime")))
                .isBefore(
                        evenings.get(own.id(), evening).body().courses().get(0).at());
        post(own, "/evenings/" + evening + "/courses/remove", "place", "0");
        assertThat(evenings.get(own.id(), evening).body().courses()).hasSize(1);
    }

    @Test
    void anotherKitchenSeesNoneOfItAndCanChangeNone() {
        UUID evening = evening(200);
        job(evening, "stew 40 ring");

        for (String path : List.of("", "/board", "/print", "/evening.ics", "/evening.json")) {
            assertThat(get(other, "/evenings/" + evening + path)).as(path).hasStatus(404);
        }
        for (String path : List.of("/jobs/1/remove", "/start", "/finish", "/remove", "/again")) {
            assertThat(post(
                            other,
                            "/evenings/" + evening + path,
                            "form",
                            UUID.randomUUID().toString()))
                    .as(path)
                    .hasStatus(404);
        }
        assertThat(get(other, "/evenings")).bodyText().doesNotContain("Sunday roast");
        assertThat(evenings.get(own.id(), evening).body().jobs()).hasSize(1);
        post(own, "/evenings/" + evening + "/remove");
        assertThat(get(own, "/evenings/" + evening)).hasStatus(404);
    }

    @Test
    void aSauceThatIsDeletedIsSaidAndTheRestIsScheduled() {
        UUID evening = evening(200);
        sauce(evening, plum);
        job(evening, "stew 40 ring");
        post(own, "/sauces/" + plum.id() + "/delete");

        Document page = found(evening);

        assertThat(page.select(".evening-side").text()).contains("This sauce was deleted");
        assertThat(page.select("#now").text()).contains("Start with the stew");
    }
}
