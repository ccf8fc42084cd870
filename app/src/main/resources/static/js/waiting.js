/** On every page but the cook's: sends what was entered at the stove and still waits on this device. */
import { Outbox, kept } from './outbox.js';
import { refusedEntries } from './refused.js';

const many = (/** @type {number} */ n) => (n === 1 ? '1 entry' : `${n} entries`);
const REASONS = {
  'out of reach': 'the server is out of reach',
  'signed out': 'sign in, and they are sent',
  'somebody else': 'somebody else is signed in; they are sent once you are',
};

function place(role) {
  const made = document.createElement(role === 'status' ? 'p' : 'section');
  made.className = role === 'status' ? 'banner' : 'banner refused-entries';
  if (role === 'status') made.setAttribute('role', 'status');
  else made.setAttribute('aria-label', 'Entries that were not saved');
  document.getElementById('main').before(made);
  return made;
}

async function send() {
  const { waiting, refused, others } = await kept();
  if (others)
    place('status').textContent =
      `◆ ${many(others)} of somebody else ${others === 1 ? 'waits' : 'wait'} on this device until they sign in again.`;
  if (waiting.length + refused.length === 0) return;
  const banner = place('status');
  banner.hidden = true;
  let sent = 0;
  const outbox = new Outbox({
    async sent() {
      sent += 1;
    },
    refused() {
      showRefused();
    },
    count(n, why) {
      banner.hidden = n === 0 && sent === 0;
      if (n === 0) banner.textContent = `Sent what waited on this device: ${many(sent)}.`;
      else banner.textContent = `◆ ${many(n)} ${n === 1 ? 'waits' : 'wait'} on this device: ${REASONS[why]}.`;
    },
  });
  const showRefused = refusedEntries(() => place('region'), {
    mendable: () => false,
    mend() {},
    flush: () => outbox.flush(),
    except: () => 0,
  });
  await showRefused();
  await outbox.flush();
  // A page of the journal has more to show then.
  if (sent && location.pathname.startsWith('/journal') && (await kept()).refused.length === 0) location.reload();
}

send();
