package app.gradior;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

/** The web application over the core. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class GradiorApplication {
    public static void main(String[] args) {
        SpringApplication.run(GradiorApplication.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
