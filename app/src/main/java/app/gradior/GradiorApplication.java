package app.gradior;

import java.time.Clock;
import java.time.Duration;
import java.time.temporal.ChronoUnit;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.web.servlet.resource.ResourceUrlEncodingFilter;

/** The web application over the core. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class GradiorApplication {
    public static void main(String[] args) {
        SpringApplication.run(GradiorApplication.class, args);
    }

    /**
     * Addresses of our own pages are no files: without this every link of every page is looked for among the static
     * files of the jar, which took longer than the rest of the page.
     */
    @Bean
    FilterRegistrationBean<ResourceUrlEncodingFilter> noVersionedAddresses() {
        FilterRegistrationBean<ResourceUrlEncodingFilter> off =
                new FilterRegistrationBean<>(new ResourceUrlEncodingFilter());
        off.setEnabled(false);
        return off;
    }

    @Bean
    Clock clock() {
        // The database keeps microseconds: a moment is the same when it comes back.
        return Clock.tick(Clock.systemUTC(), Duration.of(1, ChronoUnit.MICROS));
    }
}
