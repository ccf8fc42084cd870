/**
 * Where a cook stands while the server is out of reach: further along the curve that it sent last, by the time that has passed and by what
 * was weighed here since. No model: what changes the pace leaves the forecast where it was.
 */

/** @typedef {{minutes: number, low: number, grams: number, high: number, grade: number}} Point */
/**
 * @typedef {{ahead: number[][], start: string, now: number, cross?: number, tare?: number,
 *   left?: {low: number, middle: number, high: number}, targetWords: string}} Drawing
 */
/** @typedef {{body: string, made: number}} Waiting */

/** A curve as the server sends it, each point a list of numbers. @param {number[][]} points @returns {Point[]} */
export const curve = (points) => points.map(([minutes, low, grams, high, grade]) => ({ minutes, low, grams, high, grade }));

/** What, entered and not yet sent, makes the curve another one. */
const ANOTHER_PACE = ['on-heat', 'heat', 'lid', 'pot', 'added', 'slurry', 'strained', 'undone', 'finished', 'given-up'];
const GRAMS_PER_OUNCE = 28.349523125;

/** @param {number} a @param {number} b @param {number} part */
const between = (a, b, part) => a + (b - a) * part;

/** The curve at a moment; its end behind it. @param {Point[]} path @param {number} minutes @returns {Point} */
export function at(path, minutes) {
  const next = path.findIndex((point) => point.minutes >= minutes);
  if (next <= 0) return path[next === 0 ? 0 : path.length - 1];
  const [a, b] = [path[next - 1], path[next]];
  const part = (minutes - a.minutes) / (b.minutes - a.minutes || 1);
  return {
    minutes,
    low: between(a.low, b.low, part),
    grams: between(a.grams, b.grams, part),
    high: between(a.high, b.high, part),
    grade: between(a.grade, b.grade, part),
  };
}

/** When the curve passes a weight; none if it does not. @param {Point[]} path @param {number} grams @returns {number | null} */
export function when(path, grams) {
  const next = path.findIndex((point) => point.grams <= grams);
  if (next < 0) return null;
  if (next === 0) {
    // Heavier than where the curve begins: as much before it as its first stretch says.
    const [a, b] = path;
    return a.grams > b.grams ? a.minutes - ((grams - a.grams) * (b.minutes - a.minutes)) / (a.grams - b.grams) : null;
  }
  const [a, b] = [path[next - 1], path[next]];
  return between(a.minutes, b.minutes, (a.grams - grams) / (a.grams - b.grams || 1));
}

/** What of the sauce was in the pot by a weighing that waits, g; none if that can't be known here. */
function weighed(/** @type {URLSearchParams} */ fields, /** @type {number | undefined} */ tare) {
  const typed = (fields.get('value') ?? '').trim().match(/^(\d+(?:[.,]\d+)?)\s*(g|oz)?$/);
  if (!typed) return null;
  const grams = Number(typed[1].replace(',', '.')) * (typed[2] === 'oz' ? GRAMS_PER_OUNCE : 1);
  if (fields.get('pot') !== 'true') return grams;
  const empty = Number(fields.get('tare')) || tare;
  return empty ? grams - empty : null;
}

/**
 * Where it stands.
 * @param {Drawing} drawing as the server sent it
 * @param {number} now ms, by the server's clock
 * @param {Waiting[]} waiting entries of this cook that wait here
 * @returns {{grams: number, grade: number, left: {low: number, middle: number, high: number}} | null} none if that can't be said here
 */
export function standing(drawing, now, waiting) {
  const path = curve(drawing.ahead);
  if (path.length < 2 || drawing.cross === undefined || !drawing.left) return null;
  const start = Date.parse(drawing.start);
  let further = 0;
  for (const entry of waiting) {
    const fields = new URLSearchParams(entry.body);
    if (ANOTHER_PACE.includes(fields.get('kind'))) return null;
    if (fields.get('kind') !== 'weighed') continue;
    const grams = weighed(fields, drawing.tare);
    const passed = grams === null ? null : when(path, grams);
    if (passed === null) return null;
    further = passed - (entry.made - start) / 60_000;
  }
  const place = (now - start) / 60_000 + further;
  const gone = place - drawing.now;
  const { grams, grade } = at(path, place);
  const { low, middle, high } = drawing.left;
  return { grams, grade, left: { low: Math.max(0, low - gone), middle: Math.max(0, middle - gone), high: Math.max(0, high - gone) } };
}
