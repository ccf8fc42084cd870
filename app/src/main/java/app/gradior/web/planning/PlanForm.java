package app.gradior.web.planning;

import app.gradior.measure.CookRounding;
import app.gradior.plan.Target;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.text.UnitPreference;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * The fields of a plan's page as they were filled: in its address, in hidden fields and with a kept plan alike. What was
 * not filled has a usual content, so that a plan can be opened by its sauce alone. {@link #choices} makes values of them.
 */
public final class PlanForm {
    /** With nothing filled. */
    public static final PlanForm EMPTY = new PlanForm(Map.of());

    /** Stands for a pot where a pan is taken of which only the width is told. */
    public static final String ANOTHER_SIZE = "other";

    private static final int LONGEST = 60;

    private final Map<PlanField, String> filled;

    private PlanForm(Map<PlanField, String> filled) {
        Map<PlanField, String> own = new EnumMap<>(PlanField.class);
        own.putAll(filled);
        this.filled = Collections.unmodifiableMap(own);
    }

    /** Of what an address or a form says; what is no field of a plan is left out, and so is what is far too long. */
    public static PlanForm of(Map<String, String> asked) {
        Map<PlanField, String> filled = new EnumMap<>(PlanField.class);
        for (PlanField field : PlanField.values()) {
            String value = asked.get(field.key());
            if (value != null && !value.isBlank() && value.length() <= LONGEST) {
                filled.put(field, value.strip());
            }
        }
        return new PlanForm(filled);
    }

    /** With one field filled so; with it empty where the value is null. */
    public PlanForm with(PlanField field, Object value) {
        Map<PlanField, String> more = new EnumMap<>(PlanField.class);
        more.putAll(filled);
        if (value == null) {
            more.remove(field);
        } else {
            more.put(field, value.toString());
        }
        return new PlanForm(more);
    }

    /** What was filled, by the fields' names, without what stands by default. */
    public Map<String, String> filled() {
        Map<String, String> byKey = new LinkedHashMap<>();
        filled.forEach((field, value) -> byKey.put(field.key(), value));
        return byKey;
    }

    public boolean says(PlanField field) {
        return filled.containsKey(field);
    }

    public String get(PlanField field) {
        return filled.getOrDefault(field, field.usual());
    }

    /** The pot chosen; empty where none of the kitchen's was. */
    public Optional<UUID> pot() {
        return id(PlanField.POT);
    }

    Optional<UUID> id(PlanField field) {
        try {
            return Optional.of(UUID.fromString(get(field)));
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    public boolean says(String key) {
        return says(PlanField.ofKey(key).orElseThrow());
    }

    /**
     * What a field of the page shows.
     *
     * @throws java.util.NoSuchElementException if a plan has no such field
     */
    public String get(String key) {
        return get(PlanField.ofKey(key).orElseThrow());
    }

    /**
     * What the fields mean; what can't be read is said beside its field, and the usual stands in its place.
     *
     * @param filledBy how whoever filled them measures, where they give no unit
     */
    public PlanChoices choices(UnitPreference filledBy, FieldErrors problems) {
        return new PlanFormReader(this, filledBy.ouncesFirst(), problems).choices();
    }

    /** The same toward a target that the sauce itself names; as it was for one that the page can't show. */
    PlanForm toward(Target target) {
        if (target instanceof Target.Weight weight) {
            return stopping(
                            PlanChoices.Aim.YIELD,
                            PlanField.AMOUNT,
                            weight.mass().grams())
                    .with(PlanField.UNIT, "g");
        }
        if (target instanceof Target.Yield yield) {
            return stopping(
                            PlanChoices.Aim.YIELD,
                            PlanField.AMOUNT,
                            yield.volume().millilitres())
                    .with(PlanField.UNIT, "ml");
        }
        if (target instanceof Target.Reduced reduced) {
            return stopping(
                            PlanChoices.Aim.PART,
                            PlanField.PART,
                            reduced.kept().rest().percent())
                    .with(PlanField.WAY, "by")
                    .with(PlanField.BASIS, reduced.basis().name());
        }
        if (target instanceof Target.AtBrix brix) {
            return stopping(PlanChoices.Aim.BRIX, PlanField.BRIX, brix.brix().percent());
        }
        if (target instanceof Target.AtBoilingPoint at) {
            return stopping(PlanChoices.Aim.BOILS, PlanField.BOILS, at.boils().degrees());
        }
        if (target instanceof Target.ForUse forUse) {
            return with(PlanField.USE, forUse.use().name());
        }
        return target instanceof Target.AtGrade grade
                ? with(PlanField.USE, "GRADE")
                        .with(
                                PlanField.GRADE,
                                CookRounding.exactly(grade.grade().value()))
                : this;
    }

    private PlanForm stopping(PlanChoices.Aim aim, PlanField field, double value) {
        return with(PlanField.AIM, aim.key()).with(field, CookRounding.exactly(value));
    }

    /** What was filled as the part of an address after the question mark. */
    public String query() {
        return filled.entrySet().stream()
                .map(e -> e.getKey().key() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof PlanForm that && filled.equals(that.filled);
    }

    @Override
    public int hashCode() {
        return filled.hashCode();
    }

    @Override
    public String toString() {
        return query();
    }
}
