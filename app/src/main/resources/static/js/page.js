/** What every page does: says times in the reader's own zone. */

/** @param {ParentNode} within */
export function localTimes(within) {
  for (const text of within.querySelectorAll('text[data-time]')) {
    text.textContent = clock(new Date(text.getAttribute('data-time')));
  }
  for (const time of within.querySelectorAll('time[datetime]')) {
    const at = new Date(/** @type {HTMLTimeElement} */ (time).dateTime);
    time.textContent = time.hasAttribute('data-day')
      ? at.toLocaleDateString(undefined, { day: 'numeric', month: 'short' }) + ', ' + clock(at)
      : clock(at);
  }
}

/** @param {Date} at */
export function clock(at) {
  return at.toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit', hour12: false });
}

/** Headers that a sending request needs. */
export function sendingHeaders() {
  const token = document.querySelector('meta[name=_csrf]')?.getAttribute('content') ?? '';
  const name = document.querySelector('meta[name=_csrf_header]')?.getAttribute('content') ?? 'X-CSRF-TOKEN';
  return { [name]: token };
}

localTimes(document);
