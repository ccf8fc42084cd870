/** The stove: keeps itself current, answers to number keys, lets the rings be put where they are. */
import { sendingHeaders } from './page.js';

const EVERY_MS = 5000;
const STEP_MM = 5;
const live = document.getElementById('live');
let arranging = false;

function prepare() {
  const arrange = document.getElementById('arrange');
  arrange.hidden = false;
  arrange.addEventListener('click', () => {
    arranging = !arranging;
    arrange.setAttribute('aria-pressed', String(arranging));
    arrange.textContent = arranging ? 'done arranging' : 'arrange the rings';
    mark();
    if (!arranging) refresh();
  });
}

/** Rings can be taken hold of while they are arranged, and are links otherwise. */
function mark() {
  live.querySelector('.hob').classList.toggle('arranging', arranging);
  for (const place of live.querySelectorAll('.place')) {
    const link = place.querySelector('a');
    if (arranging) {
      place.setAttribute('tabindex', '0');
      place.setAttribute('role', 'button');
      place.setAttribute('aria-label', `${place.getAttribute('data-name')} ring: move it with the arrow keys`);
      link.setAttribute('tabindex', '-1');
    } else {
      for (const name of ['tabindex', 'role', 'aria-label']) place.removeAttribute(name);
      link.removeAttribute('tabindex');
    }
  }
}

/** @param {Element} place @param {number} x @param {number} y */
function put(place, x, y) {
  const dx = x - Number(place.getAttribute('data-x'));
  const dy = y - Number(place.getAttribute('data-y'));
  place.setAttribute('transform', `translate(${dx} ${dy})`);
  place.setAttribute('data-to', `${x} ${y}`);
}

/** @param {Element} place @returns {number[]} */
function at(place) {
  const to = place.getAttribute('data-to');
  return to ? to.split(' ').map(Number) : [Number(place.getAttribute('data-x')), Number(place.getAttribute('data-y'))];
}

/** @param {Element} place */
async function keep(place) {
  const [x, y] = at(place);
  await fetch(`/rings/${place.getAttribute('data-ring')}/place`, {
    method: 'POST',
    headers: sendingHeaders(),
    body: new URLSearchParams({ x: String(x), y: String(y) }),
  });
}

live.addEventListener('pointerdown', (event) => {
  const place = /** @type {Element} */ (event.target).closest('.place');
  if (!arranging || !place) return;
  event.preventDefault();
  const hob = /** @type {SVGSVGElement} */ (live.querySelector('.hob'));
  const scale = hob.viewBox.baseVal.width / hob.getBoundingClientRect().width;
  const [x, y] = at(place);
  const moved = (/** @type {PointerEvent} */ e) =>
    put(place, x + (e.clientX - event.clientX) * scale, y + (e.clientY - event.clientY) * scale);
  const done = () => {
    removeEventListener('pointermove', moved);
    removeEventListener('pointerup', done);
    keep(place);
  };
  addEventListener('pointermove', moved);
  addEventListener('pointerup', done);
});

live.addEventListener(
  'click',
  (event) => {
    if (arranging && /** @type {Element} */ (event.target).closest('.place')) event.preventDefault();
  },
  true,
);

live.addEventListener('keydown', (event) => {
  const place = /** @type {Element} */ (event.target).closest('.place');
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
  if (!arranging || !place || !by) return;
  event.preventDefault();
  const [x, y] = at(place);
  put(place, x + by[0] * STEP_MM, y + by[1] * STEP_MM);
  keep(place);
});

document.addEventListener('keydown', (event) => {
  const typing = /** @type {HTMLElement} */ (event.target).matches('input, select, textarea');
  if (typing || arranging || event.ctrlKey || event.metaKey || event.altKey) return;
  const link = live.querySelector(`[data-key="${CSS.escape(event.key.toLowerCase())}"]`);
  if (link) location.assign(link.getAttribute('href'));
});

async function refresh() {
  if (arranging || document.hidden) return;
  try {
    const answer = await fetch('/', { headers: { 'X-Fragment': 'live' } });
    if (!answer.ok || answer.redirected || arranging) return;
    const focused = document.activeElement?.getAttribute('data-key');
    live.innerHTML = await answer.text();
    prepare();
    if (focused) /** @type {HTMLElement | null} */ (live.querySelector(`[data-key="${focused}"]`))?.focus();
  } catch {
    // Without the network the stove stays as it was and asks again.
  }
}

prepare();
setInterval(refresh, EVERY_MS);
