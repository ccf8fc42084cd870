/** The help of the page one is on, on the key ?; and hints that are shown until they are dismissed. */

const sheet = /** @type {HTMLDialogElement | null} */ (document.getElementById('help-sheet'));

async function open() {
  const topics = sheet.querySelector('[data-topics]');
  const place = document.querySelector('main').dataset.place ?? document.body.dataset.place ?? '';
  const answer = await fetch('/help?place=' + encodeURIComponent(place), { headers: { 'X-Fragment': 'help' } }).catch(() => null);
  if (!answer?.ok) {
    location.assign('/help');
    return;
  }
  topics.innerHTML = await answer.text();
  sheet.showModal();
}

document.addEventListener('keydown', (event) => {
  const target = /** @type {HTMLElement} */ (event.target);
  if (event.key !== '?' || event.ctrlKey || event.metaKey || target.closest('input, select, textarea, [contenteditable]')) return;
  if (document.querySelector('dialog[open]')) return;
  event.preventDefault();
  if (sheet) open();
});
sheet?.querySelector('[data-close-help]')?.addEventListener('click', () => sheet.close());

for (const hint of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('[data-hint]'))) {
  const key = 'gradior.hint.' + hint.dataset.hint;
  hint.hidden = localStorage.getItem(key) !== null;
  hint.querySelector('button')?.addEventListener('click', () => {
    localStorage.setItem(key, 'seen');
    hint.hidden = true;
  });
}

export {};
