package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.pot.Material;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.PotMapper;
import app.gradior.web.kitchen.AccountMapper;
import app.gradior.web.kitchen.KitchenCache;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What is remembered of a kitchen is never older than its rows. */
@ExtendWith(RunningApplication.class)
class KitchenCacheTest {
    private MockMvcTester mvc;
    private KitchenCache remembered;
    private AccountMapper mapper;
    private PotMapper pots;
    private SauceService sauces;
    private JdbcTemplate database;
    private TransactionTemplate transaction;
    private UserDetails cook;
    private UUID kitchen;
    private KitchenPot pot;
    private Sauce sauce;

    @BeforeEach
    void furnish(
            KitchenCache remembered,
            AccountMapper mapper,
            PotMapper pots,
            SauceService sauces,
            JdbcTemplate database,
            PlatformTransactionManager transactions) {
        this.mvc = TestKitchen.mvc();
        this.remembered = remembered;
        this.mapper = mapper;
        this.pots = pots;
        this.sauces = sauces;
        this.database = database;
        this.transaction = new TransactionTemplate(transactions);
        TestKitchen own = TestKitchen.of("remembers");
        kitchen = own.id();
        cook = own.cook();
        pot = own.casserole();
        sauce = sauces.add(kitchen, "Plum sauce", "600 g plums\n250 ml water\n60 g caster sugar");
    }

    private String board() throws Exception {
        return mvc.get()
                .uri("/sauces/" + sauce.id() + "/plan?use=GLAZE")
                .header("X-Fragment", "plan")
                .with(user(cook))
                .exchange()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void aBoardIsTheSameUntilItsKitchenChanges() throws Exception {
        String first = board();
        assertThat(board()).isEqualTo(first).contains("id=\"drawing\"").doesNotContain("_csrf");

        pots.update(kitchen, new KitchenPot(pot.id(), "Casserole", 200, 200, 140, Material.STEEL, 2000, true, true));
        String narrower = board();
        assertThat(narrower).isNotEqualTo(first);

        sauces.save(kitchen, sauce, sauce.name(), sauce.text() + "\n100 g caster sugar");
        assertThat(board()).isNotEqualTo(narrower);
    }

    /** Straight in the database, as another node would. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            update kitchen set hood = not hood where id = ?
            insert into pot (id, kitchen_id, name, base_mm, rim_mm, wall_mm, material, tare_g, created_at) \
            values (uuid(), ?, 'Pan', 200, 200, 80, 'STEEL', 900, now())
            update pot set tare_g = tare_g + 1 where kitchen_id = ?
            insert into ring (id, kitchen_id, name, kind, watts, size_mm, x_mm, y_mm, dial) \
            values (uuid(), ?, 'wok', 'GAS', 4000, 200, 300, 200, '1-9')
            delete from ring where kitchen_id = ?
            update sauce set archived_at = now() where kitchen_id = ?
            insert into food (kitchen_id, food_key, body, changed_at) values (?, 'my plums', '{}', now())
            insert into habit_amount (kitchen_id, measure, food_key, grams) values (?, 'handful', 'plums', 90)
            insert into habit_food (kitchen_id, words, food_key) values (?, 'blue ones', 'plums')
            """)
    void whatChangesAPlanIsCounted(String statement) {
        long before = mapper.changes(kitchen);
        assertThat(database.update(statement, kitchen.toString())).isPositive();

        assertThat(mapper.changes(kitchen)).isGreaterThan(before);
    }

    @Test
    void whatIsNeverCommittedIsNotRemembered() {
        record Name() {}
        assertThat(remembered.of(kitchen, new Name(), this::firstPot)).isEqualTo("Casserole");
        transaction.executeWithoutResult(status -> {
            pots.update(kitchen, new KitchenPot(pot.id(), "Ghost", 240, 240, 120, Material.STEEL, 2000, true, true));
            assertThat(remembered.of(kitchen, new Name(), this::firstPot)).isEqualTo("Ghost");
            status.setRollbackOnly();
        });
        pots.update(kitchen, new KitchenPot(pot.id(), "Sauteuse", 240, 240, 120, Material.STEEL, 2000, true, true));

        assertThat(remembered.of(kitchen, new Name(), this::firstPot)).isEqualTo("Sauteuse");
    }

    private String firstPot() {
        return pots.all(kitchen).get(0).name();
    }

    /** Two that want each other's rows: the one with less to lose is given up whole and told so. */
    @Test
    void whereTwoChangesMeetOneIsSentAgain() throws Exception {
        var other = Executors.newSingleThreadExecutor();
        Future<MvcTestResult> archived = transaction.execute(status -> {
            for (int i = 0; i < 40; i++) {
                pots.insert(
                        kitchen,
                        new KitchenPot(UUID.randomUUID(), "Pot " + i, 240, 240, 120, Material.STEEL, 2000, true, true),
                        Instant.parse("2026-11-24T12:00:00Z"));
            }
            Future<MvcTestResult> asked = other.submit(this::archive);
            await().pollDelay(Duration.ofMillis(1500)).until(() -> !asked.isDone());
            database.queryForList(
                    "select id from sauce where id = ? for update", sauce.id().toString());
            return asked;
        });
        assertThat(archived.get()).hasStatus(503);
        assertThat(sauces.isArchived(kitchen, sauce.id())).isFalse();
        assertThat(archive()).hasStatus3xxRedirection();
        assertThat(sauces.isArchived(kitchen, sauce.id())).isTrue();
        other.shutdown();
    }

    private MvcTestResult archive() {
        return mvc.post()
                .uri("/sauces/" + sauce.id() + "/archive?away=true")
                .with(user(cook))
                .with(csrf())
                .exchange();
    }

    @Test
    void countingLetsManyWriteAtOnce() throws Exception {
        var cooks = Executors.newFixedThreadPool(8);
        long before = mapper.changes(kitchen);
        for (Future<Sauce> saved : cooks.invokeAll(IntStream.range(0, 40)
                .<java.util.concurrent.Callable<Sauce>>mapToObj(
                        i -> () -> sauces.add(kitchen, "Sauce " + i, i + " g plums"))
                .toList())) {
            assertThat(saved.get().version()).isEqualTo(1);
        }
        cooks.shutdown();

        assertThat(mapper.changes(kitchen)).isEqualTo(before + 40);
    }
}
