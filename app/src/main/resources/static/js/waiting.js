/** On every page but the cook's: sends what was entered at the stove and still waits on this device. */
import { Outbox, waiting } from './outbox.js';

async function send() {
  if ((await waiting()).length === 0) return;
  const banner = document.createElement('p');
  banner.className = 'banner';
  banner.setAttribute('role', 'status');
  document.getElementById('main').before(banner);
  let sent = 0;
  let refused = '';
  const outbox = new Outbox({
    async sent(answer) {
      sent += 1;
      if (answer.status === 422) refused = new DOMParser().parseFromString(await answer.text(), 'text/html').getElementById('refused')?.textContent ?? '';
    },
    count(n, why) {
      // A page of the journal has more to show then.
      if (n === 0 && sent && !refused && location.pathname.startsWith('/journal')) location.reload();
      else if (n === 0) banner.textContent = `Sent what waited on this device: ${sent} ${sent === 1 ? 'entry' : 'entries'}. ${refused}`;
      else banner.textContent = `◆ ${n} ${n === 1 ? 'entry waits' : 'entries wait'} on this device: ${why === 'signed out' ? 'sign in, and they are sent' : 'the server is out of reach'}.`;
    },
  });
  await outbox.flush();
}

send();
