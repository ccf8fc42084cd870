package app.gradior.measure;

import app.gradior.food.Ingredient;
import app.gradior.quantity.Mass;

/** Why a line can't be counted as it stands, with what that is about. */
public sealed interface LineProblem {
    /** What is to be said of its kind. */
    <R> R match(Cases<R> cases);

    /** One answer for each kind: what has none for a new kind does not compile. */
    interface Cases<R> {
        R plain(Plain problem);

        R unknownFood(UnknownFood problem);

        R howMuch(HowMuch problem);

        R notInPieces(NotInPieces problem);

        R notAccountedFor(NotAccountedFor problem);

        R amountsDiffer(AmountsDiffer problem);
    }

    /** Those that are about the line as a whole. */
    enum Plain implements LineProblem {
        TOO_LONG,
        NEITHER_AMOUNT_NOR_FOOD,
        SEVERAL_THINGS,
        NOTHING_GOES_IN,
        NO_FOOD,
        TOO_MANY_TO_COUNT,
        LESS_THAN_NOTHING,
        MORE_THAN_A_POT_HOLDS,
        MORE_THAN_A_SAUCE_WEIGHS;

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.plain(this);
        }
    }

    /** @param words that no food is known by */
    record UnknownFood(String words) implements LineProblem {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.unknownFood(this);
        }
    }

    /** A food without an amount. */
    record HowMuch(Ingredient food) implements LineProblem {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.howMuch(this);
        }
    }

    /** A food that nobody counts. */
    record NotInPieces(Ingredient food) implements LineProblem {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.notInPieces(this);
        }
    }

    /** @param words with an amount that belongs to nothing */
    record NotAccountedFor(String words) implements LineProblem {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.notAccountedFor(this);
        }
    }

    /** The same amount, said twice and otherwise. */
    record AmountsDiffer(Mass one, Mass other) implements LineProblem {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.amountsDiffer(this);
        }
    }
}
