/** Keys for the chosen jar: each presses the button that names it. */
addEventListener('keydown', (event) => {
  const target = /** @type {HTMLElement} */ (event.target);
  if (event.ctrlKey || event.metaKey || event.altKey || target.matches('input, textarea, select')) return;
  const button = document.querySelector(`#jar button[data-key="${CSS.escape(event.key.toLowerCase())}"]`);
  if (button instanceof HTMLButtonElement) {
    event.preventDefault();
    button.click();
  }
});
