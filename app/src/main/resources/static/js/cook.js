/** The cook page: sends what happens without leaving the page, keeps it current, gives every entry a key. */
import { localTimes, sendingHeaders } from './page.js';
import { drawTimeline } from './timeline.js';

const live = document.getElementById('live');
const EVERY_MS = 20_000;

/** @param {string} html */
function show(html) {
  live.innerHTML = html;
  localTimes(live);
  drawTimeline();
}

live.addEventListener('submit', async (event) => {
  const form = /** @type {HTMLFormElement} */ (event.target);
  event.preventDefault();
  const weighed = form.classList.contains('weigh');
  try {
    const answer = await fetch(form.action, {
      method: 'POST',
      headers: { ...sendingHeaders(), 'X-Fragment': 'live' },
      body: new URLSearchParams(/** @type {any} */ (new FormData(form))),
    });
    if (answer.redirected) {
      location.assign(answer.url);
    } else if (answer.ok || answer.status === 422) {
      show(await answer.text());
      if (weighed) document.getElementById('weight').focus();
    } else {
      form.submit();
    }
  } catch {
    say(form, 'The server does not answer. What you typed is still here: send it again. Sending twice is harmless.');
  }
});

/** @param {HTMLFormElement} form @param {string} words */
function say(form, words) {
  const old = form.querySelector('.wrong');
  const p = old ?? document.createElement('p');
  p.className = 'wrong';
  p.setAttribute('role', 'alert');
  p.textContent = '▲ ' + words;
  form.append(p);
}

/** Nothing that somebody is typing is replaced. */
function busy() {
  const field = document.activeElement;
  const typed = [...live.querySelectorAll('input[name=value]')].some((i) => /** @type {HTMLInputElement} */ (i).value);
  return typed || live.querySelector('details[open]') || (live.contains(field) && field.matches('select'));
}

setInterval(async () => {
  if (busy() || document.hidden) return;
  try {
    const answer = await fetch(live.dataset.live, { headers: { 'X-Fragment': 'live' } });
    if (answer.redirected) location.assign(answer.url);
    else if (answer.ok && !busy()) show(await answer.text());
  } catch {
    // Without the network the page stays as it is and asks again.
  }
}, EVERY_MS);

document.addEventListener('keydown', (event) => {
  const typing = /** @type {HTMLElement} */ (event.target).matches('input, select, textarea');
  if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
  const field = { w: 'weight', h: 'heat', l: 'lid' }[event.key];
  if (field) {
    event.preventDefault();
    document.getElementById(field)?.focus();
  } else if (event.key === 'b') {
    /** @type {HTMLFormElement} */ (live.querySelector('input[value=simmers]')?.closest('form'))?.requestSubmit();
  } else if (event.key === 'f') {
    event.preventDefault();
    live.querySelector('details.off').setAttribute('open', '');
    document.getElementById('yield').focus();
  }
});

drawTimeline();
