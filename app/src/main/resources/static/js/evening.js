/** An evening: its now line, its timers, keys, tasks that are dragged along, and a plan that gets better while it is looked at. */
import { ring } from './clocks.js';
import { clock, sendingHeaders } from './page.js';

const SOON_MS = 700;
const LIVE_MS = 10_000;
const MINUTE = 60_000;

const main = document.querySelector('main.evening');
const id = main instanceof HTMLElement ? main.dataset.evening : '';
let dragging = false;
/** @type {Set<string>} */
const rung = new Set();

const board = () => document.getElementById('live');

/** The server's part of the page anew, unless somebody is about to use it. */
async function refresh() {
  const old = board();
  if (!old || dragging || old.contains(document.activeElement) || document.hidden) return;
  const answer = await fetch(`/evenings/${id}/board`, { cache: 'no-store' }).catch(() => null);
  if (!answer?.ok || answer.redirected) return;
  const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
  const fresh = page.getElementById('live');
  if (!fresh || dragging || old.contains(document.activeElement)) return;
  old.replaceWith(document.adoptNode(fresh));
  tick();
}

function line() {
  const drawing = document.querySelector('svg.schedule');
  const now = drawing?.querySelector('.now-line');
  if (!(drawing instanceof SVGSVGElement) || !now) return;
  const minutes = (Date.now() - Date.parse(drawing.dataset.origin ?? '')) / MINUTE;
  const x = Number(drawing.dataset.left) + minutes * Number(drawing.dataset.perMinute);
  const inside = minutes >= 0 && x < drawing.viewBox.baseVal.width - 10;
  now.toggleAttribute('hidden', !inside);
  if (!inside) return;
  now.setAttribute('transform', `translate(${x} 0)`);
  const label = now.querySelector('text');
  if (label) label.textContent = `${clock(new Date())}, now`;
}

/** @param {number} ms */
function left(ms) {
  const seconds = Math.max(0, Math.round(ms / 1000));
  const minutes = Math.ceil(seconds / 60);
  if (minutes > 60) return `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

function timers() {
  for (const timer of document.querySelectorAll('.timer')) {
    if (!(timer instanceof HTMLElement)) continue;
    const ms = Date.parse(timer.dataset.ends ?? '') - Date.now();
    timer.textContent = ms > 0 ? left(ms) : 'time is up';
    const key = `${timer.dataset.label} ${timer.dataset.ends}`;
    if (ms <= 0 && ms > -MINUTE && !rung.has(key)) {
      rung.add(key);
      ring(timer.dataset.label ?? '');
    }
  }
  const until = document.querySelector('.until');
  if (until instanceof HTMLElement) {
    const ms = Date.parse(until.dataset.at ?? '') - Date.now();
    until.textContent = ms > 0 ? `in ${left(ms)}` : 'now';
  }
}

function tick() {
  line();
  timers();
}

addEventListener('keydown', (event) => {
  const target = /** @type {HTMLElement} */ (event.target);
  if (event.ctrlKey || event.metaKey || event.altKey || target.matches('input, textarea, select')) return;
  const bar = target.closest('a.bar');
  if (bar instanceof SVGAElement && (event.key === 'ArrowLeft' || event.key === 'ArrowRight')) {
    event.preventDefault();
    move(bar, event.key === 'ArrowLeft' ? -5 : 5);
    return;
  }
  const field = { n: 'sauce', j: 'line' }[event.key.toLowerCase()];
  if (field) {
    event.preventDefault();
    document.getElementById(field)?.focus();
  }
});

/** Puts a task some minutes from where it is; the rest follows. @param {SVGAElement} bar @param {number} by */
async function move(bar, by) {
  const item = document.getElementById(`t-${bar.dataset.job}-${bar.dataset.task}`);
  const at = item?.querySelector('time')?.getAttribute('datetime');
  if (!at || by === 0 || board()?.dataset.live === 'true') return;
  const body = new URLSearchParams({ job: bar.dataset.job ?? '', task: bar.dataset.task ?? '', at, by: String(by) });
  const answer = await fetch(`/evenings/${id}/pin`, { method: 'POST', headers: sendingHeaders(), body }).catch(() => null);
  if (answer?.ok) {
    const again = `[data-job="${bar.dataset.job}"][data-task="${bar.dataset.task}"]`;
    if (document.activeElement instanceof SVGElement) document.activeElement.blur();
    await refresh();
    const fresh = document.querySelector(`a.bar${again}`);
    if (fresh instanceof SVGElement) fresh.focus();
  }
}

main?.addEventListener('pointerdown', (e) => {
  const event = /** @type {PointerEvent} */ (e);
  const bar = /** @type {Element} */ (event.target).closest('a.bar');
  const drawing = bar?.closest('svg');
  if (!(bar instanceof SVGAElement) || !(drawing instanceof SVGSVGElement) || board()?.dataset.live === 'true') return;
  const scale = drawing.viewBox.baseVal.width / drawing.getBoundingClientRect().width / Number(drawing.dataset.perMinute);
  let minutes = 0;
  const moved = (/** @type {PointerEvent} */ to) => {
    minutes = Math.round((to.clientX - event.clientX) * scale);
    if (Math.abs(minutes) < 1) return;
    dragging = true;
    bar.setAttribute('transform', `translate(${minutes * Number(drawing.dataset.perMinute)} 0)`);
  };
  const done = () => {
    removeEventListener('pointermove', moved);
    bar.removeAttribute('transform');
    const dragged = dragging;
    setTimeout(() => (dragging = false));
    if (dragged) {
      dragging = false;
      move(bar, minutes);
    }
  };
  addEventListener('pointermove', moved);
  addEventListener('pointerup', done, { once: true });
});

main?.addEventListener('click', (event) => {
  if (dragging && /** @type {Element} */ (event.target).closest('a.bar')) event.preventDefault();
});

const aloud = document.getElementById('aloud');
if (aloud && 'speechSynthesis' in window) {
  aloud.hidden = false;
  aloud.addEventListener('click', () => {
    const next = [...document.querySelectorAll('.tasks li:not(.done)')].slice(0, 3);
    const words = [
      document.getElementById('now')?.textContent,
      ...next.map((li) => li.querySelector('time')?.textContent + ': ' + li.querySelector('b')?.textContent),
    ];
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(words.join('. ')));
  });
}

tick();
setInterval(tick, 1000);
let waited = 0;
setInterval(() => {
  waited += SOON_MS;
  const now = board();
  const soon = now?.dataset.working === 'true';
  if (soon || (now?.dataset.live === 'true' && waited >= LIVE_MS)) {
    waited = 0;
    refresh();
  }
}, SOON_MS);
