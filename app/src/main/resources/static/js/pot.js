/** Draws a pot as it is measured, while its numbers are typed: to scale, whatever its size. */

const form = /** @type {HTMLFormElement} */ (document.getElementById('pot-form'));
const wall = document.querySelector('#pot-drawing .wall');
const ROOM_WIDTH = 360;
const ROOM_HEIGHT = 220;

/** @param {string} name @returns {number | null} */
function typed(name) {
  const field = /** @type {HTMLInputElement} */ (form.elements.namedItem(name));
  const value = Number(field.value.trim().replace(',', '.'));
  return field.value.trim() !== '' && value > 0 ? value : null;
}

function draw() {
  const base = typed('baseCm') ?? typed('rimCm') ?? 24;
  const rim = typed('rimCm') ?? base;
  const litres = typed('litres');
  // What it holds gives its height: a frustum of so many cubic centimetres.
  const held = litres && (3 * litres * 1000) / ((Math.PI / 4) * (base * base + base * rim + rim * rim));
  const high = typed('wallCm') ?? held ?? base / 2;
  const scale = Math.min(ROOM_WIDTH / Math.max(base, rim), ROOM_HEIGHT / high);
  const [b, r, h] = [(base * scale) / 2, (rim * scale) / 2, high * scale];
  wall.setAttribute('d', `M${-r} ${ROOM_HEIGHT - h} L${-b} ${ROOM_HEIGHT} H${b} L${r} ${ROOM_HEIGHT - h}`);
}

form.addEventListener('input', draw);
draw();

export {};
