package app.gradior.web;

import app.gradior.web.account.AccountMapper;
import app.gradior.web.account.KitchenUser;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The units of the kitchen that asks, for as long as its request lasts. */
@Configuration
class Preferred implements WebMvcConfigurer, HandlerInterceptor {
    private static final String UNITS = "gradior.units";
    private static final String SCALE = "gradior.temperature";

    private final AccountMapper accounts;

    Preferred(AccountMapper accounts) {
        this.accounts = accounts;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).excludePathPatterns("/css/**", "/js/**", "/fonts/**", "/webjars/**", "/feed/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (request.getUserPrincipal() instanceof Authentication who
                && who.getPrincipal() instanceof KitchenUser user) {
            accounts.kitchen(user.kitchenId()).ifPresent(kitchen -> {
                request.setAttribute(UNITS, kitchen.units());
                request.setAttribute(SCALE, kitchen.temperature());
            });
        }
        return true;
    }

    /** Whether ounces come first. */
    static boolean ounces() {
        return attribute(UNITS) == AccountMapper.Units.US;
    }

    static boolean fahrenheit() {
        return attribute(SCALE) == AccountMapper.TemperatureScale.FAHRENHEIT;
    }

    private static Object attribute(String name) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        return request == null ? null : request.getAttribute(name, RequestAttributes.SCOPE_REQUEST);
    }
}
