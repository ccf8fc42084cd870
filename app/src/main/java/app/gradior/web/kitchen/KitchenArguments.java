package app.gradior.web.kitchen;

import app.gradior.web.text.UnitFormat;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Hands whatever answers a request the id of the kitchen, {@link InKitchen}, and what its numbers are said with. */
@Configuration
class KitchenArguments implements WebMvcConfigurer, HandlerMethodArgumentResolver {
    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.hasParameterAnnotation(InKitchen.class) || parameter.getParameterType() == UnitFormat.class;
    }

    /** @return null for the kitchen where nobody is signed in */
    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer page,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        if (parameter.getParameterType() == UnitFormat.class) {
            return request.getAttribute(CurrentKitchen.SAY, RequestAttributes.SCOPE_REQUEST);
        }
        return KitchenUser.of(request.getUserPrincipal())
                .map(KitchenUser::kitchenId)
                .orElse(null);
    }
}
