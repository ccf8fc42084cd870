package app.gradior.web.kitchen;

/** What is said of accounts, kitchens and who may come in. */
final class KitchenText {
    static final String NAME = "Choose a name to sign in with.";
    static final String NAME_TOO_LONG = "Use up to 80 letters.";
    static final String PASSWORD = "Choose a password.";
    static final String KITCHEN_NAME = "Give your kitchen a name.";
    static final String HEIGHT = "Give a height such as 500 m or 1600 ft, or leave the field empty.";
    static final String NAME_TAKEN = "This name is taken: choose another.";
    static final String DEMO_KITCHEN = "Demo kitchen";
    static final String WEIGHTS = "Choose how weights are shown.";
    static final String CUPS = "Choose whose cups and spoons you mean.";
    static final String TEMPERATURES = "Choose how temperatures are shown.";
    static final String METRES = "Give the height above the sea in metres, 0 at the coast.";
    static final String TOO_LOW = "No kitchen lies so low: is it in metres?";
    static final String TOO_HIGH = "No kitchen lies so high: is it in metres?";
    static final String ROOM = "Give how warm the kitchen is, in °C.";
    static final String ROOM_BOUNDS = "A kitchen has 0 to 45 °C.";
    static final String TIME_ZONE = "Choose one of the time zones shown.";
    static final String PASSWORD_TOO_SHORT = "Use 10 letters or more: three words do well.";
    static final String PASSWORD_TOO_LONG =
            "That is too long to be kept safely: use up to 72 plain letters, fewer with accents.";
    static final String PASSWORD_LIKE_NAME = "That is little more than your name or your kitchen's: use other words.";
    static final String PASSWORD_COMMON =
            "That is one of the first a stranger would try: take three words that do not belong together.";
    static final String NOBODY_OF_THIS_NAME = "Nobody has an account of this name here.";
    static final String PASSWORD_CHANGED = "Your password is changed, and all other devices are signed out.";
    static final String WRONG_PASSWORD = "That is not your password.";
    static final String LAST_ONE = "You are the last one in this kitchen: invite a person first, or delete it.";
    static final String DOWNLOAD_FIRST = "Download everything first, so that nothing is gone by mistake.";
    static final String NO_SUCH_TOKEN = "This needs a token that still holds: Authorization: Bearer …";
    static final String NOT_IN_SCOPE = "This token is not good for that.";
    static final String TOKEN_NAME = "Say in up to 60 letters what the token is for.";
    static final String TOKEN_SCOPE = "Choose what the token is good for.";
    static final String TOKEN_DAYS = "Give a number of days from 1 to 366.";
    static final String TOKENS_ENOUGH = "Twenty tokens are as many as one person keeps: withdraw one first.";
    static final String YOUR_KITCHEN = "Your kitchen";

    private KitchenText() {}

    /** @param level of a password that is taken, from 2 to 4 */
    static String strength(int level) {
        return switch (level) {
            case 2 -> "Good enough. One more word makes it much harder to guess.";
            case 3 -> "Hard to guess.";
            default -> "Very hard to guess.";
        };
    }

    static String manyAccounts(long minutes) {
        return "Many accounts were made from here in the last hour: try again in " + minutes + " minutes.";
    }

    static String tooManyTries(long minutes) {
        return "Too many tries: please wait " + minutes + " min.";
    }

    static String kitchenOf(String name) {
        return "Kitchen of " + name;
    }

    /** What the launcher prints. */
    static String newPassword(String password) {
        return "The new password is " + password
                + " (sign in with it and change it to one of your own, under Account).";
    }
}
