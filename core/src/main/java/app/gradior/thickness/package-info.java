/** Thickness as apparent viscosity and grade, where it comes from, and the kitchen tests that measure it. */
package app.gradior.thickness;
