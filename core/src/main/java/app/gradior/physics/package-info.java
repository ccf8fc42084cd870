/** Water and solutions: vapour pressure, water activity, boiling point, density, heat. */
package app.gradior.physics;
