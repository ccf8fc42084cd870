package app.gradior.web.kitchen;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * What a page sends says whose page it was. If somebody else has signed in on the device since, it is not taken as
 * theirs, however the cookies have changed in between.
 */
@Configuration
class Whose implements WebMvcConfigurer, HandlerInterceptor {
    private static final String WHO = "X-Gradior-Who";
    private static final String SOMEBODY_ELSE = "X-Gradior-Somebody-Else";

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        String who = request.getHeader(WHO);
        boolean other = who != null
                && KitchenUser.of(request.getUserPrincipal())
                        .filter(user -> !user.getMark().equals(who))
                        .isPresent();
        if (other) {
            response.setHeader(SOMEBODY_ELSE, "yes");
            response.sendError(HttpStatus.CONFLICT.value());
        }
        return !other;
    }
}
