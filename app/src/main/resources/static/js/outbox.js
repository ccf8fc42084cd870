/**
 * What happened is kept in the browser, with its time, until the server has it, and sent in order: nothing is lost while
 * the network is. Every entry carries an id of its own, so that one sent twice is stored once.
 */
import { sendingHeaders } from './page.js';

const NAME = 'gradior';
const STORE = 'outbox';
const AGAIN_MS = 2500;

/** @typedef {{n?: number, post: string, body: string, file?: Blob, made: number}} Entry  `made` is when it happened, by this device; `file` is a picture sent instead of a body */

/** @returns {Promise<IDBDatabase>} */
function open() {
  return new Promise((done, fail) => {
    const asked = indexedDB.open(NAME, 1);
    asked.onupgradeneeded = () => asked.result.createObjectStore(STORE, { keyPath: 'n', autoIncrement: true });
    asked.onsuccess = () => done(asked.result);
    asked.onerror = () => fail(asked.error);
  });
}

/** @param {IDBTransactionMode} mode @param {(store: IDBObjectStore) => IDBRequest} what @returns {Promise<any>} */
async function within(mode, what) {
  const database = await open();
  try {
    return await new Promise((done, fail) => {
      const transaction = database.transaction(STORE, mode);
      const asked = what(transaction.objectStore(STORE));
      transaction.oncomplete = () => done(asked.result);
      transaction.onerror = () => fail(transaction.error);
    });
  } finally {
    database.close();
  }
}

/** @param {Blob} file */
function picture(file) {
  const form = new FormData();
  form.append('photo', file, 'photo.jpg');
  return form;
}

/** What is kept still. @returns {Promise<Entry[]>} */
export const waiting = () => within('readonly', (store) => store.getAll());

export class Outbox {
  /** @param {{sent: (answer: Response, entry: Entry) => Promise<void>, count: (n: number, why: string) => void}} to */
  constructor(to) {
    this.to = to;
    this.flushing = null;
    this.timer = 0;
    /** Whether the last round could not send all. */
    this.away = false;
    addEventListener('online', () => this.flush());
  }

  /** Keeps entries and tries to send all there are; settles when the server has answered or could not be reached. */
  async put(/** @type {Entry[]} */ ...entries) {
    const n = await within('readwrite', (store) => entries.map((entry) => store.add(entry)).pop());
    await this.flush();
    // It may have come just as an earlier round was ending.
    if (!this.away && (await waiting()).some((other) => other.n === n)) await this.flush();
  }

  flush() {
    this.flushing ??= this.send().finally(() => { this.flushing = null; });
    return this.flushing;
  }

  async send() {
    clearTimeout(this.timer);
    this.away = false;
    let entries = await waiting();
    while (entries.length) {
      const entry = /** @type {Entry} */ (entries[0]);
      let answer;
      try {
        answer = await fetch(entry.post, {
          method: 'POST',
          headers: { ...sendingHeaders(), 'X-Fragment': 'live', ...(entry.file ? {} : { 'Content-Type': 'application/x-www-form-urlencoded' }) },
          // How long it had to wait, rather than when it was: no two clocks need to agree.
          body: entry.file ? picture(entry.file) : `${entry.body}&late=${Math.max(0, Date.now() - entry.made)}`,
        });
      } catch {
        answer = null;
      }
      if (!answer || answer.status >= 500) {
        this.away = true;
        this.to.count(entries.length, 'out of reach');
        this.timer = setTimeout(() => this.flush(), AGAIN_MS);
        return;
      }
      if (answer.status === 403 || (answer.redirected && answer.url.includes('/signin'))) {
        this.away = true;
        this.to.count(entries.length, 'signed out');
        return;
      }
      await within('readwrite', (store) => store.delete(entry.n));
      await this.to.sent(answer, entry);
      entries = await waiting();
    }
    this.to.count(0, '');
  }
}
