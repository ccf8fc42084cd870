package app.gradior.web.batch;

import app.gradior.cook.CookEvent;
import app.gradior.cook.EventKind;
import app.gradior.food.Mixture;
import app.gradior.plan.Target;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;

/** Events as JSON and back. The names of kinds are part of what is stored: they are never renamed. */
@Component
public class CookEventCodec {
    private final JsonMapper json = JsonMapper.builder()
            .addMixIn(CookEvent.class, EventKinds.class)
            .addMixIn(CookEvent.Reading.class, EventKinds.class)
            .addMixIn(CookEvent.Weighed.class, WithoutNet.class)
            .addMixIn(Target.class, TargetKinds.class)
            .addMixIn(Mixture.class, MixtureAsParts.class)
            .registerSubtypes(Arrays.stream(EventKind.values())
                    .map(kind -> new NamedType(kind.type(), kind.key()))
                    .toArray(NamedType[]::new))
            .build();

    String write(CookEvent event) {
        return json.writerFor(CookEvent.class).writeValueAsString(event);
    }

    CookEvent read(String body) {
        return json.readValue(body, CookEvent.class);
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    private interface EventKinds {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "by")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Target.Weight.class, name = "weight"),
        @JsonSubTypes.Type(value = Target.Yield.class, name = "volume"),
        @JsonSubTypes.Type(value = Target.Reduced.class, name = "part"),
        @JsonSubTypes.Type(value = Target.ForUse.class, name = "use"),
        @JsonSubTypes.Type(value = Target.AtGrade.class, name = "grade"),
        @JsonSubTypes.Type(value = Target.AtStoveGrade.class, name = "stove-grade"),
        @JsonSubTypes.Type(value = Target.AtBoilingPoint.class, name = "boils"),
        @JsonSubTypes.Type(value = Target.AtBrix.class, name = "brix")
    })
    @JsonIgnoreProperties({"thickness", "isThickness"})
    private interface TargetKinds {}

    @JsonIgnoreProperties("net")
    private interface WithoutNet {}

    private abstract static class MixtureAsParts {
        @JsonValue
        abstract Mixture.Parts parts();

        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        static Mixture of(Mixture.Parts parts) {
            throw new IllegalStateException("only its annotations count");
        }
    }
}
