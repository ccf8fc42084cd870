/**
 * A recipe as it is published becomes a staged sauce: which lines are of the sauce, what each sentence of its method does,
 * which lines a sentence means and how much of them, what is not of the sauce; and back to prose.
 */
package app.gradior.recipe;
