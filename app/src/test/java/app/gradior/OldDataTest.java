package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.security.test.web.servlet.setup.SecurityMockMvcConfigurers.springSecurity;

import app.gradior.web.kitchen.Accounts;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.context.WebApplicationContext;

/**
 * Demo kitchens as earlier versions left them ({@code old/vN.sql.gz}, N the migration that was the latest), put back from a
 * backup and taken over by the start of this one: all of their pages open, and nothing of the cooks is gone.
 */
class OldDataTest {
    private static final Path SCRIPT = Path.of("..", "tools", "database");
    private static final int PAGES = 70;

    @TempDir
    private Path folder;

    private Map<String, String> how;

    @BeforeEach
    void start() throws Exception {
        how = TestDatabase.exports(database("start"));
    }

    @AfterEach
    void stop() throws Exception {
        database("stop");
    }

    private String database(String what, String... more) throws Exception {
        List<String> command = new ArrayList<>(
                List.of("bash", SCRIPT.toString(), what, folder.resolve("db").toString()));
        command.addAll(List.of(more));
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @ValueSource(ints = {8, 12, 15})
    void whatAnEarlierVersionLeftIsTakenOver(int version) throws Exception {
        Path backup = folder.resolve("old.sql.gz");
        Files.write(
                backup,
                OldDataTest.class
                        .getResourceAsStream("old/v" + version + ".sql.gz")
                        .readAllBytes());
        assertThat(database("restore", backup.toString())).startsWith("Put back.");
        Map<String, Long> before = counts();
        if (version >= 12) {
            sql("update kitchen set ends_at = now() + interval 1 day where guest is not null");
        }
        List<String> arguments = new ArrayList<>(List.of(
                "--server.port=0",
                "--gradior.demo=../demo/kitchen.json",
                "--gradior.rehearsals=0",
                "--spring.main.banner-mode=off"));
        how.forEach((key, value) -> arguments.add("--" + key + "=" + value));
        try (ConfigurableApplicationContext application =
                new SpringApplication(GradiorApplication.class).run(arguments.toArray(String[]::new))) {
            assertThat(counts()).isEqualTo(before);
            walk(application);
        }
    }

    private void walk(ConfigurableApplicationContext application) throws SQLException {
        MockMvcTester mvc = MockMvcTester.create(MockMvcBuilders.webAppContextSetup((WebApplicationContext) application)
                .apply(springSecurity())
                .build());
        List<String> names = column("select sign_in_name from account");
        assertThat(names).isNotEmpty();
        for (String name : names) {
            UserDetails cook = application.getBean(Accounts.class).loadUserByUsername(name);
            Deque<String> next = new ArrayDeque<>(List.of("/", "/journal", "/sauces", "/pots", "/shelf", "/kitchen"));
            Set<String> seen = new HashSet<>(next);
            int batches = 0;
            for (int i = 0; i < PAGES && !next.isEmpty(); i++) {
                String page = next.poll();
                MvcTestResult answer = mvc.get().uri(page).with(user(cook)).exchange();
                assertThat(answer.getResponse().getStatus()).as(page).isLessThan(400);
                batches += page.matches("/(journal|cooks)/[0-9a-f-]{36}") ? 1 : 0;
                Jsoup.parse(new String(answer.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8))
                        .select("main a[href^=/]")
                        .eachAttr("href")
                        .stream()
                        .map(href -> href.replaceFirst("#.*", ""))
                        .filter(href -> !href.contains("?") && !href.contains("export") && !href.endsWith(".zip"))
                        .filter(seen::add)
                        .forEach(next::add);
            }
            assertThat(seen).as("pages of " + name).hasSizeGreaterThan(20);
            assertThat(batches).isPositive();
        }
    }

    private Map<String, Long> counts() throws SQLException {
        Map<String, Long> counts = new HashMap<>();
        for (String table : List.of("kitchen", "account", "sauce", "sauce_version", "pot", "cook", "cook_event")) {
            counts.put(
                    table, Long.valueOf(column("select count(*) from " + table).get(0)));
        }
        return counts;
    }

    private void sql(String statement) throws SQLException {
        try (Connection open = TestDatabase.owner(how);
                Statement one = open.createStatement()) {
            one.execute(statement);
        }
    }

    private List<String> column(String query) throws SQLException {
        try (Connection open = TestDatabase.owner(how);
                Statement one = open.createStatement();
                ResultSet rows = one.executeQuery(query)) {
            List<String> values = new ArrayList<>();
            while (rows.next()) {
                values.add(rows.getString(1));
            }
            return values;
        }
    }
}
