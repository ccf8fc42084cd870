/**
 * What the finished batches of a kitchen tell: how fast its pots boil off, how much thicker its sauces are than the model
 * says, what its people call thick, and how far the ranges given held. Two small linear models, fitted by one routine.
 */
package app.gradior.learning;
