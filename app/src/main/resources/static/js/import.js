/** The import page: a file that is dropped anywhere on it, or text that is dragged there, is taken in at once. */
const form = /** @type {HTMLFormElement} */ (document.getElementById('import'));
const file = /** @type {HTMLInputElement} */ (document.getElementById('file'));
const pasted = /** @type {HTMLTextAreaElement} */ (document.getElementById('pasted'));

addEventListener('dragover', (event) => {
  event.preventDefault();
  document.body.classList.add('dropping');
});
addEventListener('dragleave', (event) => {
  if (!event.relatedTarget) document.body.classList.remove('dropping');
});
addEventListener('drop', (event) => {
  event.preventDefault();
  document.body.classList.remove('dropping');
  const dropped = event.dataTransfer;
  if (!dropped) return;
  if (dropped.files.length) {
    file.files = dropped.files;
  } else {
    const text = dropped.getData('text/plain');
    if (!text.trim()) return;
    file.value = '';
    pasted.value = text;
  }
  form.requestSubmit();
});
