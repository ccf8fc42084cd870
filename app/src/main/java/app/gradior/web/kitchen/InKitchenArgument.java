package app.gradior.web.kitchen;

import java.util.List;
import java.util.UUID;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Hands {@link InKitchen} to whatever answers a request. */
@Configuration
class InKitchenArgument implements WebMvcConfigurer, HandlerMethodArgumentResolver {
    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.hasParameterAnnotation(InKitchen.class);
    }

    /** @return null where nobody is signed in */
    @Override
    public UUID resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer page,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        return KitchenUser.of(request.getUserPrincipal())
                .map(KitchenUser::kitchenId)
                .orElse(null);
    }
}
