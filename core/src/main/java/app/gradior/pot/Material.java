package app.gradior.pot;

/** What the inside of a pot is made of, as far as it matters to a sauce. */
public enum Material {
    STEEL("stainless steel", false),
    ENAMEL("enamel", false),
    NON_STICK("non-stick", false),
    COPPER_LINED("copper, lined", false),
    COPPER_BARE("copper, unlined", true),
    ALUMINIUM_BARE("bare aluminium", true),
    IRON_BARE("bare iron", true);

    private final String label;
    private final boolean reactsWithAcid;

    Material(String label, boolean reactsWithAcid) {
        this.label = label;
        this.reactsWithAcid = reactsWithAcid;
    }

    public String label() {
        return label;
    }

    /** Whether sour sauces take up metal from it. */
    public boolean reactsWithAcid() {
        return reactsWithAcid;
    }
}
