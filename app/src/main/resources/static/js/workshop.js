/** The workshop: asks the server what it understands of the text while it is typed. */
import { sendingHeaders } from './page.js';

const text = /** @type {HTMLTextAreaElement} */ (document.querySelector('textarea[data-read]'));
const understood = document.getElementById('understood');
let timer = 0;
let asked = 0;

async function read() {
  const mine = ++asked;
  const answer = await fetch(text.dataset.read, {
    method: 'POST',
    headers: sendingHeaders(),
    body: new URLSearchParams({ text: text.value }),
  });
  // A later question has overtaken this one, or the session is over: what is shown stays.
  if (answer.ok && !answer.redirected && mine === asked) understood.innerHTML = await answer.text();
}

text.addEventListener('input', () => {
  clearTimeout(timer);
  timer = setTimeout(read, 180);
});

document.addEventListener('keydown', (event) => {
  if (!(event.ctrlKey || event.metaKey)) return;
  const plan = text.form.querySelector('button[name=plan]');
  if (event.key === 's') {
    event.preventDefault();
    text.form.requestSubmit();
  } else if (event.key === 'Enter') {
    event.preventDefault();
    text.form.requestSubmit(/** @type {HTMLButtonElement} */ (plan ?? undefined));
  }
});
