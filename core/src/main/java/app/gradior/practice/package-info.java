/**
 * A pot to learn with: the model forward with a truth that nobody sees, what may go wrong in it, exercises, and how well one
 * did.
 */
package app.gradior.practice;
