/** The cook page: one press a reading, nothing lost without the network, current on every device. */
import { hint, measure, moment, now } from './server-time.js';
import { drawTimeline } from './timeline.js';
import { newId } from './ids.js';
import { keepPage } from './page.js';
import { Outbox, kept } from './outbox.js';
import { standing } from './ahead.js';
import { refusedEntries } from './refused.js';
import { mayNotify, runClocks } from './clocks.js';
import { mass, width } from './units.js';

const live = document.getElementById('live');
const banner = document.getElementById('banner');
const EVERY_MS = 20_000;
/** Of a picture that is sent, px. */
const LONGEST_SIDE = 1600;
let journal = '';
/**
 * What is to be done once it is known what became of an entry, by its id.
 * @type {Map<string, (refused?: string, field?: string) => void>}
 */
const pending = new Map();

/** @param {import('./outbox.js').Entry} entry */
const eventOf = (entry) => new URLSearchParams(entry.body).get('event');

/** @param {import('./outbox.js').Entry} entry @param {string} html */
function showCook(entry, html) {
  const read = new DOMParser().parseFromString(html, 'text/html');
  // What was refused stands in the list of such entries, until somebody sees to it.
  read.getElementById('refused')?.remove();
  const cook = read.querySelector('.cook');
  if (entry.post === live.dataset.post && cook) show(cook.outerHTML);
}

/** @param {string} id @param {string} [refused] @param {string} [field] */
function resolve(id, refused, field) {
  pending.get(id)?.(refused, field);
  pending.delete(id);
}

/** When the server was last heard of, by this device's steady clock. */
let heard = performance.now();
const SILENT_MS = 25_000;
/** A page so much older than what is believed of the server's clock is one that was kept on this device. */
const OLD_PAGE_MS = 90_000;

function setClock() {
  const at = live.querySelector('.cook')?.getAttribute('data-now');
  if (at) hint(Date.parse(at));
}

/** The same for a page that was just opened, which may have been kept since long. */
function setClockOnce() {
  const at = Date.parse(live.querySelector('.cook')?.getAttribute('data-now') ?? '');
  if (navigator.serviceWorker?.controller && at < now() - OLD_PAGE_MS) heard = -SILENT_MS;
  else setClock();
}

/** While the server is silent the forecast goes on along what it sent last. */
async function goOnAlone() {
  const chart = document.getElementById('chart');
  if (!chart || performance.now() - heard < SILENT_MS) return;
  const drawing = JSON.parse(chart.dataset.drawing);
  const mine = (await kept()).waiting.filter((entry) => entry.post === live.dataset.post && !entry.file);
  const here = standing(drawing, now(), mine);
  const left = live.querySelector('#left');
  if (!here || !left) return;
  const { low, middle, high } = here.left;
  left.textContent = middle === 0 ? 'now' : middle < 1 ? '<1' : `${Math.round(middle)}`;
  if (middle > 0) {
    const unit = document.createElement('span');
    unit.className = 'unit';
    unit.textContent = ' min';
    left.append(unit);
  }
  live.querySelector('#range').textContent =
    middle === 0
      ? `it should be at ${drawing.targetWords}: weigh it`
      : `to ${drawing.targetWords} · between ${Math.floor(low)} and ${Math.ceil(high)} min, worked out on this device`;
  live.querySelector('#grams').textContent = mass(here.grams);
  live.querySelector('#grade').textContent = here.grade.toFixed(1);
  live.querySelector('.cook').setAttribute('data-alone', '');
}

/** @param {string} html */
function show(html) {
  const open = live.querySelector('.log')?.hasAttribute('open');
  live.innerHTML = html;
  if (open) live.querySelector('.log').setAttribute('open', '');
  setClock();
  drawTimeline();
  tick?.();
}

const outbox = new Outbox({
  async sent(answer, entry) {
    if (entry.file) return;
    if (answer.redirected) {
      // It came off: the journal is next, once everything that waits is sent.
      if (entry.post === live.dataset.post) journal = answer.url;
      return;
    }
    resolve(eventOf(entry));
    heard = performance.now();
    const html = await answer.text();
    showCook(entry, html);
    if (entry.post === live.dataset.post) expect(Number(/data-revision="(\d+)"/.exec(html)?.[1]));
  },
  fragment: () => (stream?.readyState === EventSource.OPEN ? 'kept' : 'live'),
  refused(html, entry) {
    const id = eventOf(entry);
    const dialog = /** @type {HTMLDialogElement | null} */ (document.querySelector('dialog[open]'));
    // It is said beside its field, where that is open still; what is sent from there next stands for it.
    if (pending.has(id) && dialog) dialog.dataset.mends = String(entry.n);
    resolve(id, entry.refused.why, entry.refused.field);
    showCook(entry, html);
    showRefused();
  },
  count(n, why) {
    if (n === 0 && journal) location.assign(journal);
    banner.hidden = n === 0;
    const many = `${n} ${n === 1 ? 'entry waits' : 'entries wait'} on this device`;
    banner.textContent =
      why === 'signed out'
        ? `◆ ${many}: sign in again in another tab, and they are sent.`
        : why === 'somebody else'
          ? `◆ ${many}: somebody else is signed in now. They are sent once you are again.`
          : `◆ The server is out of reach. ${many} and will be sent in order; timers go on.`;
  },
});

document.addEventListener('submit', async (event) => {
  const form = /** @type {HTMLFormElement} */ (event.target);
  if (!form.hasAttribute('data-event')) return;
  event.preventDefault();
  const dialog = form.closest('dialog');
  const fields = new URLSearchParams(/** @type {any} */ (new FormData(form, /** @type {SubmitEvent} */ (event).submitter)));
  const id = newId();
  fields.set('event', id);
  if (dialog?.dataset.amends) fields.set('amends', dialog.dataset.amends);
  if (fields.get('kind') === 'timer') mayNotify();
  const submitter = /** @type {SubmitEvent} */ (event).submitter;
  pending.set(id, (refused, field = 'value') => {
    if (!dialog) return;
    form.querySelector('#refused')?.remove();
    if (refused) showError(form, refused, field);
    else if (dialog.id === 'taste' || dialog.id === 'rescue')
      form.querySelectorAll('button').forEach((b) => b.classList.toggle('given', b === submitter));
    else {
      close(dialog);
      // What the empty pot weighs is asked once.
      const tare = fields.get('tare');
      if (tare)
        for (const field of /** @type {NodeListOf<HTMLInputElement>} */ (document.querySelectorAll('input[name=tare]')))
          field.defaultValue = tare;
      form.reset();
    }
  });
  const mends = Number(dialog?.dataset.mends) || 0;
  const mended = mends ? (await kept()).refused.find((entry) => entry.n === mends) : null;
  /** @type {Omit<import('./outbox.js').Entry, 'who'>[]} */
  const entries = [
    {
      post: live.dataset.post,
      body: fields.toString(),
      ...moment(),
      ...(mended && { made: mended.made, device: mended.device, tick: mended.tick, page: mended.page }),
    },
  ];
  const chosen = /** @type {HTMLInputElement | null} */ (form.querySelector('[data-photo]'))?.files[0];
  if (chosen) {
    const file = await smaller(chosen);
    if (!file) {
      resolve(id, '▲ That is no picture this can read: choose a JPEG or PNG, or none.', 'photo');
      return;
    }
    entries.push({ post: live.dataset.photo, body: '', file, ...moment() });
  }
  await outbox.put(mended ? mends : 0, ...entries);
  // It waits in the outbox: for the cook that is as good as taken.
  resolve(id);
});

/** A picture at a size that travels well; null if it is none. @param {File} file @returns {Promise<Blob | null>} */
async function smaller(file) {
  try {
    const read = await createImageBitmap(file);
    const scale = Math.min(1, LONGEST_SIDE / Math.max(read.width, read.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(read.width * scale));
    canvas.height = Math.max(1, Math.round(read.height * scale));
    canvas.getContext('2d').drawImage(read, 0, 0, canvas.width, canvas.height);
    return await new Promise((done) => {
      canvas.toBlob(done, 'image/jpeg', 0.88);
    });
  } catch {
    return null;
  }
}

/** Says beside its field why something was refused. @param {HTMLFormElement} form @param {string} refused @param {string} name */
function showError(form, refused, name) {
  const p = document.createElement('p');
  p.className = 'wrong';
  p.id = 'refused';
  p.setAttribute('role', 'alert');
  p.textContent = refused;
  const field = /** @type {HTMLInputElement | null} */ (form.querySelector(`[name="${name}"]:not([type=hidden]), #${name}`));
  if (field) field.after(p);
  else form.append(p);
  field?.focus();
  p.scrollIntoView({ block: 'nearest' });
}

function openDialog(id, amends = '') {
  const dialog = /** @type {HTMLDialogElement | null} */ (document.getElementById(id));
  if (!dialog) return;
  document.querySelectorAll('dialog[open]').forEach((other) => close(/** @type {HTMLDialogElement} */ (other)));
  dialog.dataset.amends = amends;
  dialog.dataset.mends = '';
  dialog.querySelector('#refused')?.remove();
  dialog.showModal();
  if (id === 'rescue') rescue('TOO_THIN');
  const field = /** @type {HTMLInputElement | null} */ (dialog.querySelector('input:not([type=hidden], [type=checkbox])'));
  (field ?? dialog.querySelector('button'))?.focus();
  field?.select?.();
}

/** @param {HTMLDialogElement} dialog */
function close(dialog) {
  dialog.dataset.amends = '';
  dialog.dataset.mends = '';
  dialog.close();
  showRefused();
}

/** Opens what was refused in the dialog that it came from, as it was typed. @param {import('./outbox.js').Entry} entry */
function mend(entry) {
  const fields = new URLSearchParams(entry.body);
  const kind = fields.get('kind');
  openDialog(DIALOG_OF[kind], fields.get('amends') ?? '');
  const dialog = document.querySelector('dialog[open]');
  if (!dialog) return;
  /** @type {HTMLElement} */ (dialog).dataset.mends = String(entry.n);
  const form = /** @type {HTMLFormElement | undefined} */ (
    [...dialog.querySelectorAll('form')].find((f) => f.querySelector(`[name=kind][value="${kind}"]`))
  );
  if (!form) return;
  for (const field of /** @type {Iterable<HTMLInputElement>} */ (
    form.querySelectorAll('input:not([type=hidden], [type=file]), select, textarea')
  )) {
    if (field.type === 'checkbox') field.checked = fields.has(field.name);
    else field.value = fields.get(field.name) ?? '';
  }
  showError(form, entry.refused.why, entry.refused.field);
}

async function rescue(trouble) {
  const place = document.getElementById('rescue-in');
  const answer = await fetch(`${place.dataset.src}?trouble=${trouble}`).catch(() => null);
  if (answer?.ok && !answer.redirected) place.innerHTML = await answer.text();
  else place.textContent = 'The server is out of reach: off the heat, stir, and taste.';
}

const DIALOG_OF = {
  weighed: 'weigh',
  dipped: 'dip',
  jugged: 'jug',
  spoon: 'spoon',
  plate: 'plate',
  temperature: 'temp',
  tasted: 'taste',
  added: 'add',
  slurry: 'add',
  strained: 'add',
  pot: 'add',
  heat: 'heat',
  'on-heat': 'heat',
  lid: 'lid',
  timer: 'timer',
  wanted: 'timer',
  simmers: 'when',
  blended: 'when',
  finished: 'off',
};
document.addEventListener('click', (event) => {
  const target = /** @type {HTMLElement} */ (event.target);
  const button = target.closest('[data-open], [data-close], [data-amend], [data-rescue], .keypad button, #half-minute');
  if (!button) return;
  if (button.hasAttribute('data-open')) openDialog(button.getAttribute('data-open'));
  else if (button.hasAttribute('data-close')) close(button.closest('dialog'));
  else if (button.hasAttribute('data-amend')) {
    const kind = button.getAttribute('data-amend');
    /** @type {HTMLInputElement} */ (document.querySelector('#when [name=kind]')).value = kind;
    openDialog(DIALOG_OF[kind], button.getAttribute('data-id'));
  } else if (button.hasAttribute('data-rescue')) {
    const trouble = button.getAttribute('data-rescue');
    if (!button.closest('dialog')) openDialog('rescue');
    rescue(trouble);
  } else if (button.id === 'half-minute') countDown(button);
  else press(button);
});

function countDown(button) {
  let left = 30;
  button.disabled = true;
  const timer = setInterval(() => {
    left -= 1;
    button.textContent = left > 0 ? `${left} s` : 'Now: how far?';
    if (left <= 0) {
      clearInterval(timer);
      button.disabled = false;
      navigator.vibrate?.(300);
    }
  }, 1000);
}

/** A key of the keypad writes into the field above it. */
function press(button) {
  const field = /** @type {HTMLInputElement} */ (document.getElementById(button.parentElement.dataset.into));
  const key = button.textContent;
  field.value = key === '⌫' ? field.value.slice(0, -1) : field.value + key;
  field.focus();
}

for (const field of document.querySelectorAll('input[data-keypad]')) {
  const pad = document.createElement('div');
  pad.className = 'keypad';
  pad.dataset.into = field.id;
  for (const key of ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫']) {
    const button = document.createElement('button');
    button.type = 'button';
    button.textContent = key;
    if (key === '⌫') button.setAttribute('aria-label', 'rub out');
    pad.append(button);
  }
  field.after(pad);
  field.addEventListener(
    'wheel',
    (event) => {
      const input = /** @type {HTMLInputElement} */ (field);
      if (document.activeElement !== field || !Number.isFinite(Number(input.value))) return;
      event.preventDefault();
      input.value = String(Math.max(0, Number(input.value) - Math.sign(/** @type {WheelEvent} */ (event).deltaY)));
    },
    { passive: false },
  );
}

const spread = /** @type {HTMLInputElement | null} */ (document.getElementById('spread'));
spread?.addEventListener('input', () => {
  document.querySelector('#plate .puddle').setAttribute('r', String(Number(spread.value) * 2.8));
  document.querySelector('#plate output').textContent = width(Number(spread.value));
});

/** The cook is over, or nobody is signed in: what waits on this device is sent before this page goes. @param {string} to */
async function leave(to) {
  journal ||= to;
  await outbox.flush();
}

/** The revision of the cook that the page shows. */
const shown = () => live.querySelector('.cook')?.getAttribute('data-revision') ?? '';
/** The one that this device keeps for where there is no network. */
let keptRevision = shown();

async function refresh() {
  try {
    const answer = await fetch(live.dataset.live, { headers: { 'X-Fragment': 'live' } });
    if (answer.redirected) await leave(answer.url);
    else if (answer.ok) arrived(await answer.text());
  } catch {
    // Without the network the page stays as it is; what is entered waits in the outbox.
  }
}

let expected = 0;
/** What an entry comes to is on its way to a page that listens; where it does not come, it is asked for. @param {number} revision */
function expect(revision) {
  clearTimeout(expected);
  expected = setTimeout(() => Number(shown()) < revision && refresh(), HEARS_WITHIN_MS);
}

/** @param {string} html what the server says of the cook now */
function arrived(html) {
  heard = performance.now();
  show(html);
  const revision = shown();
  if (revision !== keptRevision && keepPage()) keptRevision = revision;
}
setInterval(() => {
  outbox.flush();
  if (!document.hidden) refresh();
}, EVERY_MS);

/** Other devices' entries: the server sends what they come to, or says that there are some, and the page asks. */
let stream = null;
/** Where too many pages listen already, this one asks by itself, oftener than it would. */
const CROWDED_MS = 5000;
const HEARS_WITHIN_MS = 1000;
const LISTEN_AGAIN_MS = 60_000;
function listen() {
  stream?.close();
  stream = new EventSource(`${live.dataset.stream}?since=${shown()}`);
  // What this page entered itself it has shown already.
  stream.addEventListener('changed', (event) => {
    if (Number(event.data) !== Number(shown())) refresh();
  });
  stream.addEventListener('live', (event) => {
    if (Number(/data-revision="(\d+)"/.exec(event.data)?.[1]) > Number(shown())) arrived(event.data);
  });
  stream.addEventListener('full', () => {
    stream.close();
    live.dataset.listens = 'no';
    const asking = setInterval(() => !document.hidden && refresh(), CROWDED_MS);
    setTimeout(() => {
      clearInterval(asking);
      listen();
    }, LISTEN_AGAIN_MS);
  });
  stream.onerror = () => {
    if (stream.readyState === EventSource.CLOSED) setTimeout(listen, 3000);
  };
}
listen();
addEventListener('pagehide', () => stream?.close());
addEventListener('pageshow', (event) => {
  if (event.persisted) {
    listen();
    refresh();
  }
});

let lock = null;
async function stayAwake() {
  if (document.hidden || !('wakeLock' in navigator)) return;
  lock = await navigator.wakeLock.request('screen').catch(() => null);
}
document.addEventListener('visibilitychange', () => {
  if (!document.hidden) {
    stayAwake();
    refresh();
    outbox.flush();
  }
});
stayAwake();

const KEYS = {
  w: 'weigh',
  d: 'dip',
  s: 'spoon',
  p: 'plate',
  j: 'jug',
  t: 'temp',
  a: 'taste',
  h: 'heat',
  l: 'lid',
  '+': 'add',
  m: 'timer',
  r: 'rescue',
  f: 'off',
};
const submit = (kind) =>
  /** @type {HTMLFormElement | null} */ (live.querySelector(`input[value=${kind}]`)?.closest('form'))?.requestSubmit();
document.addEventListener('keydown', (event) => {
  const target = /** @type {HTMLElement} */ (event.target);
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  const dialog = document.querySelector('dialog[open]');
  if (dialog) {
    const look =
      dialog.id === 'spoon' && /^[1-6]$/.test(event.key) ? dialog.querySelectorAll('button[name=choice]')[Number(event.key) - 1] : null;
    if (look) /** @type {HTMLElement} */ (look).click();
    return;
  }
  // Until the next frame a field of a dialog that has just closed still has the focus: nobody types in it.
  if (target.matches('input, select, textarea') && !target.closest('dialog:not([open])')) return;
  const key = event.key.toLowerCase();
  if (KEYS[key]) {
    event.preventDefault();
    openDialog(KEYS[key]);
  } else if (key === 'b') submit('simmers');
  else if (key === ' ' && !target.matches('button, a, summary')) {
    event.preventDefault();
    submit('stirred');
  } else if (/^[1-9]$/.test(key)) {
    /** @type {HTMLElement | null} */ (live.querySelector(`.chips [data-key="${key}"]:not(.here)`))?.click();
  }
});

const showRefused = refusedEntries(() => document.getElementById('refused-entries'), {
  mendable: (entry) => !entry.file && entry.post === live.dataset.post && new URLSearchParams(entry.body).get('kind') in DIALOG_OF,
  mend,
  flush: () => outbox.flush(),
  except: () => Number(/** @type {HTMLElement | null} */ (document.querySelector('dialog[open]'))?.dataset.mends) || 0,
});

setClockOnce();
measure();
drawTimeline();
void goOnAlone();
setInterval(goOnAlone, 5000);
const tick = runClocks(now);
showRefused();
outbox.flush();
