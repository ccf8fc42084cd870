/** Runs the clocks of a cook in the browser, so that they go on without the network, and rings when they are due. */
const RUNG = 'gradior.rung';
const ROUND = 500;

let sound = null;
addEventListener(
  'pointerdown',
  () => {
    sound ??= new AudioContext();
    sound.resume?.();
  },
  { passive: true },
);

/** @param {string} label */
export function ring(label) {
  if (sound) {
    [0, 0.25, 0.5].forEach((after, i) => {
      const tone = sound.createOscillator();
      const gain = sound.createGain();
      tone.frequency.value = i === 1 ? 988 : 784;
      gain.gain.setValueAtTime(0.18, sound.currentTime + after);
      gain.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + after + 0.22);
      tone.connect(gain).connect(sound.destination);
      tone.start(sound.currentTime + after);
      tone.stop(sound.currentTime + after + 0.23);
    });
  }
  navigator.vibrate?.([200, 100, 200]);
  if (typeof Notification === 'function' && Notification.permission === 'granted' && document.hidden) new Notification(label);
}

/** Asked for when a timer is set, since only a gesture may. */
export function mayNotify() {
  if (typeof Notification === 'function' && Notification.permission === 'default') Notification.requestPermission();
}

/** @param {number} seconds */
function words(seconds) {
  const s = Math.abs(Math.round(seconds));
  return `${seconds < 0 ? '+' : ''}${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
}

/** @param {() => number} now the server's time in ms */
export function runClocks(now) {
  const rung = new Set(JSON.parse(sessionStorage.getItem(RUNG) ?? '[]'));
  const title = document.title;
  const once = (key, label) => {
    if (rung.has(key)) return;
    rung.add(key);
    sessionStorage.setItem(RUNG, JSON.stringify([...rung].slice(-50)));
    ring(label);
  };
  const tick = () => {
    let due = '';
    const stir = document.getElementById('stir');
    if (stir) {
      const end = Date.parse(stir.dataset.due);
      const begun = Date.parse(stir.dataset.since);
      const left = (end - now()) / 1000;
      stir.querySelector('.clock-words').textContent = words(left);
      const part = Math.max(0, Math.min(100, (100 * (end - now())) / Math.max(1, end - begun)));
      stir.querySelector('.run').setAttribute('stroke-dasharray', `${part} 100`);
      stir.classList.toggle('ringing', left < 0);
      if (left < 0) {
        due = 'stir';
        once('stir' + stir.dataset.due, 'Stir, scrape the base');
      }
    }
    for (const timer of document.querySelectorAll('[data-rings]')) {
      const left = (Date.parse(timer.getAttribute('data-rings')) - now()) / 1000;
      timer.querySelector('.clock-words').textContent = words(left);
      timer.classList.toggle('ringing', left < 0);
      if (left < 0) {
        due = timer.getAttribute('data-label');
        once(timer.getAttribute('data-timer'), due);
      }
    }
    document.title = due ? `◆ ${due} · ${title}` : title;
  };
  tick();
  setInterval(tick, ROUND);
  return tick;
}
