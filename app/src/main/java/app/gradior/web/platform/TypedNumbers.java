package app.gradior.web.platform;

import app.gradior.measure.NumberInput;
import java.util.OptionalDouble;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Numbers of forms are read like all others: with decimal commas, and never as NaN or in hexadecimal. */
@Configuration
class TypedNumbers implements WebMvcConfigurer {
    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(String.class, Double.class, (Converter<String, Double>) TypedNumbers::number);
        registry.addConverter(String.class, Integer.class, (Converter<String, Integer>) TypedNumbers::whole);
    }

    private static Double number(String typed) {
        return typed.isBlank() ? null : read(typed);
    }

    private static Integer whole(String typed) {
        if (typed.isBlank()) {
            return null;
        }
        double number = read(typed);
        if (number != Math.rint(number) || Math.abs(number) > Integer.MAX_VALUE) {
            throw new IllegalArgumentException("no whole number");
        }
        return (int) number;
    }

    private static double read(String typed) {
        OptionalDouble number = NumberInput.read(typed);
        // What was typed is not repeated: it may be long, and stands beside its field anyway.
        return number.orElseThrow(() -> new IllegalArgumentException("no plain number"));
    }
}
