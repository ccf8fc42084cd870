/**
 * Sauces as stages: what is written, the operations it means in their order, and what is in the pot after each.
 *
 * <p>A line that begins with a verb opens a stage; the foods under it go in there. What a stage does stands in its line,
 * parted by commas:
 *
 * <pre>
 * step   = clause {("," | "then" | "and") clause}
 * clause = [how] verb …                               gently, low, slowly: how hard, before the verb
 *        | ("cover" | "uncover" | "lid off" | …)       holds for the simmers of later clauses
 *        | ("simmer" | "boil" | "reduce") "until" (amount "is left" | use | "thick as cream")
 *        | ("sweat" | "fry" | …) ["in" amount food]
 *        | ("add" | "pour in" | "stir in" | "deglaze with" | "season with" | "finish with" | …) [amount food]
 *        | "reduce" ("by" | "to") part [basis]       half, a third, two thirds, 40 %; by weight, volume, depth
 *        | "reduce to" (amount | use | "grade" number | number "Brix")
 *        | ("simmer" | "boil" | "cook") time ["covered" | "lid on" | "lid ajar"]
 *        | "bring to" ("a boil" | "a simmer")
 *        | "slurry" | "blend" | "sieve" ["leaving" amount] | "cool" ["to" degrees]
 * </pre>
 *
 * Other verbs (stir, taste, skim) change nothing in the pot and are kept as they stand.
 */
package app.gradior.sauce;
