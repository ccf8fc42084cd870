/**
 * How long a sauce keeps in the fridge and in the freezer and why, how it cools, what it does cold and frozen, and the jars
 * it stands in. It is usual guidance for home kitchens, never a promise: nothing is told of room temperature, and no time of
 * canning.
 */
package app.gradior.keeping;
