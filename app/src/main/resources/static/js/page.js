/** What every page knows: whose it is, the kitchen's time zone, and what a sending request needs. */

/** @param {string} name @returns {HTMLMetaElement | null} */
const meta = (name) => document.querySelector(`meta[name="${name}"]`);

/** Whose page this is, as a mark that tells nobody who. Empty where nobody is signed in. */
export const owner = () => meta('gradior-who')?.content ?? '';

/** What the kitchen's clock shows. @param {Date} at */
export function clock(at) {
  return at.toLocaleTimeString('en-GB', {
    hour: '2-digit',
    minute: '2-digit',
    hour12: false,
    timeZone: meta('gradior-zone')?.content || 'UTC',
  });
}

/** Headers that a sending request needs. */
export function sendingHeaders() {
  const headers = { [meta('_csrf_header')?.content ?? 'X-CSRF-TOKEN']: meta('_csrf')?.content ?? '' };
  return owner() ? { ...headers, 'X-Gradior-Who': owner() } : headers;
}

/**
 * Asks the server who is signed in and what time it is, and takes over the token that sending needs now.
 * @returns {Promise<{who: string, now: number} | null>} null if nobody is signed in or the server is out of reach
 */
export async function askSession() {
  const answer = await fetch('/session', { cache: 'no-store' }).catch(() => null);
  if (!answer?.ok || answer.redirected) return null;
  const session = await answer.json();
  if (meta('_csrf')) meta('_csrf').content = session.token;
  return session;
}

// Where the browser says it is decides the times of a kitchen that is just being opened.
for (const zone of /** @type {NodeListOf<HTMLInputElement>} */ (document.querySelectorAll('input[data-own-zone]')))
  zone.value = Intl.DateTimeFormat().resolvedOptions().timeZone ?? '';

/** Pages that a device keeps for where there is no network: see sw.js. */
const PAGES = 'gradior-pages-1';
const WHOSE = 'gradior.pages';
const OLD_MS = 90_000;
const KEEP_MS = 15_000;
let keptAt = 0;

/** Keeps this page as it is by now, for one that changes while it is open. Whether it was; not more often than now and then. */
export function keepPage() {
  if (!('caches' in self) || !navigator.serviceWorker?.controller || Date.now() - keptAt < KEEP_MS) return false;
  keptAt = Date.now();
  caches
    .open(PAGES)
    .then((pages) => pages.add(location.href.split('#')[0]))
    .catch(() => {});
  return true;
}

/** Nobody finds here what somebody else has seen. */
async function forgetOthers() {
  if (!('caches' in self) || localStorage.getItem(WHOSE) === owner()) return;
  await caches.delete(PAGES);
  localStorage.setItem(WHOSE, owner());
}

/** Says that a page is one that was kept, where the kitchen can't be reached. */
async function tellIfKept() {
  const made = Date.parse(meta('gradior-made')?.content ?? '');
  const main = document.getElementById('main');
  // Without a worker every page is the server's.
  if (!navigator.serviceWorker?.controller || !made || !main || document.body.dataset.place === 'cook') return;
  if (navigator.onLine && Math.abs(Date.now() - made) < OLD_MS) return;
  if (await askSession()) return;
  const said = document.createElement('p');
  said.className = 'news kept-page';
  said.setAttribute('role', 'status');
  said.textContent = `No connection. This is as it was at ${clock(new Date(made))}.`;
  main.prepend(said);
}

void forgetOthers();
if (owner()) {
  navigator.serviceWorker?.register('/sw.js').catch(() => {});
  void tellIfKept();
}
