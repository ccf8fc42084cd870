/** The workshop: asks the server what it understands of the text while it is typed, and shows it beside the lines. */
import { sendingHeaders } from './page.js';
import { LineEditor } from './lines.js';

const text = /** @type {HTMLTextAreaElement} */ (document.querySelector('textarea[data-read]'));
const form = /** @type {HTMLFormElement} */ (document.getElementById('sauce'));
const understood = document.getElementById('understood');
const said = document.getElementById('said');
let timer = 0;
let asked = 0;
let stage = -1;
let dirty = false;

/** @param {string} path @param {Record<string, string>} fields */
function post(path, fields) {
  return fetch(path, { method: 'POST', headers: sendingHeaders(), body: new URLSearchParams(fields) });
}

const editor = new LineEditor(
  document.getElementById('editor'),
  (value) => {
    text.value = value;
    changed();
  },
  (line) => {
    const at = Number(editor.rows()[line]?.dataset.stage || -1);
    if (at >= 0 && at !== stage) {
      stage = at;
      soon(60);
    }
  },
);

function changed() {
  dirty = true;
  const kept = document.getElementById('kept');
  if (kept) kept.textContent = 'changed since';
  soon(150);
}

/** @param {number} wait */
function soon(wait) {
  clearTimeout(timer);
  timer = setTimeout(read, wait);
}

async function read() {
  const mine = ++asked;
  const answer = await post(text.dataset.read, { text: text.value, stage: String(stage < 0 ? 9999 : stage) }).catch(() => null);
  // A later question has overtaken this one, or the session is over: what is shown stays.
  if (answer?.ok && !answer.redirected && mine === asked) show(await answer.text());
}

/** @param {string} html */
function show(html) {
  const focused = understood.contains(document.activeElement) ? document.activeElement.id : '';
  understood.innerHTML = html;
  arrange();
  if (focused) document.getElementById(focused)?.focus();
}

function arrange() {
  if (!document.getElementById('editor').hidden) editor.annotate(understood);
  const words = understood.querySelector('[data-said]')?.getAttribute('data-said') ?? '';
  if (said.textContent !== words) said.textContent = words;
}

/** @param {boolean} plain */
function choose(plain) {
  document.getElementById('editor').hidden = plain;
  document.getElementById('plain').hidden = !plain;
  document.getElementById('steps').hidden = plain;
  document.body.classList.toggle('rows-on', !plain);
  document.getElementById('as-text').setAttribute('aria-pressed', String(plain));
  if (!plain) editor.show(text.value);
  arrange();
}

for (const id of ['as-text', 'scale-open', 'swap-open']) document.getElementById(id).hidden = false;
const asText = document.getElementById('as-text');
asText.addEventListener('click', () => {
  const plain = asText.getAttribute('aria-pressed') !== 'true';
  choose(plain);
  sessionStorage.setItem('workshop', plain ? 'plain' : 'rows');
  read();
});
choose(sessionStorage.getItem('workshop') === 'plain');

text.addEventListener('input', () => {
  stage = -1;
  changed();
});
form.addEventListener('input', (event) => {
  if (/** @type {HTMLElement} */ (event.target).id === 'name') dirty = true;
});
document.getElementById('steps').addEventListener('click', (event) => {
  const step = /** @type {HTMLElement} */ (event.target).closest('[data-step]');
  if (step) editor.insertStep(step.getAttribute('data-step'));
});
document.getElementById('steps').addEventListener('mousedown', (event) => event.preventDefault());

/** Answers to what a line leaves open, wherever they stand. @param {Event} event */
async function answered(event) {
  const answer = /** @type {HTMLElement} */ (event.target).closest('button.answer');
  if (!(answer instanceof HTMLButtonElement)) return;
  const row = answer.closest('.line-row');
  if (answer.dataset.rewrite) {
    const line = editor.rows().indexOf(/** @type {HTMLElement} */ (row));
    const values = editor.values();
    values.splice(line, 1, ...answer.dataset.rewrite.split('\n'));
    editor.put(values, line, 0);
    return;
  }
  await resolve(
    answer.dataset.words
      ? { food: answer.dataset.food, words: answer.dataset.words }
      : { food: answer.dataset.food, measure: answer.dataset.measure, grams: answer.dataset.grams },
    answer,
  );
}

/** @param {Record<string, string>} habit @param {HTMLElement} by */
async function resolve(habit, by, path = '/foods/habits') {
  const row = by.closest('.line-row');
  const answer = await post(path, habit);
  if (answer.ok) {
    const field = row?.querySelector('.line-text');
    if (field instanceof HTMLElement) field.focus();
    await read();
  } else if (by instanceof HTMLInputElement) {
    by.setCustomValidity(await answer.text());
    by.reportValidity();
  }
}

for (const place of [editor.root, understood]) {
  place.addEventListener('click', answered);
  place.addEventListener('keydown', (event) => {
    const field = /** @type {HTMLInputElement} */ (event.target);
    if (event.key !== 'Enter') return;
    const { food, measure, of } = field.dataset;
    if (field.classList.contains('own-grams')) {
      event.preventDefault();
      resolve({ food, measure, grams: field.value }, field);
    } else if (field.classList.contains('weighed-grams')) {
      event.preventDefault();
      resolve({ food, measure, of, grams: field.value }, field, '/foods/measures/weighed');
    }
  });
  place.addEventListener(
    'input',
    (event) => {
      const field = /** @type {HTMLInputElement} */ (event.target);
      if (field.classList.contains('own-grams') || field.classList.contains('weighed-grams')) {
        field.setCustomValidity('');
        event.stopPropagation();
      }
    },
    true,
  );
}

understood.addEventListener('change', (event) => {
  const select = /** @type {HTMLSelectElement} */ (event.target);
  if (select.id === 'stage') {
    stage = Number(select.value);
    read();
  }
});

/* Scaling and swapping: the server says what would come of it; taking it writes the text, keeping it is another press. */

/** Lines with a food, as options. @param {HTMLSelectElement} select */
function foodLines(select) {
  const now = select.value;
  select.replaceChildren(
    ...text.value.split('\n').flatMap((line, i) => {
      const note = understood.querySelector(`#notes > li[data-line="${i}"]`);
      const kind = note?.getAttribute('data-kind');
      return kind === 'food' ? [new Option(line, String(i))] : [];
    }),
  );
  if ([...select.options].some((option) => option.value === now)) select.value = now;
}

/** @param {HTMLDialogElement} dialog @param {HTMLElement} out @param {string} path @param {() => Record<string, string>} fields */
function tool(dialog, out, path, fields) {
  let question = 0;
  const take = /** @type {HTMLButtonElement} */ (dialog.querySelector('button[id$=take]'));
  const ask = async () => {
    const mine = ++question;
    const answer = await post(path, { text: text.value, ...fields() }).catch(() => null);
    if (mine !== question) return;
    if (!answer?.ok) {
      out.textContent = 'Choose a line with a food.';
      take.disabled = true;
      return;
    }
    const focused = out.contains(document.activeElement) ? document.activeElement.id : '';
    out.innerHTML = await answer.text();
    take.disabled = !out.querySelector('.result');
    if (focused) document.getElementById(focused)?.focus();
  };
  take.addEventListener('click', () => {
    const result = /** @type {HTMLTextAreaElement} */ (out.querySelector('.result'));
    dialog.close();
    if (document.getElementById('editor').hidden) {
      text.value = result.value;
      changed();
    } else {
      editor.put(result.value.split('\n'), 0, 0);
    }
  });
  return ask;
}

const scale = /** @type {HTMLDialogElement} */ (document.getElementById('scale'));
const askScale = tool(scale, document.getElementById('scaled'), '/sauces/scale', () => {
  const fields = /** @type {Record<string, string>} */ (Object.fromEntries(new FormData(scale.querySelector('form'))));
  return fields;
});
let scaleTimer = 0;
scale.addEventListener('input', (event) => {
  const field = /** @type {HTMLElement} */ (event.target);
  const way = /** @type {HTMLInputElement | null} */ (field.closest('label')?.querySelector('input[type=radio]'));
  if (way && field !== way) way.checked = true;
  clearTimeout(scaleTimer);
  scaleTimer = setTimeout(askScale, 150);
});
function openScale() {
  foodLines(/** @type {HTMLSelectElement} */ (document.getElementById('scale-line')));
  scale.showModal();
  askScale();
}

const swap = /** @type {HTMLDialogElement} */ (document.getElementById('swap'));
const swapped = document.getElementById('swapped');
const swapLine = /** @type {HTMLSelectElement} */ (document.getElementById('swap-line'));
let chosenFood = '';
const askSwap = tool(swap, swapped, '/sauces/swap', () => {
  const keep = /** @type {HTMLSelectElement | null} */ (document.getElementById('swap-keep'));
  const fields = { line: swapLine.value, food: chosenFood };
  return keep && chosenFood ? { ...fields, keep: keep.value } : fields;
});
swapLine.addEventListener('change', () => {
  chosenFood = '';
  askSwap();
});
swapped.addEventListener('click', (event) => {
  const food = /** @type {HTMLElement} */ (event.target).closest('button[data-food]');
  if (food) {
    event.preventDefault();
    chosenFood = food.getAttribute('data-food');
    askSwap();
  }
});
swapped.addEventListener('change', (event) => {
  const field = /** @type {HTMLInputElement} */ (event.target);
  if (field.id === 'swap-food') chosenFood = field.value;
  askSwap();
});
swap.addEventListener('keydown', (event) => {
  const field = /** @type {HTMLInputElement} */ (event.target);
  if (event.key === 'Enter' && field.id === 'swap-food') {
    event.preventDefault();
    chosenFood = field.value;
    askSwap();
  }
});
function openSwap() {
  foodLines(swapLine);
  const at = String(editor.at);
  if ([...swapLine.options].some((option) => option.value === at)) swapLine.value = at;
  chosenFood = '';
  swap.showModal();
  askSwap();
}
document.getElementById('scale-open').addEventListener('click', openScale);
document.getElementById('swap-open').addEventListener('mousedown', (event) => event.preventDefault());
document.getElementById('swap-open').addEventListener('click', openSwap);

document.addEventListener('keydown', (event) => {
  if (event.altKey && !event.ctrlKey && !document.querySelector('dialog[open]')) {
    if (event.code === 'KeyS') {
      event.preventDefault();
      openScale();
    } else if (event.code === 'KeyW') {
      event.preventDefault();
      openSwap();
    }
  }
  if (!(event.ctrlKey || event.metaKey)) return;
  if (event.key === 's') {
    event.preventDefault();
    form.requestSubmit();
  } else if (event.key === 'Enter') {
    event.preventDefault();
    form.requestSubmit(/** @type {HTMLButtonElement} */ (form.querySelector('button[name=plan]')) ?? undefined);
  }
});

/* Another part of the page changes lines: it is shown, and undone, as if it had been typed. */
document.addEventListener('gradior:lines', (event) => {
  const { lines, at } = /** @type {CustomEvent<{lines: string[], at: number}>} */ (event).detail;
  if (document.getElementById('editor').hidden) {
    text.value = lines.join('\n');
    changed();
  } else {
    editor.put(lines, at, 0);
  }
});

form.addEventListener('submit', () => {
  dirty = false;
});
addEventListener('beforeunload', (event) => {
  if (dirty) event.preventDefault();
});
