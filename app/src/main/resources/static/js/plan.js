/** The plan: redraws as choices change, moves the handle, pins two settings beside each other. */
import { drawBoard } from './board.js';
import { conditional, tellProblems } from './choices.js';
import { newId } from './ids.js';
import { width } from './units.js';

const form = /** @type {HTMLFormElement} */ (document.getElementById('choices'));
const outcome = document.getElementById('outcome');
const at = /** @type {HTMLInputElement} */ (document.getElementById('at'));
const PINS = 'gradior.pins.' + location.pathname;
const MOST_PINS = 2;

/** @type {{label: string, words: string, address: string, drawing: any, facts: string[]}[]} */
let pinned = JSON.parse(sessionStorage.getItem(PINS) ?? '[]');
let board = null;
let asking = false;
let again = false;

function address() {
  const fields = new URLSearchParams();
  for (const [name, value] of new FormData(form)) if (value !== '') fields.append(name, String(value));
  return location.pathname + '?' + fields;
}

/** One request at a time; what changed meanwhile is asked for after it. */
async function ask() {
  if (asking) {
    again = true;
    return;
  }
  asking = true;
  outcome.setAttribute('aria-busy', 'true');
  const wanted = address();
  history.replaceState(null, '', wanted);
  try {
    const answer = await fetch(wanted, { headers: { 'X-Fragment': 'plan' } });
    if (answer.redirected) location.assign(answer.url);
    else if (answer.ok) {
      const html = await answer.text();
      // Nobody's handle is taken out of their hand: where it comes to rest is asked for next.
      if (!board?.held()) show(html);
    } else throw new Error(String(answer.status));
  } catch {
    const sorry = document.createElement('p');
    sorry.className = 'wrong';
    sorry.setAttribute('role', 'alert');
    sorry.textContent = '▲ The server does not answer. What you chose is still here: change something to ask again.';
    outcome.querySelector('.wrong')?.remove();
    outcome.prepend(sorry);
  }
  asking = false;
  if (again) {
    again = false;
    ask();
  } else {
    outcome.removeAttribute('aria-busy');
  }
}

/** @param {string} html */
function show(html) {
  const focused = document.activeElement;
  const onGrip = focused?.classList.contains('grip');
  const radio = focused?.matches('input[name=route]') ? focused.getAttribute('value') : null;
  outcome.innerHTML = html;
  // Other choices make another plan: one that was kept before keeps its own id.
  for (const id of ['cook', 'plan']) {
    const field = /** @type {HTMLInputElement} */ (document.querySelector(`#go [name=${id}]`));
    field.value = newId();
  }
  tellProblems(form, outcome);
  draw();
  if (onGrip) board?.focus();
  if (radio) /** @type {HTMLElement | null} */ (outcome.querySelector(`input[name=route][value=${radio}]`))?.focus();
}

/** What the server computed. */
const drawing = () => JSON.parse(document.getElementById('drawing').dataset.drawing);

function draw() {
  const node = /** @type {any} */ (document.getElementById('board'));
  board = null;
  if (node && /** @type {any} */ (window).d3) board = drawBoard(node, drawing(), { pinned, moved });
  showPins();
}

/** The handle moved: the drawn looks follow at once; the routes when it comes to rest. */
function moved(point, settled) {
  for (const look of outcome.querySelectorAll('[data-look]'))
    look.classList.toggle('now', Number(look.getAttribute('data-look')) === point.look);
  const words = document.getElementById('look-words');
  if (words) words.textContent = 'At the handle: ' + point.looks;
  document.getElementById('puddle')?.setAttribute('r', String(Math.min(58, point.plate * 2.8)));
  const plate = document.getElementById('plate-words');
  if (plate) plate.textContent = width(point.plate);
  if (!settled) return;
  at.value = String(point.g);
  const both = /** @type {HTMLInputElement | null} */ (
    outcome.querySelector('input[name=route][value=reduce-then-slurry]:not(:disabled)')
  );
  if (both && point.lift) both.checked = true;
  ask();
}

document.addEventListener('change', (event) => {
  const field = /** @type {HTMLInputElement} */ (event.target);
  if (field.form !== form || !field.name) return;
  // Where to stop was dragged for other choices: a new choice has it proposed anew.
  if (field.name !== 'route' && field.name !== 'at') at.value = '';
  if (['use', 'aim', 'least', 'leastUnit', 'frozen', 'amount'].includes(field.name)) {
    outcome.querySelectorAll('input[name=route]').forEach((radio) => {
      /** @type {HTMLInputElement} */ (radio).checked = false;
    });
  }
  conditional(form);
  ask();
});
form.addEventListener('click', (event) => {
  const button = /** @type {HTMLElement} */ (event.target).closest('[data-set]');
  if (!button) return;
  const field = /** @type {HTMLInputElement} */ (form.elements.namedItem(button.getAttribute('data-set')));
  field.value = button.getAttribute('data-value');
  field.dispatchEvent(new Event('change', { bubbles: true }));
});
form.addEventListener('submit', (event) => {
  event.preventDefault();
  ask();
});

function pin() {
  const node = document.getElementById('board');
  if (!node) return;
  const taken = outcome.querySelector('.route.taken');
  const facts = [...(taken?.querySelectorAll('dl > div') ?? [])].slice(0, 6).map((row) => row.textContent.replace(/\s+/g, ' ').trim());
  const label = pinned.length && pinned[0].label === 'A' ? 'B' : 'A';
  pinned = [
    ...pinned.slice(-(MOST_PINS - 1)),
    {
      label,
      words: document.getElementById('says')?.querySelector('b')?.textContent ?? '',
      address: address(),
      drawing: { points: drawing().points.map((p) => ({ g: p.g, served: p.served })) },
      facts,
    },
  ];
  sessionStorage.setItem(PINS, JSON.stringify(pinned));
  draw();
}

function unpin(label) {
  pinned = pinned.filter((p) => p.label !== label);
  sessionStorage.setItem(PINS, JSON.stringify(pinned));
  draw();
  document.getElementById('pin')?.focus();
}

function showPins() {
  const place = document.getElementById('pins');
  if (!place) return;
  place.hidden = pinned.length === 0;
  place.replaceChildren(
    ...pinned.map((p) => {
      const part = document.createElement('section');
      const head = document.createElement('h3');
      head.textContent = `${p.label} · ${p.words}`;
      const choices = document.createElement('p');
      choices.className = 'small';
      choices.textContent = p.facts.join(' · ');
      const back = document.createElement('a');
      back.href = p.address;
      back.textContent = 'go back to it';
      const drop = document.createElement('button');
      drop.type = 'button';
      drop.className = 'btn btn-link';
      drop.textContent = 'unpin';
      drop.setAttribute('aria-label', `unpin ${p.label}`);
      drop.addEventListener('click', () => unpin(p.label));
      part.append(head, choices, back, ' ', drop);
      return part;
    }),
  );
}

document.addEventListener('click', (event) => {
  if (/** @type {HTMLElement} */ (event.target).id === 'pin') pin();
});
document.addEventListener('keydown', (event) => {
  if (/** @type {HTMLElement} */ (event.target).matches('input, select, textarea') || event.ctrlKey || event.metaKey || event.altKey)
    return;
  if (event.key === 'p') pin();
});

conditional(form);
draw();
