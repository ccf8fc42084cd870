package app.gradior.food;

/** What a mixture is made of. Each kind of matter has its place here once, so that masses add up to the whole. */
public enum Component {
    WATER,
    ETHANOL,
    ACETIC_ACID,
    /** Citric, malic, tartaric, lactic and the other acids that stay in the pot. */
    OTHER_ACIDS,
    /** Sucrose and the sugars that behave like it in solution (maltose, lactose). */
    SUCROSE,
    /** Glucose and fructose. */
    SIMPLE_SUGARS,
    /** Starch broken into soluble pieces, as in syrups and beers: dissolved, and no thickener. */
    DEXTRINS,
    STARCH,
    FIBRE,
    PROTEIN,
    /** Protein broken into soluble pieces, as in soy and fish sauce: a refractometer reads it, and it thickens little. */
    PEPTIDES,
    FAT,
    SALT,
    /** Minerals, extractives and the rest, in solution. */
    DISSOLVED_OTHER,
    /** The same rest, held in solids. */
    SOLID_OTHER;

    static final int COUNT = values().length;
}
