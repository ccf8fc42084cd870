/** Numbers with a unit: small immutable records that refuse impossible values. SI inside, kitchen units at the edges. */
package app.gradior.quantity;
