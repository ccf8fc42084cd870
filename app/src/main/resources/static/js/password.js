/** Passwords: shown to whoever types them if they want, and a new one with how hard it is to guess. */
import { sendingHeaders } from './page.js';

const AFTER_MS = 300;
const LEVELS = 4;

/** @param {HTMLInputElement} field */
function addShow(field) {
  const show = document.createElement('button');
  show.type = 'button';
  show.className = 'btn btn-link show-password';
  show.setAttribute('aria-controls', field.id);
  const of = field.labels[0]?.textContent ?? 'password';
  /** @param {boolean} shown */
  const set = (shown) => {
    field.type = shown ? 'text' : 'password';
    show.textContent = shown ? 'Hide' : 'Show';
    show.setAttribute('aria-label', `${show.textContent}: ${of}`);
  };
  set(false);
  show.addEventListener('click', () => set(field.type === 'password'));
  // What is sent is a password again, so that browsers keep it as one.
  field.form?.addEventListener('submit', () => set(false));
  field.after(show);
  return show;
}

/** What else of the form a stranger would try. @param {HTMLInputElement} field */
const names = (field) =>
  [...field.form.querySelectorAll('input[name=name], input[name=kitchen]')]
    .map((input) => /** @type {HTMLInputElement} */ (input).value)
    .concat(field.dataset.own ?? '')
    .filter((name) => name !== '');

/**
 * @param {HTMLInputElement} field
 * @param {Element} below
 */
function addStrength(field, below) {
  const told = document.createElement('p');
  told.className = 'strength small';
  told.setAttribute('role', 'status');
  below.after(told);
  let asked = 0;
  const ask = async () => {
    const mine = ++asked;
    if (field.value === '') {
      told.replaceChildren();
      return;
    }
    const body = new URLSearchParams({ password: field.value });
    for (const name of names(field)) body.append('own', name);
    const answer = await fetch('/password/strength', { method: 'POST', headers: sendingHeaders(), body }).catch(() => null);
    const strength = answer?.ok ? await answer.json().catch(() => null) : null;
    if (mine !== asked) return;
    // Without an answer nothing is said: whether it is taken is told when it is sent.
    told.replaceChildren();
    if (!strength) return;
    for (let level = 1; level <= LEVELS; level++) {
      const bar = document.createElement('i');
      bar.className = level <= strength.level ? 'full' : '';
      told.append(bar);
    }
    told.append(' ' + strength.words);
    told.classList.toggle('weak', strength.level < 2);
  };
  let timer = 0;
  field.addEventListener('input', () => {
    clearTimeout(timer);
    timer = window.setTimeout(ask, AFTER_MS);
  });
}

for (const field of /** @type {NodeListOf<HTMLInputElement>} */ (document.querySelectorAll('input[type=password]'))) {
  const show = addShow(field);
  if (field.autocomplete === 'new-password') addStrength(field, show);
}
