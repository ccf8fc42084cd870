/** The server's time: this device's clock with its offset measured and corrected, so that a wrong clock spoils nothing. */
import { askSession } from './page.js';

const KEY = 'gradior.clock';
const AGAIN_MS = 5 * 60_000;
/** Quicker answers need no second asking: half of it is how far the measured offset may be off. */
const QUICK_MS = 250;
/** The device's two clocks run apart by more only where one was set, or the device slept. */
const JUMP_MS = 1500;

/** Server less device, ms; from an earlier page until it is measured. */
let offset = Number(localStorage.getItem(KEY)) || 0;
let steady = Date.now() - performance.now();

/** The server's time in ms. */
export const now = () => Date.now() + offset;

/** When something happens: by the server's clock, and by both of this device's. */
export const moment = () => ({
  made: now(),
  device: Date.now(),
  tick: performance.now(),
  page: performance.timeOrigin,
});

/**
 * How long ago it was, ms. While neither clock of the device was set, nor the device asleep, it is simply counted: what was
 * measured of the server's clock since then changes nothing.
 * @param {{made: number, device: number, tick: number, page: number}} then
 */
export function since(then) {
  const counted = performance.now() - then.tick;
  const steadily = then.page === performance.timeOrigin && Math.abs(Date.now() - then.device - counted) < JUMP_MS;
  return Math.max(0, Math.round(steadily ? counted : now() - then.made));
}

function take(/** @type {number} */ measured) {
  offset = measured;
  steady = Date.now() - performance.now();
  localStorage.setItem(KEY, String(Math.round(offset)));
}

/** What a page said as it was made: taken where it is far from what was believed, until it is measured properly. */
export function hint(/** @type {number} */ serverNow) {
  if (Math.abs(serverNow - now()) > JUMP_MS) {
    take(serverNow - Date.now());
    measure();
  }
}

/** Of up to three askings the quickest is believed: the answer was made halfway, give or take half of its way. */
export async function measure() {
  let quickest = Infinity;
  let measured = offset;
  for (let i = 0; i < 3 && quickest > QUICK_MS; i += 1) {
    const sent = performance.now();
    const session = await askSession();
    if (!session) break;
    const way = performance.now() - sent;
    if (way < quickest) {
      quickest = way;
      measured = session.now + way / 2 - Date.now();
    }
  }
  if (quickest < Infinity) take(measured);
}

setInterval(measure, AGAIN_MS);
setInterval(() => {
  if (Math.abs(Date.now() - performance.now() - steady) > JUMP_MS) {
    steady = Date.now() - performance.now();
    measure();
  }
}, 1000);
document.addEventListener('visibilitychange', () => {
  if (!document.hidden) measure();
});
addEventListener('online', measure);
