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
