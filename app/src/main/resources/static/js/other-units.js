/** What is read in grams, millilitres or Celsius can be read in ounces, inches or Fahrenheit too, and back: at the pointer or the focus. */

const GRAMS = 28.349523125;
const MILLILITRES = 29.5735295625;

/** @type {Record<string, [(value: number) => number, string]>} */
const OTHER = {
  kg: [(v) => (v * 1000) / GRAMS / 16, 'lb'],
  g: [(v) => v / GRAMS, 'oz'],
  l: [(v) => (v * 1000) / MILLILITRES / 8, 'US cups'],
  ml: [(v) => v / MILLILITRES, 'US fl oz'],
  mm: [(v) => v / 25.4, 'in'],
  cm: [(v) => v / 2.54, 'in'],
  '°C': [(v) => (v * 9) / 5 + 32, '°F'],
  lb: [(v) => v * 16 * GRAMS, 'g'],
  oz: [(v) => v * GRAMS, 'g'],
  'fl oz': [(v) => v * MILLILITRES, 'ml'],
  in: [(v) => v * 2.54, 'cm'],
  '°F': [(v) => ((v - 32) * 5) / 9, '°C'],
};

const METRIC = /\d\s?(kg|g|l|ml|mm|cm|°C)(?![\w°])/;
const US = /\d\s?(lb|oz|fl oz|in|°F)(?![\w°])/;
const MEASURE = /(-?\d+(?:\.\d+)?)(?:(–| to | and )(-?\d+(?:\.\d+)?))?\s?(kg|g|l|ml|mm|cm|°C|lb|fl oz|oz|in|°F)(?![\w°])(\/min)?/g;

/**
 * @param {number} value
 * @param {string} unit
 */
function figure(value, unit) {
  const [turned, name] = OTHER[unit];
  const other = turned(value);
  const digits = name.startsWith('°') || Math.abs(other) >= 100 ? 0 : Math.abs(other) >= 10 ? 1 : 2;
  return [other.toFixed(digits), name];
}

/**
 * The measures of a text in the other system, nothing if it has none or says both.
 *
 * @param {string} text
 */
export function otherUnits(text) {
  if (METRIC.test(text) === US.test(text)) return '';
  return [...text.matchAll(MEASURE)]
    .map(([, low, to, high, unit, pace]) => {
      const [first, name] = figure(Number(low), unit);
      const range = to === undefined ? first : first + to + figure(Number(high), unit)[0];
      return `${range} ${name}${pace ?? ''}`;
    })
    .join(' · ');
}

/** @param {Element} element */
function ownText(element) {
  const direct = [...element.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && /\d/.test(node.textContent));
  const around = direct || element.matches(':focus-visible') ? element : null;
  const text = around?.textContent ?? '';
  return text.length < 300 ? text : '';
}

const tip = document.createElement('div');
tip.className = 'other-units';
tip.id = 'other-units';
tip.setAttribute('role', 'tooltip');
tip.popover = 'manual';
document.body.append(tip);

function hide() {
  if (tip.matches(':popover-open')) tip.hidePopover();
}

/** @param {Element} element */
function show(element) {
  const words = element.closest('input, textarea, select') ? '' : otherUnits(ownText(element));
  hide();
  if (words === '') return;
  tip.textContent = words;
  tip.showPopover();
  const at = element.getBoundingClientRect();
  const box = tip.getBoundingClientRect();
  const above = at.top - box.height - 4;
  tip.style.left = `${Math.max(4, Math.min(innerWidth - box.width - 4, at.left))}px`;
  tip.style.top = `${above > 4 ? above : at.bottom + 4}px`;
}

// A browser without popovers shows what it always did.
if ('popover' in HTMLElement.prototype) {
  document.addEventListener('pointerover', (event) => show(/** @type {Element} */ (event.target)));
  document.addEventListener('focusin', (event) => show(/** @type {Element} */ (event.target)));
  document.addEventListener('pointerdown', hide);
  document.addEventListener('focusout', hide);
  document.addEventListener('scroll', hide, { passive: true, capture: true });
  document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape') hide();
  });
}
