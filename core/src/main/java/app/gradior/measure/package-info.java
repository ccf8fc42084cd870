/** Kitchen units and the grammar of ingredient lines: from what a cook types to a food and its mass. */
package app.gradior.measure;
