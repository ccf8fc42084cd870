/** Targets and the ways to them: reductions, slurries, thinning back, and the curve that trades yield for thickness. */
package app.gradior.plan;
