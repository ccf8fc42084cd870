/**
 * What happened is kept in the browser, with its time and whose it is, until the server has it, and sent in order: nothing
 * is lost while the network is away. Every entry carries an id of its own, so that one sent twice is stored once. What the
 * server refuses stays here with the reason until somebody mends, resends or discards it.
 */
import { askSession, owner, sendingHeaders } from './page.js';
import { since } from './server-time.js';

const NAME = 'gradior';
const STORE = 'outbox';
const AGAIN_MS = 2500;

/**
 * @typedef {{why: string, field: string}} Refused
 * @typedef {{n?: number, who: string, post: string, body: string, file?: Blob, made: number,
 *   device: number, tick: number, page: number, refused?: Refused}} Entry
 * `made` is when it happened, by the server's clock; `file` is a picture sent instead of a body
 */

/** @returns {Promise<IDBDatabase>} */
function open() {
  return new Promise((resolve, reject) => {
    const asked = indexedDB.open(NAME, 1);
    asked.onupgradeneeded = () => asked.result.createObjectStore(STORE, { keyPath: 'n', autoIncrement: true });
    asked.onsuccess = () => resolve(asked.result);
    asked.onerror = () => reject(asked.error);
  });
}

/** @param {IDBTransactionMode} mode @param {(store: IDBObjectStore) => IDBRequest | undefined} what @returns {Promise<any>} */
async function transact(mode, what) {
  const database = await open();
  try {
    return await new Promise((resolve, reject) => {
      const transaction = database.transaction(STORE, mode);
      const asked = what(transaction.objectStore(STORE));
      transaction.oncomplete = () => resolve(asked?.result);
      transaction.onerror = () => reject(transaction.error);
    });
  } finally {
    database.close();
  }
}

/**
 * Changes an entry that is there still: another page may have sent it meanwhile.
 * @param {number} n
 * @param {(entry: Entry) => void} change
 */
const amend = (n, change) =>
  transact('readwrite', (store) => {
    const asked = store.get(n);
    asked.onsuccess = () => {
      if (!asked.result) return;
      change(asked.result);
      store.put(asked.result);
    };
    return asked;
  });

/** Entries of an older version of this page do not say whose they are: nobody's, until somebody sends them. */
const NOBODYS = { why: 'It was kept on this device before it was known whose it is.', field: '' };

/** What is kept: what waits and what was refused of whoever is signed in, and how many are somebody else's. */
export async function kept() {
  const all = /** @type {Entry[]} */ (await transact('readonly', (store) => store.getAll()));
  all.forEach((entry) => {
    if (!entry.who) entry.refused ??= NOBODYS;
  });
  const mine = all.filter((entry) => !entry.who || entry.who === owner());
  return {
    waiting: mine.filter((entry) => !entry.refused),
    refused: mine.filter((entry) => entry.refused),
    others: all.length - mine.length,
  };
}

/** @param {number} n */
export const discard = (n) => transact('readwrite', (store) => store.delete(n));

/** Lets a refused entry be sent again as it is, as whoever is signed in now. @param {number} n */
export const resend = (n) =>
  amend(n, (entry) => {
    delete entry.refused;
    entry.who = owner();
  });

/** @param {Blob} file */
function picture(file) {
  const form = new FormData();
  form.append('photo', file, 'photo.jpg');
  return form;
}

const WHY = {
  404: 'What it belongs to is not there any more.',
  409: 'Something else is there under its number.',
  413: 'It is too large.',
};

/** Why an answer refuses. @param {Response} answer @param {string} html @returns {Refused} */
function reason(answer, html) {
  const said = new DOMParser().parseFromString(html, 'text/html').getElementById('refused');
  return {
    // The sign before it says the same as the words around it here.
    why: said?.textContent.trim().replace(/^▲\s*/, '') || WHY[answer.status] || `The server could not take it (${answer.status}).`,
    field: said?.dataset.field ?? 'value',
  };
}

/**
 * Whether an answer is one of an entry that is kept: it leads on, or says what the cook comes to; of a picture it says
 * nothing at all. Anything else may be somebody's between this device and the server.
 * @param {Response} answer @param {Entry} entry
 */
async function isKept(answer, entry) {
  if (entry.file) return answer.status === 204;
  return answer.redirected || (await answer.clone().text()).includes('data-revision=');
}

export class Outbox {
  /**
   * @param {{
   *   sent: (answer: Response, entry: Entry) => Promise<void>,
   *   refused: (html: string, entry: Entry) => void,
   *   count: (n: number, why: '' | 'out of reach' | 'signed out' | 'somebody else') => void,
   *   fragment?: () => string
   * }} to
   */
  constructor(to) {
    this.to = to;
    this.flushing = null;
    this.timer = 0;
    /** Whether the last round could not send all. */
    this.away = false;
    addEventListener('online', () => this.flush());
  }

  /**
   * Keeps entries and tries to send all there are; settles when the server has answered or could not be reached.
   * @param {number} instead the number of a refused entry that these stand for; 0 for none
   * @param {Omit<Entry, 'who'>[]} entries
   */
  async put(instead, ...entries) {
    const n = await transact('readwrite', (store) => {
      if (instead) store.delete(instead);
      return entries.map((entry) => store.add({ ...entry, who: owner() })).pop();
    });
    await this.flush();
    // It may have come just as an earlier round was ending.
    if (!this.away && (await kept()).waiting.some((other) => other.n === n)) await this.flush();
  }

  flush() {
    this.flushing ??= this.send().finally(() => {
      this.flushing = null;
    });
    return this.flushing;
  }

  /** @param {Entry} entry */
  post(entry) {
    return fetch(entry.post, {
      method: 'POST',
      headers: {
        ...sendingHeaders(),
        // What is wanted as an answer: what the cook comes to, unless this page hears of that by itself.
        'X-Fragment': this.to.fragment?.() ?? 'live',
        ...(entry.file ? {} : { 'Content-Type': 'application/x-www-form-urlencoded' }),
      },
      // How long it had to wait, rather than when it was: the server need not agree with what was measured of its clock.
      body: entry.file ? picture(entry.file) : `${entry.body}&late=${since(entry)}`,
    }).catch(() => null);
  }

  /** Stops this round, to be tried again. @param {number} n @param {'out of reach' | 'signed out' | 'somebody else'} why */
  stop(n, why) {
    this.away = true;
    this.to.count(n, why);
    if (why === 'out of reach') this.timer = setTimeout(() => this.flush(), AGAIN_MS);
  }

  async send() {
    clearTimeout(this.timer);
    this.away = false;
    let { waiting } = await kept();
    let renewed = false;
    while (waiting.length) {
      const entry = /** @type {Entry} */ (waiting[0]);
      const answer = await this.post(entry);
      if (!answer || answer.status >= 500 || answer.status === 429) return this.stop(waiting.length, 'out of reach');
      if (answer.headers.has('X-Gradior-Somebody-Else')) return this.stop(waiting.length, 'somebody else');
      if (answer.status === 401 || answer.status === 403 || (answer.redirected && new URL(answer.url).pathname === '/signin')) {
        // Signed in anew in another tab, this page's token is an old one.
        const session = renewed ? null : await askSession();
        if (!session) return this.stop(waiting.length, 'signed out');
        if (session.who !== owner()) return this.stop(waiting.length, 'somebody else');
        renewed = true;
        continue;
      }
      if (answer.status >= 400) {
        const html = await answer.text();
        entry.refused = reason(answer, html);
        await amend(entry.n, (there) => {
          there.refused = entry.refused;
        });
        this.to.refused(html, entry);
      } else if (!(await isKept(answer, entry).catch(() => false))) {
        return this.stop(waiting.length, 'out of reach');
      } else {
        await discard(entry.n);
        await this.to.sent(answer, entry);
      }
      ({ waiting } = await kept());
    }
    this.to.count(0, '');
  }
}
