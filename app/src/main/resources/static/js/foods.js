/** Looks foods up while their name is typed. */
const field = /** @type {HTMLInputElement} */ (document.getElementById('q'));
const found = document.getElementById('found');
let asked = 0;
let timer = 0;

async function look() {
  const mine = ++asked;
  const answer = await fetch(`${field.dataset.search}?q=${encodeURIComponent(field.value)}`, {
    headers: { 'X-Fragment': 'found' },
  });
  if (answer.ok && !answer.redirected && mine === asked) found.innerHTML = await answer.text();
}

field.addEventListener('input', () => {
  clearTimeout(timer);
  timer = setTimeout(look, 150);
});
