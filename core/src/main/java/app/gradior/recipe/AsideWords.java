package app.gradior.recipe;

import app.gradior.measure.Words;
import java.util.Set;

/** What a sauce is made for or served with, and where that is cooked: none of it is of the sauce. */
final class AsideWords {
    private static final Set<String> NOUNS =
            Set.of(("steak steaks chicken beef pork lamb duck turkey veal venison rabbit goose ham gammon fish salmon "
                            + "cod tuna trout haddock halibut bass bream mackerel prawn prawns shrimp shrimps scallop scallops "
                            + "mussels clams squid crab lobster meat meats chop chops fillet fillets breast breasts thigh "
                            + "thighs drumsticks wing wings rib ribs roast joint burger burgers meatballs sausages tofu tempeh "
                            + "paneer halloumi pasta spaghetti penne linguine tagliatelle fettuccine pappardelle rigatoni "
                            + "macaroni lasagne lasagna noodle noodles gnocchi ravioli rice polenta couscous quinoa potatoes "
                            + "fries bread baguette toast toasts pizza salad broccoli asparagus oven tray barbecue plate "
                            + "plates platter pancakes waffles pudding icecream cake cakes dumplings tortillas tacos buns "
                            + "wontons cauliflower schnitzel medallions cutlets sirloin ribeye brisket tenderloin loin shank "
                            + "shanks carcass bird skewers nuggets dough")
                    .split(" "));

    /** Behind such a noun these make a liquid or a fat of it. */
    private static final Set<String> MADE_OF_IT =
            Set.of(("stock broth bouillon fat gravy consommé consomme stocks dripping drippings jus bones mince sauce "
                            + "juices granules cube cubes vinegar wine flour water tomatoes tomato extract demi-glace base "
                            + "glaze cooking noodles' starch")
                    .split(" "));

    private AsideWords() {}

    /** Whether a word by itself names none of the sauce. */
    static boolean isNoun(String word) {
        return NOUNS.contains(word);
    }

    /** Where the first stands that is none of the sauce; -1 for none. */
    static int first(Words words) {
        for (int i = 0; i < words.size(); i++) {
            String word = words.plain(i).replaceAll("[.!?]+$", "");
            boolean noun = NOUNS.contains(word) && !MADE_OF_IT.contains(words.plain(i + 1));
            boolean second = NOUNS.contains(words.plain(i + 1)) && MADE_OF_IT.contains(words.plain(i + 2));
            boolean compared = words.plain(i - 1).equals("like");
            boolean juices = false;
            for (int k = Math.max(0, i - 4); k < i; k++) {
                juices |= words.plain(k).equals("juices");
            }
            boolean ground = Set.of("minced", "ground").contains(words.plain(i - 1));
            if (noun && !second && !compared && !juices && !ground) {
                return i;
            }
        }
        return -1;
    }
}
