/** A published method beside the lines that were made of it: what belongs together lights up, and a press settles a question. */
const proposal = document.getElementById('proposal');
const editor = document.getElementById('editor');
const text = /** @type {HTMLTextAreaElement} */ (document.querySelector('textarea[data-read]'));
const said = document.getElementById('proposal-said');

/** @returns {HTMLElement[]} */
const sentences = () => [...proposal.querySelectorAll('.method li[data-index]')].map((li) => /** @type {HTMLElement} */ (li));

/** @returns {HTMLInputElement[]} */
const fields = () => [...editor.querySelectorAll('.line-text')].map((field) => /** @type {HTMLInputElement} */ (field));

/** Which of the lines that read the same a line is, and the line: as sentences name theirs. @param {HTMLInputElement} field */
const keyOf = (field) => {
  const same = fields().filter((other) => other.value === field.value);
  return `${same.indexOf(field)}|${field.value}`;
};

/** @param {HTMLElement} sentence */
const linesOf = (sentence) => (sentence.dataset.lines ?? '').split('\n').filter(Boolean);

function dark() {
  proposal.querySelectorAll('.lit').forEach((lit) => lit.classList.remove('lit'));
  editor.querySelectorAll('.line-row.lit').forEach((row) => row.classList.remove('lit'));
}

/** @param {HTMLElement} sentence */
function light(sentence) {
  dark();
  sentence.classList.add('lit');
  const lines = new Set(linesOf(sentence));
  for (const field of fields()) field.closest('.line-row').classList.toggle('lit', lines.has(keyOf(field)));
}

/** @param {HTMLInputElement} field */
function lightLine(field) {
  dark();
  if (!field.value.trim()) return;
  const key = keyOf(field);
  for (const sentence of sentences()) sentence.classList.toggle('lit', linesOf(sentence).includes(key));
}

for (const how of ['mouseover', 'focusin']) {
  proposal.addEventListener(how, (event) => {
    const at = /** @type {HTMLElement} */ (event.target);
    const doubt = /** @type {HTMLElement | null} */ (at.closest('.doubts li[data-sentence]'));
    const sentence = doubt
      ? sentences().find((li) => li.dataset.index === doubt.dataset.sentence)
      : /** @type {HTMLElement | null} */ (at.closest('.method li[data-index]'));
    if (sentence) light(sentence);
  });
  editor.addEventListener(how, (event) => {
    const row = /** @type {HTMLElement} */ (event.target).closest('.line-row');
    const field = /** @type {HTMLInputElement | null} */ (row?.querySelector('.line-text') ?? null);
    if (field) lightLine(field);
  });
}
proposal.addEventListener('mouseleave', dark);
editor.addEventListener('mouseleave', dark);

/** Ties the sentences of a line that changes to what stands there then. @param {string} line @param {string} put */
function retie(line, put) {
  for (const sentence of sentences()) {
    const lines = linesOf(sentence).flatMap((own) => (own === `0|${line}` ? put.split('\n').map((one) => `0|${one}`) : [own]));
    sentence.dataset.lines = lines.join('\n');
  }
  for (const button of proposal.querySelectorAll('.fixes button')) {
    const fix = /** @type {HTMLElement} */ (button).dataset;
    if (fix.line === line) {
      if (fix.put.startsWith(line)) fix.put = put + fix.put.slice(line.length);
      fix.line = put;
    }
  }
}

function count() {
  const left = proposal.querySelectorAll('.doubts > li:not(.settled)').length;
  const title = document.getElementById('to-check');
  const words = left === 0 ? 'All checked' : left === 1 ? 'One thing to check' : `${left} things to check`;
  if (title) title.textContent = words;
  said.textContent = words;
}

proposal.addEventListener('click', (event) => {
  const button = /** @type {HTMLElement} */ (event.target).closest('.fixes button');
  if (!(button instanceof HTMLButtonElement)) return;
  const { line, put } = button.dataset;
  if (line) {
    const lines = text.value.split('\n');
    const at = lines.indexOf(line);
    if (at >= 0) {
      lines.splice(at, 1, ...put.split('\n'));
      // The workshop's own editor shows and undoes it.
      document.dispatchEvent(new CustomEvent('gradior:lines', { detail: { lines, at } }));
      retie(line, put);
    }
  }
  const doubt = button.closest('li');
  doubt.classList.add('settled');
  doubt.querySelectorAll('button').forEach((other) => {
    other.setAttribute('aria-pressed', String(other === button));
    other.disabled = other !== button;
  });
  count();
});

proposal.querySelectorAll('.fixes button').forEach((button) => /** @type {HTMLElement} */ (button).removeAttribute('hidden'));
