/**
 * An evening: several jobs, few hands, one hour to serve. A schedule is worked back from that hour (the resource-constrained
 * project scheduling problem with generalized precedence), with slack in proportion to what is uncertain.
 */
package app.gradior.evening;
