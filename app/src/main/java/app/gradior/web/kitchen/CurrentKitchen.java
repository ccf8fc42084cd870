package app.gradior.web.kitchen;

import app.gradior.measure.Measures;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.ZoneId;
import java.time.ZoneOffset;
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

/** The units of the kitchen that asks, for as long as its request lasts. */
@Configuration
public class CurrentKitchen implements WebMvcConfigurer, HandlerInterceptor {
    private static final String KITCHEN = "gradior.kitchen";
    private static final String COUNTED = "gradior.changes";

    /** Somebody without a kitchen who asks in ounces and inches. */
    private static final AccountMapper.KitchenRow US_VISITOR = new AccountMapper.KitchenRow(
            new UUID(0, 0),
            "",
            0,
            Measures.US,
            AccountMapper.Units.US,
            AccountMapper.TemperatureScale.FAHRENHEIT,
            false,
            20,
            "UTC",
            null,
            null,
            0);

    private final AccountMapper accounts;

    private record Counted(UUID kitchen, long changes) {}

    CurrentKitchen(AccountMapper accounts) {
        this.accounts = accounts;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this)
                .excludePathPatterns("/files/**", "/css/**", "/js/**", "/fonts/**", "/webjars/**", "/feed/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Optional<KitchenUser> user = KitchenUser.of(request.getUserPrincipal());
        if (user.isPresent()) {
            accounts.kitchen(user.get().kitchenId()).ifPresent(kitchen -> {
                request.setAttribute(KITCHEN, kitchen);
                request.setAttribute(COUNTED, new Counted(kitchen.id(), kitchen.changes()));
            });
        } else if ("us".equals(request.getParameter("units"))) {
            request.setAttribute(KITCHEN, US_VISITOR);
        }
        return true;
    }

    /** Whether ounces come first. */
    public static boolean ounces() {
        return asking().filter(kitchen -> kitchen.units() == AccountMapper.Units.US)
                .isPresent();
    }

    /** Where the kitchen that asks is; UTC where none does. */
    public static ZoneId zone() {
        return asking().map(AccountMapper.KitchenRow::zone).orElse(ZoneOffset.UTC);
    }

    /** Who asks; empty where nobody is signed in. */
    public static Optional<String> person() {
        return KitchenUser.of(SecurityContextHolder.getContext().getAuthentication())
                .map(KitchenUser::getUsername);
    }

    public static boolean fahrenheit() {
        return asking().filter(kitchen -> kitchen.temperature() == AccountMapper.TemperatureScale.FAHRENHEIT)
                .isPresent();
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

    private static Optional<AccountMapper.KitchenRow> asking() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        return request == null
                ? Optional.empty()
                : Optional.ofNullable(
                        (AccountMapper.KitchenRow) request.getAttribute(KITCHEN, RequestAttributes.SCOPE_REQUEST));
    }
}
