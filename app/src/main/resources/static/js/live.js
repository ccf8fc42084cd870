/** Shows what scale and probe say now beside the fields they could fill, and runs the clock of a boil-off test. */
import { measure, now } from './server-time.js';

const EVERY_MS = 1500;

/** @typedef {{id: string, name: string, kind: string, state: string, value: number | null, words: string}} Live */

/** @param {Element} spot @param {Live[]} live */
function show(spot, live) {
  const kind = spot.getAttribute('data-feed');
  const into = spot.getAttribute('data-into');
  const of = live.filter((device) => device.kind === kind);
  const key = JSON.stringify(of);
  if (spot.getAttribute('data-shown') === key) return;
  spot.setAttribute('data-shown', key);
  const focused = spot.contains(document.activeElement);
  spot.replaceChildren(
    ...of.map((device) => {
      if (device.value === null || !into) {
        const words = document.createElement('span');
        words.className = device.state === 'FRESH' ? 'live' : 'live silent';
        words.textContent = device.state === 'FRESH' ? `${device.name} ${device.words}` : `◆ ${device.words}`;
        return words;
      }
      const button = document.createElement('button');
      button.type = 'button';
      button.className = 'answer live';
      button.textContent = `take ${device.words} from the ${device.name}`;
      button.addEventListener('click', () => {
        const field = /** @type {HTMLInputElement} */ (document.getElementById(into));
        field.value = String(Math.round(device.value * 10) / 10);
        field.focus();
      });
      return button;
    }),
  );
  if (focused) /** @type {HTMLElement | null} */ (spot.querySelector('button'))?.focus();
}

async function ask() {
  // What stands in a closed dialog needs no value yet.
  const spots = [...document.querySelectorAll('[data-feed]')].filter((spot) => /** @type {HTMLElement} */ (spot).offsetParent !== null);
  const named = document.querySelectorAll('[data-device]');
  if (document.hidden || spots.length + named.length === 0) return;
  const answer = await fetch('/devices/live').catch(() => null);
  if (!answer?.ok || answer.redirected) return;
  const live = /** @type {Live[]} */ (await answer.json());
  spots.forEach((spot) => show(spot, live));
  named.forEach((spot) => {
    const device = live.find((d) => d.id === spot.getAttribute('data-device'));
    spot.textContent = device ? (device.state === 'FRESH' ? device.words : '◆ ' + device.words) : '';
  });
}

function tick() {
  const clock = document.getElementById('clock');
  if (!clock) return;
  const left = Number(clock.dataset.minutes) * 60 - (now() - Date.parse(clock.dataset.since)) / 1000;
  const seconds = Math.abs(Math.round(left));
  const words = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  clock.textContent = left >= 0 ? words : `+${words}`;
  clock.classList.toggle('heat', left < 0);
  document.title = document.title.replace(/^(\+?\d+:\d\d · )?/, `${clock.textContent} · `);
}

measure();
ask();
tick();
setInterval(ask, EVERY_MS);
setInterval(tick, 500);
