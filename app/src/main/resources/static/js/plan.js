/** The plan: redraws as choices change, and draws the curve the server computed. */
import { drawCurve } from './curve.js';

const form = /** @type {HTMLFormElement} */ (document.getElementById('choices'));
const outcome = document.getElementById('outcome');
let asked = 0;

async function ask() {
  const mine = ++asked;
  const address = location.pathname + '?' + new URLSearchParams(/** @type {any} */ (new FormData(form)));
  history.replaceState(null, '', address);
  const answer = await fetch(address, { headers: { 'X-Fragment': 'plan' } });
  if (answer.ok && !answer.redirected && mine === asked) {
    outcome.innerHTML = await answer.text();
    drawCurve();
  }
}

form.addEventListener('change', (event) => {
  const field = /** @type {HTMLInputElement} */ (event.target);
  const aimOf = { use: 'use', served: 'use', amount: 'yield', unit: 'yield', part: 'part', way: 'part', basis: 'part' };
  const aim = aimOf[field.name];
  // Touching a field chooses the aim it belongs to.
  if (aim) /** @type {HTMLInputElement} */ (form.querySelector(`input[name=aim][value=${aim}]`)).checked = true;
  ask();
});
form.addEventListener('submit', (event) => {
  event.preventDefault();
  ask();
});

drawCurve();
