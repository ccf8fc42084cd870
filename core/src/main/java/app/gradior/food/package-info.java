/** Foods and mixtures of them: what is in the pan, kept in exact mass balance. */
package app.gradior.food;
