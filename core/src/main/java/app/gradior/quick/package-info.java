/** Questions answered without a sauce of one's own: what a usual liquid in a usual pan comes to. */
package app.gradior.quick;
