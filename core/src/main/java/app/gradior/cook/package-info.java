/** Cooks as folds of their events, corrected by readings, with a forecast that narrows. */
package app.gradior.cook;
