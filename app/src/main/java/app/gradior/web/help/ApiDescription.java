package app.gradior.web.help;

import io.swagger.v3.oas.annotations.OpenAPIDefinition;
import io.swagger.v3.oas.annotations.enums.SecuritySchemeType;
import io.swagger.v3.oas.annotations.info.Info;
import io.swagger.v3.oas.annotations.security.SecurityScheme;
import org.springframework.context.annotation.Configuration;

/** What programs can ask, as OpenAPI describes it: at {@code /api/openapi.json}, made from the controllers. */
@Configuration
@OpenAPIDefinition(info = @Info(title = "Gradior", version = "1", description = ApiText.WHAT_IT_IS))
@SecurityScheme(
        name = "token",
        type = SecuritySchemeType.HTTP,
        scheme = "bearer",
        description = "A token made by a person, good for one thing")
@SecurityScheme(
        name = "device",
        type = SecuritySchemeType.HTTP,
        scheme = "bearer",
        description = "The token that a device was given when it was added")
class ApiDescription {}
