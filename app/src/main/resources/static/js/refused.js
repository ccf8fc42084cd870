/** What the server refused, each with its reason, to be mended, sent again or discarded. */
import { discard, kept, resend } from './outbox.js';

const WORDS = {
  weighed: 'weighed',
  dipped: 'dipped, mm',
  jugged: 'in a jug, ml',
  spoon: 'on the spoon',
  plate: 'spread, cm',
  temperature: 'read, °C',
  tasted: 'tasted',
  added: 'went in:',
  slurry: 'slurry, g',
  strained: 'left in the sieve, g',
  pot: 'into another pot',
  heat: 'heat',
  'on-heat': 'heat',
  lid: 'lid',
  timer: 'timer, min',
  wanted: 'wanted in, min',
  simmers: 'it simmers',
  stirred: 'stirred',
  blended: 'blended',
  ticked: 'step',
  undone: 'undo',
  confirmed: 'it is right',
  finished: 'taken off, g',
  'given-up': 'given up',
};

/** @param {import('./outbox.js').Entry} entry */
function words(entry) {
  if (entry.file) return 'the picture';
  const fields = new URLSearchParams(entry.body);
  const kind = fields.get('kind') ?? '';
  const chosen = /^[0-9a-f-]{36}$/.test(fields.get('choice') ?? '')
    ? ''
    : (fields.get('choice') ?? '').toLowerCase().replaceAll('_', ' ');
  return [WORDS[kind] ?? kind, fields.get('value') ?? '', chosen].filter(Boolean).join(' ');
}

/**
 * @param {() => HTMLElement} placed where they are shown; asked for when there are some first, hidden while there are none
 * @param {{mendable: (entry: import('./outbox.js').Entry) => boolean, mend: (entry: import('./outbox.js').Entry) => void,
 *   flush: () => Promise<void>, except: () => number}} by
 * `except` is the number of the one that is being mended, 0 for none
 */
export function refusedEntries(placed, by) {
  /** @type {HTMLElement | null} */
  let place = null;
  const button = (text, label, press) => {
    const made = document.createElement('button');
    made.type = 'button';
    made.className = 'btn btn-link';
    made.textContent = text;
    made.setAttribute('aria-label', label);
    made.addEventListener('click', press);
    return made;
  };
  let asked = 0;
  async function show() {
    const mine = ++asked;
    const { refused } = await kept();
    // What was asked for later is shown or will be: what one press saw must not come back over the next one.
    if (mine !== asked) return;
    const shown = refused.filter((entry) => entry.n !== by.except());
    if (!place && shown.length === 0) return;
    place ??= placed();
    place.hidden = shown.length === 0;
    const list = document.createElement('ul');
    for (const entry of shown) {
      const item = document.createElement('li');
      const what = words(entry);
      const why = document.createElement('span');
      why.textContent = `▲ Not taken: ${what}. ${entry.refused.why} `;
      item.append(why);
      if (by.mendable(entry))
        item.append(
          button('Change it', `Change: ${what}`, () => by.mend(entry)),
          ' ',
        );
      item.append(
        button('Send again', `Send again: ${what}`, async () => {
          await resend(entry.n);
          await by.flush();
          await show();
        }),
        ' ',
        button('Discard', `Discard: ${what}`, async () => {
          await discard(entry.n);
          await show();
        }),
      );
      list.append(item);
    }
    place.replaceChildren(list);
  }
  return show;
}
