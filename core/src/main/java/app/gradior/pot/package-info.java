/** Pots, rings and what they do to a sauce: geometry, activity, lid, evaporation, boiling down. */
package app.gradior.pot;
