/**
 * A run of practice. The server works the pots out, from the seed and what was done; the page moves between the numbers it got, draws
 * them, and sends each step with the second of the pot's clock at which it was done.
 */
import { sendingHeaders } from './page.js';
import { clamp, physics } from './practice-physics.js';
import { drawPlate, drawSpoonBack } from './practice-film.js';
import { drawSection } from './practice-section.js';
import { PotSound } from './practice-sound.js';
import { PotView } from './practice-view.js';
import { describe } from './practice-words.js';

const SPEEDS = [1, 2, 4, 8, 15, 30];
const LOOK_S = 9;
const AGAIN_MS = 1500;
const TOLD_MS = 2000;
/** Rows of a track that are still to come when more are asked for. */
const AHEAD = 60;
const MOST_PX = 900;

const main = document.querySelector('main.practice-run');
const page = main instanceof HTMLElement ? main : document.body;
const run = page.dataset.run;
const hints = page.dataset.hints;
const guesses = Number(page.dataset.guesses);
/** @type {{from: number | null, name: string}[]} */
const looks = JSON.parse(page.dataset.looks ?? '[]');
const reduced = matchMedia('(prefers-reduced-motion: reduce)').matches;
const sounds = new PotSound();

const $ = (/** @type {string} */ id) => document.getElementById(id);
const canvas = (/** @type {string} */ selector) => /** @type {HTMLCanvasElement} */ (document.querySelector(selector));

let speed = 3;
let paused = false;
let front = 0;
let number = 0;
let clock = 0;
let over = false;
let askAt = -1;
let asked = 0;
let asking = false;
let asksAhead = false;
/** @type {any[]} */
let pots = [];
/** A look that is being taken: the pot's clock stands still meanwhile. */
let look = null;
let seen = 0;
/** @type {{kind: string, value: number, pot: number, seconds: number, then?: (state: any) => void}[]} */
const queue = [];
let sending = false;
let last = 0;
/** @type {number[]} */
const frames = [];

// ---- what the server says

function take(state) {
  number = state.number;
  over = state.over;
  askAt = state.askAt;
  asked = state.asked;
  state.pots.forEach((told, i) => {
    pots[i] = Object.assign(pots[i] ?? { view: null, small: null, colour: [120, 60, 30] }, told);
    // What was pressed since is on its way: the answer to an earlier press takes none of it back.
    queue.filter((step) => step.pot === i).forEach((step) => expect(pots[i], step));
    pots[i].rgb = [1, 3, 5].map((at) => parseInt(told.colour.slice(at, at + 2), 16));
  });
  seen = state.looks;
  show();
  if (over) leaveFor();
}

/** What a pot will be like once a step has arrived. */
function expect(pot, { kind, value }) {
  if (kind === 'heat') pot.dial = value;
  if (kind === 'lid') pot.lid = value > 0;
  if (kind === 'off') pot.off = true;
}

function leaveFor() {
  // The result is a page of its own.
  location.reload();
}

/** The numbers of a pot at a second of its clock, for the drawing. */
function stateOf(pot, seconds) {
  const { from, every, rows } = pot.track;
  const at = clamp((seconds - from) / every, 0, rows.length - 1);
  const i = Math.min(rows.length - 2, Math.floor(at));
  const f = at - i;
  const row = {};
  names.forEach((name, n) => {
    const a = rows[i][n];
    const b = rows[i + 1][n];
    row[name] = name === 'activity' || b < a === (name === 'sinceStir') ? a : a + (b - a) * f;
  });
  return {
    eta: row.eta,
    mu: row.mu,
    tauY: row.tauY,
    activity: row.activity,
    J: row.flux,
    level: row.level,
    oldLevel: row.ring,
    rim: pot.wall,
    diameter: pot.width,
    sigma: 0.05,
    foaming: pot.foaming,
    gel: row.gel,
    pulp: clamp(pot.pulp + 0.4 * row.split),
    fat: row.fat + 0.3 * row.split,
    colour: pot.rgb,
    browning: clamp(0.05 + 0.02 * row.grade + row.browning),
    conc: clamp((row.grade - 0.5) / 7.5),
    pieces: Math.min(24, pot.pieces + Math.round(10 * row.lumps)),
    sinceStir: row.sinceStir,
    stillFor: row.still,
    foam: row.foam,
    caught: row.caught,
    lumps: row.lumps,
    split: row.split,
    grade: row.grade,
    degrees: row.degrees,
    speed: SPEEDS[speed],
    seed: pot.seed,
  };
}

/** @type {string[]} */
let names = [];

async function ask(path, options) {
  const answer = await fetch(`/practice/runs/${run}/${path}`, { cache: 'no-store', ...options });
  if (answer.redirected || !(answer.headers.get('Content-Type') ?? '').includes('json')) throw new Error('no answer');
  return { ok: answer.ok, body: await answer.json() };
}

function trouble(words) {
  const said = $('trouble');
  if (!said) return;
  said.hidden = !words;
  said.textContent = words;
}

async function send() {
  if (sending) return;
  sending = true;
  while (queue.length) {
    const step = queue[0];
    const fields = new URLSearchParams({
      number: String(number),
      seconds: String(step.seconds),
      pot: String(step.pot),
      kind: step.kind,
      value: String(step.value),
    });
    try {
      const { ok, body } = await ask('steps', { method: 'POST', headers: sendingHeaders(), body: fields });
      trouble(ok ? '' : body.wrong);
      queue.shift();
      if (ok) {
        take(body);
        step.then?.(body);
      } else {
        queue.length = 0;
        take((await ask(`ahead?from=${clock}`)).body);
      }
    } catch {
      trouble('No connection. The pot waits.');
      await new Promise((again) => setTimeout(again, AGAIN_MS));
    }
  }
  sending = false;
  trouble('');
}

/** Does something to the pot in front. */
function act(kind, value = 0, then = undefined) {
  const pot = pots[front];
  if (over || !pot || pot.off) return;
  queue.push({ kind, value, pot: front, seconds: Math.round(clock * 10) / 10, then });
  expect(pot, { kind, value });
  if (kind === 'stir') pot.view?.stir(PotView.loop(pot.width));
  show();
  void send();
  if (kind === 'off' && pots.length > 1 && pots.some((other) => !other.off)) swap();
}

async function more() {
  const track = pots[front]?.track;
  if (!track || asksAhead || queue.length || sending || over) return;
  if (clock < track.from + track.every * (track.rows.length - AHEAD)) return;
  asksAhead = true;
  try {
    const { ok, body } = await ask(`ahead?from=${clock}`);
    if (ok && !queue.length && !sending) take(body);
    trouble('');
  } catch {
    trouble('No connection. The pot waits.');
  } finally {
    asksAhead = false;
  }
}

// ---- looking

function lookWith(kind) {
  if (look) return;
  const pot = pots[front];
  if (!pot || pot.off) return;
  const state = stateOf(pot, clock);
  look = { kind, state, t: -0.6, said: '', value: 0, colour: pot.view?.colour ?? [0.6, 0.3, 0.2] };
  const box = $('closeup');
  if (box) box.hidden = kind === 'scale' || kind === 'probe';
  act(kind, 0, (told) => {
    const words = told.said || '';
    if (look && look.kind === kind) {
      look.said = words;
      look.value = told.value;
      if (told.cold) look.state = { ...look.state, ...told.cold };
    }
    speak([nameOf(kind), words || told.look].filter(Boolean).join(': '));
    note(kind, words, clock);
    if (kind === 'scale' || kind === 'probe') look = null;
  });
}

const nameOf = (kind) =>
  ({ spoon: 'On the spoon', plate: 'On the cold plate', scale: 'On the scale', probe: 'Probe', guess: 'Said' })[kind];

function closeLook() {
  const box = $('closeup');
  if (box) box.hidden = true;
  look = null;
}

function drawLook(dt) {
  const box = $('closeup');
  if (!look || !box || box.hidden) return;
  look.t += dt;
  const paper = fit(/** @type {HTMLCanvasElement} */ (box.querySelector('canvas')));
  const { width, height } = paper.canvas;
  if (look.kind === 'spoon') drawSpoonBack(paper, width, height, look.state, look.colour, look.t);
  else drawPlate(paper, width, height, look.state, look.colour, Math.max(0, 3.4 * look.t), look.state.seed, look.value);
  const words = box.querySelector('p');
  if (words) words.textContent = look.t < LOOK_S - 2 ? `${nameOf(look.kind)} …` : look.said || nameOf(look.kind);
  if (look.t > LOOK_S) closeLook();
}

/** One more thing that was seen, with a small picture of it where there is one. */
function note(kind, words, seconds) {
  const log = $('log');
  if (!log) return;
  if (log.querySelector('.small:only-child:not(b)')?.textContent === 'nothing yet') log.replaceChildren();
  const line = document.createElement('li');
  if (kind === 'spoon' && look) {
    const small = document.createElement('canvas');
    small.width = 60;
    small.height = 88;
    small.setAttribute('aria-hidden', 'true');
    const paper = small.getContext('2d');
    if (paper) drawSpoonBack(paper, 60, 88, look.state, look.colour, 7);
    line.append(small);
  }
  const told = document.createElement('span');
  const what = document.createElement('b');
  what.textContent = words || nameOf(kind);
  const when = document.createElement('span');
  when.className = 'small';
  const parts = [`${Math.round(seconds / 60)} min`];
  if (pots.length > 1) parts.push(pots[front].name);
  if (words) parts.push(nameOf(kind).toLowerCase());
  when.textContent = parts.join(' · ');
  told.append(what, when);
  line.append(told);
  log.prepend(line);
  while (log.children.length > 8) log.lastElementChild?.remove();
}

// ---- guessing

const grade = () => Number(/** @type {HTMLInputElement} */ ($('grade')).value);

function wordOf(value) {
  let word = looks[0]?.name ?? '';
  for (const one of looks) if (one.from === null || value >= one.from) word = one.name;
  return word;
}

function guessing() {
  const word = wordOf(grade());
  const shown = $('grade-word');
  if (shown) shown.textContent = word;
  $('grade')?.setAttribute('aria-valuetext', word);
}

function guess() {
  if (pots[front]?.off) return;
  act('guess', grade(), (told) => {
    const words = told.said ? `You said: ${wordOf(grade())}. It is ${told.said}.` : `You said: ${wordOf(grade())}.`;
    const shown = $('told');
    if (shown) shown.textContent = words;
    note('guess', words, clock);
    if (!guesses) return;
    asking = false;
    if (told.asked >= guesses) act('off');
    else if (paused) pause(false);
  });
}

function askNow() {
  if (askAt < 0 || asking || clock < askAt || look) return;
  asking = true;
  pause(true);
  const shown = $('told');
  if (shown) shown.textContent = `Look on the spoon if you like, then say it: ${asked + 1} of ${guesses}.`;
  $('guess')?.classList.add('now');
  $('grade')?.focus();
}

// ---- what is shown

function speak(words) {
  const spoken = $('spoken');
  if (spoken && words) spoken.textContent = words;
}

function pause(on = !paused) {
  paused = on;
  page.querySelector('[data-do=pause]')?.setAttribute('aria-pressed', String(paused));
  if (!on) $('guess')?.classList.remove('now');
}

function show() {
  const pot = pots[front];
  if (!pot) return;
  const dial = /** @type {HTMLInputElement} */ ($('dial'));
  dial.value = String(pot.dial);
  const word = $('dial-word');
  if (word) word.textContent = pot.dial === 0 ? 'off' : String(pot.dial);
  page.querySelector('[data-act=lid]')?.setAttribute('aria-pressed', String(pot.lid));
  const pace = $('speed');
  if (pace) pace.textContent = SPEEDS[speed] === 1 ? 'as fast as life' : `${SPEEDS[speed]} times faster than life`;
  const other = $('other');
  if (other) {
    other.hidden = pots.length < 2;
    const back = pots[1 - front];
    const name = other.querySelector('span');
    if (back && name) name.textContent = `${back.name}${back.off ? ', off' : ''}`;
  }
  page.querySelectorAll('[data-act]').forEach((button) => button.toggleAttribute('disabled', pot.off || over));
}

const minutes = (seconds) => (seconds < 60 ? `${Math.round(seconds)} s` : `${Math.round(seconds / 60)} min`);

function tell() {
  const pot = pots[front];
  if (!pot) return;
  const state = stateOf(pot, clock);
  const put = (id, words) => {
    const at = $(id);
    if (at && at.textContent !== words) at.textContent = words;
  };
  put('clock', minutes(clock));
  put('stirred', `${minutes(state.sinceStir)} ago`);
  put('looked', seen === 0 ? 'not yet' : seen === 1 ? 'once' : seen === 2 ? 'twice' : `${seen} times`);
  const words = describe(state);
  put('say', words);
  canvas('#pot').setAttribute('aria-label', words);
}

function fit(paper) {
  const box = paper.getBoundingClientRect();
  const ratio = Math.min(devicePixelRatio, MOST_PX / Math.max(1, Math.min(box.width, box.height)));
  const width = Math.max(1, Math.round(box.width * ratio));
  const height = Math.max(1, Math.round(box.height * ratio));
  if (paper.width !== width || paper.height !== height) Object.assign(paper, { width, height });
  return paper.getContext('2d');
}

const grid = (px) => 2 * Math.round(clamp(0.38 * px, 180, 264) / 2);

function viewOf(pot, state, paper) {
  const { width, height } = paper.canvas;
  pot.view ??= new PotView(state, grid(Math.min(width, height)));
  return pot.view;
}

function paint(dt) {
  const pot = pots[front];
  if (!pot) return;
  const begun = performance.now();
  const paper = fit(canvas('#pot'));
  const state = stateOf(pot, clock);
  const view = viewOf(pot, state, paper);
  view.set(state);
  if (dt > 0 && !paused && !look) view.advance(dt);
  view.draw(paper, paper.canvas.width, paper.canvas.height, place(paper.canvas));
  measured(performance.now() - begun);
  sounds.play(state, view.p, !paused && !look);
  drawLook(dt);
}

/** Beside the section on a wide stage, in the middle of a narrow one. */
const place = (paper) => (paper.width > 1.2 * paper.height ? [0.52, 0.48, 0.42] : [0.5, 0.44, 0.37]);

/** The parts that need no sixty frames a second. */
function paintAside() {
  const pot = pots[front];
  if (!pot) return;
  const state = stateOf(pot, clock);
  const colour = pot.view?.colour ?? [0.6, 0.3, 0.2];
  const section = fit(canvas('#section'));
  drawSection(section, section.canvas.width, section.canvas.height, state, colour, pot.lid);
  const back = pots[1 - front];
  if (pots.length < 2 || !back) return;
  const paper = fit(canvas('#other canvas'));
  const behind = stateOf(back, clock);
  back.small ??= new PotView(behind, 180);
  back.small.set(behind);
  if (!paused && !look) back.small.advance(0.1);
  back.small.draw(paper, paper.canvas.width, paper.canvas.height, [0.5, 0.5, 0.46]);
}

/** The median of a frame's drawing, for whoever measures. */
function measured(ms) {
  frames.push(ms);
  if (frames.length < 60) return;
  frames.sort((a, b) => a - b);
  page.dataset.frame = frames[30].toFixed(1);
  frames.length = 0;
}

function swap() {
  if (pots.length < 2) return;
  closeLook();
  front = 1 - front;
  show();
  tell();
  speak(pots[front].name);
}

function go(dt) {
  const waits = paused || look || over || queue.length > 0 || !pots.length;
  if (!waits) {
    clock += dt * SPEEDS[speed];
    if (askAt >= 0) clock = Math.min(clock, askAt);
    const track = pots[front].track;
    clock = Math.min(clock, track.from + track.every * (track.rows.length - 1));
    askNow();
  }
  void more();
}

// ---- keys, presses, the spoon in the hand

const KEYS = {
  ' ': 'stir',
  s: 'spoon',
  p: 'plate',
  w: 'scale',
  t: 'probe',
  l: 'lid',
  '+': 'water',
  '=': 'water',
  y: 'slurry',
  b: 'blend',
  f: 'off',
};

function press(kind) {
  const button = page.querySelector(`[data-act=${kind}]`);
  if (!(button instanceof HTMLButtonElement) || button.disabled) return;
  if (['spoon', 'plate', 'scale', 'probe'].includes(kind)) lookWith(kind);
  else if (kind === 'lid') act('lid', pots[front].lid ? 0 : 1);
  else act(kind, Number(button.dataset.value ?? 0));
}

function heat(by) {
  const pot = pots[front];
  if (pot) act('heat', clamp(pot.dial + by, 0, 9));
}

const DOES = {
  slower: () => (speed = Math.max(0, speed - 1)),
  faster: () => (speed = Math.min(SPEEDS.length - 1, speed + 1)),
  pause: () => pause(),
  close: closeLook,
  sound: () => {
    sounds.toggle();
    page.querySelector('[data-do=sound]')?.setAttribute('aria-pressed', String(sounds.on));
  },
};

page.addEventListener('click', (event) => {
  const button = event.target instanceof Element ? event.target.closest('button') : null;
  if (!button) return;
  if (button.dataset.act) press(button.dataset.act);
  if (button.dataset.do) DOES[button.dataset.do]();
  if (button.id === 'other') swap();
  show();
});

document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('dialog[open]')) return;
  const at = event.target instanceof HTMLElement ? event.target : document.body;
  const slides = at instanceof HTMLInputElement;
  const key = event.key.toLowerCase();
  const does = { ',': 'slower', '<': 'slower', '.': 'faster', '>': 'faster', k: 'pause', m: 'sound', escape: 'close' }[key];
  if (key === ' ' && (at.tagName === 'BUTTON' || at.tagName === 'A')) return;
  if (KEYS[key]) press(KEYS[key]);
  else if (does) DOES[does]();
  else if (key === 'g') guess();
  else if (key === 'o') swap();
  else if (!slides && (key === 'arrowright' || key === 'arrowleft')) heat(key === 'arrowright' ? 1 : -1);
  else return;
  event.preventDefault();
  show();
});

$('dial')?.addEventListener('input', (event) => act('heat', Number(/** @type {HTMLInputElement} */ (event.target).value)));
$('grade')?.addEventListener('input', guessing);
$('guess')?.addEventListener('submit', (event) => {
  event.preventDefault();
  guess();
});

/** The spoon follows the hand; leaving the surface is a round with it. */
let hand = null;
canvas('#pot').addEventListener('pointerdown', (event) => {
  hand = pointOf(event);
  canvas('#pot').setPointerCapture(event.pointerId);
});
canvas('#pot').addEventListener('pointermove', (event) => {
  const view = pots[front]?.view;
  if (!hand || !view) return;
  const to = pointOf(event);
  view.stir([hand, to], 0.05);
  hand = to;
});
canvas('#pot').addEventListener('pointerup', () => {
  if (hand) act('stir');
  hand = null;
});

function pointOf(event) {
  const paper = canvas('#pot');
  const view = pots[front]?.view;
  if (!view) return null;
  const x = ((event.offsetX * paper.width) / paper.clientWidth - view.cx) / view.mm;
  const y = ((event.offsetY * paper.height) / paper.clientHeight - view.cy) / view.mm;
  const far = Math.max(1, Math.hypot(x, y) / (pots[front].width / 2 - 16));
  return [x / far, y / far];
}

addEventListener('pagehide', () => {
  if (over || !pots.length) return;
  const headers = sendingHeaders();
  void fetch(`/practice/runs/${run}/clock`, {
    method: 'POST',
    keepalive: true,
    headers,
    body: new URLSearchParams({ seconds: String(clock) }),
  }).catch(() => {});
});

document.addEventListener('visibilitychange', () => {
  if (document.hidden) pause(true);
});

// ---- the two ways time goes on

function frame(now) {
  const dt = Math.min(0.1, (now - (last || now)) / 1000);
  last = now;
  go(dt);
  paint(dt);
  requestAnimationFrame(frame);
}

/** A still each second for those who want no motion. */
function stills() {
  setInterval(() => {
    go(1);
    paint(0.1);
  }, 1000);
}

async function begin() {
  const { body } = await ask('ahead');
  names = body.names;
  clock = body.clock;
  take(body);
  for (const one of body.seen ?? []) note(one.kind, one.said, one.seconds);
  guessing();
  tell();
  setInterval(tell, hints === 'NONE' ? 500 : TOLD_MS / 4);
  setInterval(paintAside, 100);
  page.dataset.ready = 'true';
  if (reduced) stills();
  else requestAnimationFrame(frame);
}

void begin().catch(() => trouble('The pot could not be reached. Load the page again.'));
