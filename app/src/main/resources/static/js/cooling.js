/** What cools on the counter, on every page: how long until it is to be in the fridge, and one press that says it is. */
import { ring } from './clocks.js';
import { askSession, sendingHeaders } from './page.js';

const ASK = 60_000;
const TICK = 1_000;
const RUNG = 'gradior.cooling-rung';

/** @type {{batch: string, name: string, due: string}[]} */
let cooling = [];
let offset = 0;
const bar = document.createElement('aside');
bar.className = 'cooling no-print';
bar.setAttribute('aria-label', 'What cools');
bar.hidden = true;

/** @param {string} batch */
async function cold(batch) {
  const answer = await fetch(`/shelf/cooling/${batch}`, { method: 'POST', headers: sendingHeaders() }).catch(() => null);
  if (answer?.ok) {
    cooling = cooling.filter((one) => one.batch !== batch);
    show();
  } else {
    bar.querySelector(`[data-batch="${batch}"] .words`)?.append(' (not saved, press once more)');
  }
}

function show() {
  bar.hidden = cooling.length === 0;
  bar.replaceChildren(
    ...cooling.map((one) => {
      const row = document.createElement('p');
      row.dataset.batch = one.batch;
      const words = document.createElement('span');
      words.className = 'words';
      const done = document.createElement('button');
      done.type = 'button';
      done.className = 'btn btn-outline-primary';
      done.textContent = 'It is in the fridge';
      done.addEventListener('click', () => cold(one.batch));
      row.append(words, ' ', done);
      return row;
    }),
  );
  tick();
}

function tick() {
  for (const one of cooling) {
    const left = (Date.parse(one.due) - Date.now() - offset) / 60_000;
    const words = bar.querySelector(`[data-batch="${one.batch}"] .words`);
    const said =
      left >= 0
        ? `${one.name}: into the fridge within ${Math.ceil(left)} min`
        : `◆ ${one.name}: into the fridge now, it stands out too long`;
    if (words && words.textContent !== said) words.textContent = said;
    const key = one.batch + one.due;
    if (left < 0 && localStorage.getItem(RUNG) !== key) {
      localStorage.setItem(RUNG, key);
      if (left > -1) ring(`${one.name}: into the fridge`);
    }
  }
}

async function ask() {
  const answer = await fetch('/shelf/cooling', { cache: 'no-store' }).catch(() => null);
  if (!answer?.ok || answer.redirected) return;
  cooling = await answer.json();
  if (cooling.length > 0) {
    const session = await askSession();
    if (session) offset = session.now - Date.now();
  }
  show();
}

document.body.append(bar);
ask();
setInterval(ask, ASK);
setInterval(tick, TICK);
