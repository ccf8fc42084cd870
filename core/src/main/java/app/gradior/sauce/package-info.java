/** Sauces as stages: operations in their order, and what is in the pot after each. */
package app.gradior.sauce;
