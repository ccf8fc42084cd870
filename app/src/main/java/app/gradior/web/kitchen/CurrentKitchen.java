package app.gradior.web.kitchen;

import app.gradior.web.text.UnitFormat;
import app.gradior.web.text.UnitPreference;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import java.util.function.LongSupplier;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The kitchen that asks, for as long as its request lasts: how it reads numbers, who asks, what it has changed. */
@Configuration
public class CurrentKitchen implements WebMvcConfigurer, HandlerInterceptor {
    private static final String COUNTED = "gradior.changes";

    /** What the pages of the request say numbers with; templates know it by this name. */
    static final String SAY = "say";

    /** When the request came, as scripts read it. */
    private static final String MADE = "made";

    private final AccountMapper accounts;
    private final Clock clock;

    private record Counted(UUID kitchen, long changes) {}

    CurrentKitchen(AccountMapper accounts, Clock clock) {
        this.accounts = accounts;
        this.clock = clock;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this)
                .excludePathPatterns("/files/**", "/css/**", "/js/**", "/fonts/**", "/webjars/**", "/feed/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        // Somebody without a kitchen says it in the address.
        boolean us = "us".equals(request.getParameter("units"));
        request.setAttribute(SAY, us ? new UnitFormat(UnitPreference.US) : UnitFormat.METRIC);
        request.setAttribute(MADE, clock.instant().truncatedTo(ChronoUnit.SECONDS));
        KitchenUser.of(request.getUserPrincipal())
                .flatMap(user -> accounts.kitchen(user.kitchenId()))
                .ifPresent(kitchen -> {
                    request.setAttribute(SAY, new UnitFormat(kitchen.preference()));
                    request.setAttribute(COUNTED, new Counted(kitchen.id(), kitchen.changes()));
                });
        return true;
    }

    /** Who asks; empty where nobody is signed in. */
    public static Optional<String> person() {
        return KitchenUser.of(SecurityContextHolder.getContext().getAuthentication())
                .map(KitchenUser::getUsername);
    }

    /** How often the rows of a kitchen have changed: counted once in a request, as long as that changes none itself. */
    static long changes(UUID kitchen, LongSupplier count) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request == null) {
            return count.getAsLong();
        }
        Counted known = (Counted) request.getAttribute(COUNTED, RequestAttributes.SCOPE_REQUEST);
        if (known == null || !known.kitchen().equals(kitchen)) {
            known = new Counted(kitchen, count.getAsLong());
            request.setAttribute(COUNTED, known, RequestAttributes.SCOPE_REQUEST);
        }
        return known.changes();
    }

    /** The request has changed something. */
    static void changed() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.removeAttribute(COUNTED, RequestAttributes.SCOPE_REQUEST);
        }
    }
}
