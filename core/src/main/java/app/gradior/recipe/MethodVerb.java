package app.gradior.recipe;

import app.gradior.measure.Words;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What a sentence of a method tells a cook to do, by the verb it is said with. */
enum MethodVerb {
    /** What is named goes in. */
    PUT("add put tip place pour stir whisk mix combine fold beat melt dissolve drop sprinkle splash "
            + "squeeze crumble throw toss pop swirl mount scatter ladle spoon incorporate return transfer "
            + "scrape empty dump slosh drizzle top knead work moisten emulsify thin loosen grate crush dust dot "
            + "include layer stream trickle arrange make prepare measure gather "
            + "sharpen sweeten brighten slake shake spike flavour flavor lace"),
    DEGLAZE("deglaze"),
    SWEAT("sweat soften wilt"),
    FRY("fry sauté saute brown toast sear caramelise caramelize colour color sizzle bloom render"),
    HEAT("heat bring warm reheat"),
    SIMMER("simmer cook poach boil bubble stew braise scald"),
    REDUCE("reduce concentrate evaporate"),
    THICKEN("thicken bind"),
    LIQUIDISE("blend purée puree whizz blitz liquidise liquidize pulse process whiz buzz"),
    STRAIN("strain sieve pass mill press push rub force filter"),
    /** What is let do something does it. */
    LET("let leave allow continue keep begin start wait"),
    SEASON("season adjust correct"),
    FINISH("finish enrich"),
    COOL("cool chill refrigerate"),
    OFF("remove take turn switch lift pull slide move"),
    /** Nothing in the pot changes by it. */
    SAY("skim infuse steep taste set rest discard cover uncover lower raise increase decrease check wipe "
            + "label brush repeat drain mash peel chop slice dice mince cut halve quarter trim zest juice wash "
            + "rinse soak preheat grease line store freeze jar bottle seal reserve save scoop fish pick pluck "
            + "finely roughly thinly tear shred flip tilt tie wrap score pat dry open crack separate "
            + "stand pit core deseed spread turn adjust gauge watch note try see be you tip test dip do don't "
            + "avoid ensure look enjoy smash bash bruise flame ignite light marinate coat rub swap substitute use fill stud "
            + "season clean unwrap thaw defrost get"),
    SERVE("serve garnish plate divide carve eat offer decorate dish present"),
    OVEN("roast bake grill broil barbecue smoke steam microwave griddle char");

    private static final Map<String, MethodVerb> BY_WORD = new HashMap<>();

    static {
        for (MethodVerb verb : values()) {
            for (String word : verb.words) {
                BY_WORD.putIfAbsent(word, verb);
            }
        }
    }

    private static final Set<String> BEFORE =
            Set.of(("gently slowly quickly rapidly briskly lightly carefully now finally next again then immediately "
                            + "vigorously just lastly first and meanwhile also gradually thoroughly please simply well once "
                            + "briefly - \" ( to")
                    .split(" "));

    /** Words that make a food of the one before: "brown sugar", "process cheese". */
    private static final Set<String> DESCRIBES =
            Set.of(("brown cool toast dry light top work press set line rest salt juice zest core pit quarter halve "
                            + "score jar bottle color colour fish smoke stream open clean water process steam dish thin grate "
                            + "rub mash separate cover test note coat dip char flame render bind dust dot be do you")
                    .split(" "));

    /** Words that are a food unless an article follows: "zest and juice of 2 oranges", "juice the lemon". */
    private static final Set<String> FOODS =
            Set.of(("zest juice fish jar bottle stream dust core pit light open dish").split(" "));

    private static final Set<String> ARTICLES =
            Set.of("the", "a", "an", "your", "it", "them", "out", "with", "each", "half");

    private static final Set<String> OBJECT =
            Set.of(("before after while when once briefly overnight slowly quickly the a an in into with it them "
                            + "until till for to all over on off up down through everything and any your each half some both "
                            + "this well gently under together at by out aside completely slightly again if as from ,")
                    .split(" "));

    private final String[] words;

    MethodVerb(String words) {
        this.words = words.split(" ");
    }

    /** The verb at a word, if it is one there. */
    static Optional<MethodVerb> at(Words words, int at) {
        String word = words.plain(at).replaceAll("[.!?]+$", "");
        MethodVerb verb = BY_WORD.get(word);
        if (verb == null) {
            return Optional.empty();
        }
        String next = words.plain(at + 1);
        if (FOODS.contains(word) && !ARTICLES.contains(next)) {
            return Optional.empty();
        }
        boolean figure = !next.isEmpty() && Character.isDigit(next.charAt(0));
        return DESCRIBES.contains(word) && !OBJECT.contains(next) && !next.isEmpty() && !figure
                ? Optional.empty()
                : Optional.of(verb);
    }

    /** Past the words that say how or when, to the verb they belong to; the word itself where none follows. */
    static int skipHow(Words words, int at) {
        int i = at;
        while (i + 1 < words.size() && (BEFORE.contains(words.plain(i)) || isHow(words.plain(i)))) {
            i++;
        }
        return at(words, i).isPresent() ? i : at;
    }

    private static boolean isHow(String word) {
        return word.endsWith("ly") && word.length() > 4;
    }

    /** Whether a line begins with a verb. */
    static boolean begins(String line) {
        Words words = Words.of(line);
        return at(words, skipHow(words, 0)).isPresent();
    }

    /** Whether a line has a verb in it. */
    static boolean mentioned(String line) {
        Words words = Words.of(line);
        for (int i = 0; i < words.size(); i++) {
            if (at(words, i).isPresent()) {
                return true;
            }
        }
        return false;
    }
}
