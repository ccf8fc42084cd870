package app.gradior;

import app.gradior.browser.Browsers;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * The real application on the tests' own database, with a clock that the tests hold. Gives tests its beans, and itself
 * for those that need its address or restart it. (Spring's own extension needs a JUnit newer than 5.)
 */
public final class RunningApplication implements ParameterResolver, AfterEachCallback {
    private static ConfigurableApplicationContext context;
    private static final HeldClock CLOCK = new HeldClock();

    /** A clock that stands until it is moved. */
    public static final class HeldClock extends Clock {
        private volatile Instant now = Instant.parse("2026-11-24T17:00:00Z");

        public void pass(Duration time) {
            now = now.plus(time);
        }

        @Override
        public Instant instant() {
            return now;
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }
    }

    @Configuration
    static class HeldTime {
        @Bean
        @Primary
        Clock heldClock() {
            return CLOCK;
        }

        @Bean
        static MetCommits metCommits() {
            return new MetCommits();
        }

        /** As the application's, with the least work: the tests open a thousand kitchens, and guess no password. */
        @Bean
        @Primary
        PasswordEncoder quickPasswords() {
            return new DelegatingPasswordEncoder("bcrypt", Map.of("bcrypt", new BCryptPasswordEncoder(4)));
        }
    }

    public static synchronized ConfigurableApplicationContext context() {
        if (context == null) {
            context = node();
        }
        return context;
    }

    /** One more application on the same database and the same clock, to be closed by who asks for it. */
    public static ConfigurableApplicationContext node(String... more) {
        List<String> arguments = new ArrayList<>(TestDatabase.arguments());
        if (List.of(more).stream().noneMatch(given -> given.startsWith("--server.port="))) {
            arguments.add("--server.port=0");
        }
        arguments.add("--gradior.demo=../demo/kitchen.json");
        arguments.add("--gradior.rehearsals=0");
        arguments.add("--spring.main.banner-mode=off");
        // All tests come from one address.
        for (String limit : List.of("sign-ins-from-address", "sign-ups-from-address", "demos-from-address")) {
            String argument = "--gradior.throttle." + limit + "=";
            if (List.of(more).stream().noneMatch(given -> given.startsWith(argument))) {
                arguments.add(argument + "1000000");
            }
        }
        arguments.addAll(List.of(more));
        return new SpringApplication(GradiorApplication.class, HeldTime.class).run(arguments.toArray(String[]::new));
    }

    /** Stops the application and starts another on the same database. */
    public static synchronized void restart() {
        context.close();
        context = null;
        context();
    }

    public static String address() {
        return address(context());
    }

    public static String address(ConfigurableApplicationContext node) {
        return "http://127.0.0.1:"
                + ((ServletWebServerApplicationContext) node).getWebServer().getPort();
    }

    public static HeldClock clock() {
        return CLOCK;
    }

    @Override
    public void afterEach(ExtensionContext test) {
        Browsers.closePages();
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
        Class<?> type = parameter.getParameter().getType();
        return type.isInstance(context()) || context().getBeanNamesForType(type).length > 0;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
        Class<?> type = parameter.getParameter().getType();
        return type.isInstance(context()) ? context() : context().getBean(type);
    }
}
