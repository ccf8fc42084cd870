/**
 * Numbers with their unit as this kitchen reads them. The page says which system it is; both are written as the server does.
 */

const GRAMS_PER_OUNCE = 28.349523125;

const ounces = document.querySelector('meta[name="gradior-units"]')?.getAttribute('content') === 'oz';

/** @param {number} grams */
export function mass(grams) {
  return ounces ? `${(grams / GRAMS_PER_OUNCE).toFixed(grams < 283 ? 2 : 1)} oz` : `${Math.round(grams)} g`;
}

/** @param {number} centimetres */
export function width(centimetres) {
  return ounces ? `${(centimetres / 2.54).toFixed(1)} in (${centimetres} cm)` : `${centimetres} cm`;
}

/**
 * Round marks of a scale of grams, in the unit that is read.
 *
 * @param {any} scale
 * @param {number} count
 * @returns {{grams: number, label: string}[]}
 */
export function massTicks(scale, count) {
  const per = ounces ? GRAMS_PER_OUNCE : 1;
  const [low, high] = scale.domain();
  return /** @type {any} */ (window).d3
    .ticks(low / per, high / per, count)
    .map((/** @type {number} */ tick) => ({ grams: tick * per, label: `${tick} ${ounces ? 'oz' : 'g'}` }));
}
