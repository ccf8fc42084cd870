package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.food.IngredientTable;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Finds the food that a cook's words mean. */
public final class FoodNames {
    private static final int LONGEST_NAME_WORDS = 9;

    /** Under this share of common letter pairs two names are not alike. */
    private static final double MIN_LIKENESS = 0.45;

    /** A slip of the fingers in so many letters is forgiven. */
    private static final int LETTERS_PER_SLIP = 5;

    private static final int MAX_SLIPS = 3;

    private static final LevenshteinDistance DISTANCE = new LevenshteinDistance(MAX_SLIPS);

    /** Words that say how a food is cut, kept or chosen, and change neither which food it is nor its weight. */
    private static final Set<String> BY_THE_WAY = KitchenWords.list("by-the-way.txt");

    /** Words of remarks behind a food that change nothing in the pot. */
    private static final Set<String> REMARKS = KitchenWords.list("remarks.txt");

    private static final List<KitchenWords.Generic> GENERICS = KitchenWords.generics();

    /** What foods are bought in; whatever is named, the food's own pack is meant. */
    private static final Set<String> PACKS =
            Set.of("can", "tin", "jar", "bottle", "carton", "packet", "pack", "tub", "pot", "bag", "tube", "box");

    private static final Set<String> PIECES =
            Set.of("stick", "stalk", "rib", "bulb", "thumb", "knob", "sprig", "clove");

    static boolean isPackOrPiece(String token) {
        return PACKS.contains(token) || PIECES.contains(token);
    }

    static boolean isByTheWay(String token) {
        return BY_THE_WAY.contains(token);
    }

    /** Whether a word only says what a line is for, or the like. */
    static boolean isRemark(String token) {
        return REMARKS.contains(token);
    }

    static boolean isPack(String word) {
        return PACKS.contains(word)
                || word.endsWith("s") && PACKS.contains(word.substring(0, word.length() - 1))
                || word.endsWith("es") && PACKS.contains(word.substring(0, word.length() - 2));
    }

    /** How a food is measured in the line; it can tell which of two foods of one name is meant. */
    enum Measured {
        SPOON,
        COUNT,
        OTHER
    }

    private final IngredientTable table;
    private final Map<String, Ingredient> byName;
    private final Map<String, LetterPairs> pairsOfNames;
    private final Map<Ingredient.Piece, Set<String>> unitWords = new HashMap<>();

    public FoodNames(IngredientTable table) {
        this(table, new HashMap<>(), new HashMap<>());
        learn(table.all());
        table.all().forEach(this::learnUnits);
    }

    private FoodNames(IngredientTable table, Map<String, Ingredient> byName, Map<String, LetterPairs> pairs) {
        this.table = table;
        this.byName = byName;
        this.pairsOfNames = pairs;
    }

    /** These names with those of a kitchen's own foods, which go before. */
    public FoodNames with(Collection<Ingredient> own) {
        if (own.isEmpty()) {
            return this;
        }
        FoodNames both = new FoodNames(table.with(own), new HashMap<>(byName), new HashMap<>(pairsOfNames));
        both.unitWords.putAll(unitWords);
        own.forEach(both::learnUnits);
        Map<String, Ingredient> ownByKey = own.stream().collect(Collectors.toMap(Ingredient::key, i -> i));
        both.byName.replaceAll((name, ingredient) -> ownByKey.getOrDefault(ingredient.key(), ingredient));
        own.forEach(ingredient -> namesOf(ingredient).forEach(name -> {
            both.byName.put(name, ingredient);
            both.pairsOfNames.put(name, LetterPairs.of(name));
        }));
        return both;
    }

    private void learn(Collection<Ingredient> foods) {
        for (Ingredient ingredient : foods) {
            ownNames(ingredient).forEach(name -> byName.putIfAbsent(name, ingredient));
        }
        for (Ingredient ingredient : foods) {
            namesOf(ingredient).forEach(name -> byName.putIfAbsent(name, ingredient));
        }
        for (Ingredient ingredient : foods) {
            byName.putIfAbsent(NameWords.joined(ingredient.key()), ingredient);
        }
        GENERICS.forEach(generic ->
                table.find(generic.keys().get(0)).ifPresent(food -> byName.putIfAbsent(generic.name(), food)));
        byName.keySet().forEach(name -> pairsOfNames.put(name, LetterPairs.of(name)));
    }

    private static List<String> ownNames(Ingredient ingredient) {
        String name = ingredient.name();
        int cut = name.indexOf(',') >= 0 ? name.indexOf(',') : name.indexOf('(');
        return cut > 0
                ? List.of(NameWords.joined(name), NameWords.joined(name.substring(0, cut)))
                : List.of(NameWords.joined(name));
    }

    private static List<String> namesOf(Ingredient ingredient) {
        List<String> names = new ArrayList<>(ownNames(ingredient));
        ingredient.aliases().forEach(alias -> names.add(NameWords.joined(alias)));
        return names;
    }

    public IngredientTable table() {
        return table;
    }

    /**
     * A food found in a line.
     *
     * @param unit the piece or pack the line counts it in, if one of its own is named
     * @param named the words that name it
     * @param unexplained words that the food does not account for
     * @param others further foods that may be meant, if it is not certain
     * @param settled whether the kitchen itself said which
     */
    record Found(
            Ingredient ingredient,
            Optional<Ingredient.Piece> unit,
            List<String> named,
            List<String> unexplained,
            List<Ingredient> others,
            boolean settled) {
        Found withoutUnexplained() {
            return new Found(ingredient, unit, named, List.of(), others, settled);
        }

        boolean isUnitWord(String token) {
            return Stream.of(ingredient.piece(), ingredient.pack())
                    .flatMap(Optional::stream)
                    .anyMatch(piece -> wordsOf(piece).contains(token));
        }

        boolean certain() {
            return unexplained.isEmpty() && others.isEmpty();
        }
    }

    /** The food that accounts for most of the words, by the longest name; empty if no name is among them. */
    Optional<Found> find(String words, Measured how, Habits habits) {
        List<String> tokens = NameWords.normalised(words);
        List<String> telling =
                tokens.stream().filter(t -> !BY_THE_WAY.contains(t)).toList();
        Optional<Ingredient> habit =
                habits.food(tokens).or(() -> habits.food(telling)).flatMap(table::find);
        if (habit.isPresent()) {
            Found found = account(habit.get(), tokens, 0, tokens.size());
            return Optional.of(
                    new Found(found.ingredient(), unitIn(habit.get(), tokens), tokens, List.of(), List.of(), true));
        }
        Match best = longest(tokens);
        // "2 tins tomatoes" are canned ones.
        if (best != null
                && tokens.stream().anyMatch(t -> t.equals("can") || t.equals("tin"))
                && best.found().unit().isEmpty()) {
            List<String> canned = new ArrayList<>(tokens);
            canned.removeIf(t -> t.equals("can") || t.equals("tin"));
            Match other = longest(prefixed("canned", canned));
            if (other != null && other.name().startsWith("canned ")) {
                best = new Match(
                        account(other.found().ingredient(), tokens, 0, tokens.size()), other.name(), 0, tokens.size());
            }
        }
        if (best == null || !best.found().unexplained().isEmpty()) {
            Optional<Found> slip = slip(telling, best);
            if (slip.isPresent()) {
                return slip;
            }
        }
        return Optional.ofNullable(best).map(b -> generic(b, tokens, how, habits));
    }

    /** Whether these words are a name of a food. */
    boolean isName(String words) {
        return byName.containsKey(NameWords.joined(words));
    }

    /** Whether a name of a food stands among the words. */
    boolean knows(String words) {
        return longest(NameWords.normalised(words)) != null;
    }

    private static List<String> prefixed(String word, List<String> tokens) {
        List<String> all = new ArrayList<>(List.of(word));
        all.addAll(tokens);
        return all;
    }

    private record Match(Found found, String name, int from, int length) {}

    private Match longest(List<String> tokens) {
        Match best = null;
        int bestLength = 0;
        for (int from = 0; from < tokens.size(); from++) {
            StringBuilder name = new StringBuilder();
            for (int length = 1; length <= LONGEST_NAME_WORDS && from + length <= tokens.size(); length++) {
                name.append(length == 1 ? "" : " ").append(tokens.get(from + length - 1));
                Ingredient ingredient = byName.get(name.toString());
                if (ingredient == null) {
                    continue;
                }
                Found found = account(ingredient, tokens, from, length);
                int missing = found.unexplained().size();
                int minMissing = best == null
                        ? Integer.MAX_VALUE
                        : best.found().unexplained().size();
                if (missing < minMissing || missing == minMissing && length > bestLength) {
                    best = new Match(found, name.toString(), from, length);
                    bestLength = length;
                }
            }
        }
        return best;
    }

    /** "Stock" may be of chicken, vegetables or beef. */
    private Found generic(Match match, List<String> tokens, Measured how, Habits habits) {
        List<Ingredient> meant = new ArrayList<>();
        // The narrower rule goes first: "1 pepper" is a vegetable, "1 g pepper" a spice.
        GENERICS.stream()
                .filter(g -> g.fits(match.name(), how))
                .sorted(Comparator.comparing(g -> g.isAny()))
                .findFirst()
                .ifPresent(g -> g.keys().forEach(key -> table.find(key).ifPresent(meant::add)));
        Found found = match.found();
        Optional<Ingredient> habit =
                habits.food(List.of(match.name().split(" "))).flatMap(table::find);
        boolean settled = habit.isPresent() && !meant.isEmpty();
        Ingredient ingredient = settled ? habit.get() : meant.isEmpty() ? found.ingredient() : meant.get(0);
        // A kitchen that has a food of its own by that very name means that one.
        if (meant.isEmpty()
                || !settled
                        && !IngredientTable.shipped()
                                .find(found.ingredient().key())
                                .isPresent()) {
            return found;
        }
        meant.remove(ingredient);
        Found counted = account(ingredient, tokens, match.from(), match.length());
        return new Found(ingredient, counted.unit(), counted.named(), counted.unexplained(), meant, settled);
    }

    /** A name that only a slip or two keeps from being the words. */
    private Optional<Found> slip(List<String> telling, Match best) {
        String words = String.join(" ", telling);
        int allowed = Math.min(MAX_SLIPS, words.length() / LETTERS_PER_SLIP);
        if (allowed == 0 || words.length() > 60) {
            return Optional.empty();
        }
        LetterPairs pairs = LetterPairs.of(words);
        Map<Ingredient, Integer> near = new HashMap<>();
        byName.forEach((name, ingredient) -> {
            if (Math.abs(name.length() - words.length()) <= allowed && mayBe(name, pairs, allowed)) {
                int distance = DISTANCE.apply(name, words);
                if (distance >= 0 && distance <= allowed) {
                    near.merge(ingredient, distance, Math::min);
                }
            }
        });
        List<Ingredient> nearest = near.entrySet().stream()
                .sorted(Map.Entry.<Ingredient, Integer>comparingByValue()
                        .thenComparing(e -> e.getKey().key()))
                .map(Map.Entry::getKey)
                .limit(2)
                .collect(Collectors.toCollection(ArrayList::new));
        if (nearest.isEmpty()) {
            return Optional.empty();
        }
        Set<Ingredient> others = new LinkedHashSet<>(nearest.subList(1, nearest.size()));
        if (best != null) {
            others.add(best.found().ingredient());
        }
        others.remove(nearest.get(0));
        return Optional.of(new Found(
                nearest.get(0),
                unitIn(nearest.get(0), telling),
                List.of(),
                List.of(words),
                List.copyOf(others),
                false));
    }

    /** A slip spoils two pairs at most, so that a name further off need not be measured letter by letter. */
    private boolean mayBe(String name, LetterPairs pairs, int slips) {
        return pairs.common(pairsOfNames.get(name)) >= pairs.size() - 2 * slips;
    }

    private Optional<Ingredient.Piece> unitIn(Ingredient ingredient, List<String> tokens) {
        return account(ingredient, tokens, 0, 0).unit();
    }

    private Found account(Ingredient ingredient, List<String> tokens, int from, int length) {
        Optional<Ingredient.Piece> unit = Optional.empty();
        Set<String> pieceWords = unitWords(ingredient.piece());
        Set<String> packWords = unitWords(ingredient.pack());
        List<String> unexplained = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            String token = tokens.get(i);
            if (i >= from && i < from + length) {
                continue;
            }
            if (pieceWords.contains(token)) {
                unit = ingredient.piece();
            } else if (packWords.contains(token)
                    || PACKS.contains(token) && ingredient.pack().isPresent()) {
                unit = unit.isPresent() ? unit : ingredient.pack();
            } else if (PIECES.contains(token) && ingredient.piece().isPresent()) {
                unit = ingredient.piece();
            } else if (!BY_THE_WAY.contains(token) && !isNumber(token)) {
                unexplained.add(token);
            }
        }
        return new Found(ingredient, unit, tokens.subList(from, from + length), unexplained, List.of(), false);
    }

    private static boolean isNumber(String token) {
        return token.chars().allMatch(Character::isDigit);
    }

    private Set<String> unitWords(Optional<Ingredient.Piece> piece) {
        return piece.map(unitWords::get).orElse(Set.of());
    }

    private void learnUnits(Ingredient ingredient) {
        ingredient.piece().ifPresent(piece -> unitWords.computeIfAbsent(piece, FoodNames::wordsOf));
        ingredient.pack().ifPresent(pack -> unitWords.computeIfAbsent(pack, FoodNames::wordsOf));
    }

    private static Set<String> wordsOf(Ingredient.Piece piece) {
        Set<String> words = new HashSet<>(NameWords.normalised(piece.name()));
        words.removeAll(BY_THE_WAY);
        return words;
    }

    /** Up to so many foods whose names look most like the words, the likest first. */
    public List<Ingredient> like(String words, int max) {
        String asked = NameWords.joined(words);
        LetterPairs pairs = LetterPairs.of(asked);
        if (asked.isEmpty()) {
            return List.of();
        }
        Map<Ingredient, Double> likeness = new HashMap<>();
        byName.forEach((name, ingredient) -> {
            if (name.equals(asked)) {
                likeness.put(ingredient, 2.0);
            } else if ((" " + name).contains(" " + asked)) {
                likeness.merge(ingredient, 1 + (double) asked.length() / name.length() / 2, Math::max);
            } else {
                double dice = pairs.likeness(pairsOfNames.get(name));
                if (dice >= MIN_LIKENESS) {
                    likeness.merge(ingredient, dice, Math::max);
                }
            }
        });
        return likeness.entrySet().stream()
                .sorted(Map.Entry.<Ingredient, Double>comparingByValue()
                        .reversed()
                        .thenComparing(e -> e.getKey().key(), Comparator.naturalOrder()))
                .limit(max)
                .map(Map.Entry::getKey)
                .toList();
    }
}
