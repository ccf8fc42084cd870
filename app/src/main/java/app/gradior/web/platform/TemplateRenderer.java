package app.gradior.web.platform;

import java.io.Writer;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.context.ApplicationContext;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.spring6.expression.ThymeleafEvaluationContext;

/** Renders templates that need nothing of a request: no addresses, no tokens. */
@Component
public class TemplateRenderer {
    private final SpringTemplateEngine templates;
    private final ApplicationContext beans;

    TemplateRenderer(SpringTemplateEngine templates, ApplicationContext beans) {
        this.templates = templates;
        this.beans = beans;
    }

    /** A fragment of a template, or the whole where the fragment is null. */
    public String render(String template, String fragment, Map<String, Object> shown) {
        return fragment == null
                ? templates.process(template, context(shown))
                : templates.process(template, Set.of(fragment), context(shown));
    }

    /** The same, as it is made. */
    public void render(String template, String fragment, Map<String, Object> shown, Writer into) {
        templates.process(template, Set.of(fragment), context(shown), into);
    }

    private Context context(Map<String, Object> shown) {
        Context context = new Context(Locale.ENGLISH, shown);
        context.setVariable(
                ThymeleafEvaluationContext.THYMELEAF_EVALUATION_CONTEXT_CONTEXT_VARIABLE_NAME,
                new ThymeleafEvaluationContext(beans, null));
        return context;
    }
}
