package app.gradior.web.batch;

import app.gradior.cook.CookEvent;
import app.gradior.food.Mixture;
import app.gradior.plan.Target;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Events as JSON and back. The names of kinds are part of what is stored: they are never renamed. */
@Component
public class CookEventCodec {
    private final JsonMapper json = JsonMapper.builder()
            .addMixIn(CookEvent.class, EventKinds.class)
            .addMixIn(CookEvent.Reading.class, EventKinds.class)
            .addMixIn(CookEvent.Weighed.class, WithoutNet.class)
            .addMixIn(Target.class, TargetKinds.class)
            .addMixIn(Mixture.class, MixtureAsParts.class)
            .build();

    String write(CookEvent event) {
        return json.writerFor(CookEvent.class).writeValueAsString(event);
    }

    CookEvent read(String body) {
        return json.readValue(body, CookEvent.class);
    }

    public static String kind(CookEvent event) {
        for (JsonSubTypes.Type type :
                EventKinds.class.getAnnotation(JsonSubTypes.class).value()) {
            if (type.value() == event.getClass()) {
                return type.name();
            }
        }
        throw new IllegalArgumentException("no kind is named for " + event.getClass());
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = CookEvent.Started.class, name = "started"),
        @JsonSubTypes.Type(value = CookEvent.Simmers.class, name = "simmers"),
        @JsonSubTypes.Type(value = CookEvent.HeatChanged.class, name = "heat"),
        @JsonSubTypes.Type(value = CookEvent.LidChanged.class, name = "lid"),
        @JsonSubTypes.Type(value = CookEvent.HeatSwitched.class, name = "on-heat"),
        @JsonSubTypes.Type(value = CookEvent.Added.class, name = "added"),
        @JsonSubTypes.Type(value = CookEvent.Blended.class, name = "blended"),
        @JsonSubTypes.Type(value = CookEvent.Strained.class, name = "strained"),
        @JsonSubTypes.Type(value = CookEvent.Undone.class, name = "undone"),
        @JsonSubTypes.Type(value = CookEvent.Confirmed.class, name = "confirmed"),
        @JsonSubTypes.Type(value = CookEvent.Finished.class, name = "finished"),
        @JsonSubTypes.Type(value = CookEvent.SlurryPoured.class, name = "slurry"),
        @JsonSubTypes.Type(value = CookEvent.PotChanged.class, name = "pot"),
        @JsonSubTypes.Type(value = CookEvent.Stirred.class, name = "stirred"),
        @JsonSubTypes.Type(value = CookEvent.Ticked.class, name = "ticked"),
        @JsonSubTypes.Type(value = CookEvent.TimerStarted.class, name = "timer"),
        @JsonSubTypes.Type(value = CookEvent.Wanted.class, name = "wanted"),
        @JsonSubTypes.Type(value = CookEvent.TimerStopped.class, name = "timer-stopped"),
        @JsonSubTypes.Type(value = CookEvent.Tasted.class, name = "tasted"),
        @JsonSubTypes.Type(value = CookEvent.Jarred.class, name = "jarred"),
        @JsonSubTypes.Type(value = CookEvent.Weighed.class, name = "weighed"),
        @JsonSubTypes.Type(value = CookEvent.Dipped.class, name = "dipped"),
        @JsonSubTypes.Type(value = CookEvent.Jugged.class, name = "jugged"),
        @JsonSubTypes.Type(value = CookEvent.SpoonLooked.class, name = "spoon"),
        @JsonSubTypes.Type(value = CookEvent.PlateSpreadRead.class, name = "plate"),
        @JsonSubTypes.Type(value = CookEvent.TemperatureRead.class, name = "temperature")
    })
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
