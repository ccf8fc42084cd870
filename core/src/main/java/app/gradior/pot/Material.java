package app.gradior.pot;

/** What the inside of a pot is made of, as far as it matters to a sauce. */
public enum Material {
    STEEL(false),
    ENAMEL(false),
    NON_STICK(false),
    COPPER_LINED(false),
    COPPER_BARE(true),
    ALUMINIUM_BARE(true),
    IRON_BARE(true);

    private final boolean reactsWithAcid;

    Material(boolean reactsWithAcid) {
        this.reactsWithAcid = reactsWithAcid;
    }

    /** Whether sour sauces take up metal from it. */
    public boolean reactsWithAcid() {
        return reactsWithAcid;
    }
}
