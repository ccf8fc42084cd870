package app.gradior.web.platform;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.IEngineContext;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.dialect.AbstractProcessorDialect;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.processor.IProcessor;
import org.thymeleaf.processor.element.AbstractAttributeTagProcessor;
import org.thymeleaf.processor.element.IElementTagStructureHandler;
import org.thymeleaf.standard.StandardDialect;
import org.thymeleaf.standard.expression.Fragment;
import org.thymeleaf.standard.expression.IStandardExpressionParser;
import org.thymeleaf.standard.expression.StandardExpressions;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.util.LazyProcessingCharSequence;

/**
 * Parts of pages that are made once for each value that they show: {@code <ol kept:part="~{cook/parts :: step}"
 * kept:of="${steps}">} is filled with the fragment for each of the steps, which it sees as {@code it}. A page that comes anew
 * every second while little in it changes costs what has changed.
 *
 * <p>Such a fragment shows nothing but its value: neither another variable, nor units or times of the kitchen that asks, which
 * it is given as words; and it holds no form, which carries the token of whoever it was made for. The value is compared with
 * {@code equals}.
 */
@Component
class KeptParts extends AbstractProcessorDialect {
    private static final String PREFIX = "kept";
    private static final String VALUE = "of";
    private static final String IT = "it";

    /** Among those of the standard dialect, where an element is filled with text. */
    private static final int PRECEDENCE = 1300;

    /** Half a kB to two each. */
    private static final int KEPT = 4000;

    /** Those of a cook that nobody looks at any more are not needed again. */
    private static final Duration KEPT_FOR = Duration.ofMinutes(10);

    private record Key(String part, Object of) {}

    KeptParts() {
        super("Kept parts", PREFIX, StandardDialect.PROCESSOR_PRECEDENCE);
    }

    @Override
    public Set<IProcessor> getProcessors(String prefix) {
        return Set.of(new Part(prefix));
    }

    private static final class Part extends AbstractAttributeTagProcessor {
        private final Cache<Key, String> made = Caffeine.newBuilder()
                .maximumSize(KEPT)
                .expireAfterAccess(KEPT_FOR)
                .build();

        Part(String prefix) {
            super(TemplateMode.HTML, prefix, null, false, "part", true, PRECEDENCE, true);
        }

        @Override
        protected void doProcess(
                ITemplateContext context,
                IProcessableElementTag tag,
                AttributeName attribute,
                String part,
                IElementTagStructureHandler filled) {
            String value = getDialectPrefix() + ":" + VALUE;
            Object of = run(context, tag.getAttributeValue(value));
            StringBuilder all = new StringBuilder();
            for (Object it : of instanceof Collection<?> several ? several : List.of(of)) {
                Key key = new Key(part, it);
                String known = made.getIfPresent(key);
                if (known == null) {
                    known = make((IEngineContext) context, part, it);
                    made.put(key, known);
                }
                all.append(known);
            }
            filled.removeAttribute(value);
            filled.setBody(all, false);
        }

        private static String make(IEngineContext context, String part, Object it) {
            context.increaseLevel();
            try {
                context.setVariable(IT, it);
                Fragment fragment = (Fragment) run(context, part);
                String made = new LazyProcessingCharSequence(context, fragment.getTemplateModel()).toString();
                if (made.contains("<form")) {
                    throw new IllegalStateException(part + " holds a form, which is not everybody's");
                }
                return made;
            } finally {
                context.decreaseLevel();
            }
        }

        private static Object run(ITemplateContext context, String expression) {
            IStandardExpressionParser parser = StandardExpressions.getExpressionParser(context.getConfiguration());
            return parser.parseExpression(context, expression).execute(context);
        }
    }
}
