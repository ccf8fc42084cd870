/** What a pot sounds like: a hiss of small bubbles, single plops of large ones. Off until somebody wants it. */
import { sound } from './practice-physics.js';

const QUIET_DB = -80;
const MOST_GAIN = 0.35;

export class PotSound {
  /** @type {AudioContext | null} */
  audio = null;
  /** @type {BiquadFilterNode | null} */
  band = null;
  /** @type {GainNode | null} */
  hiss = null;
  next = 0;

  get on() {
    return this.audio !== null;
  }

  toggle() {
    if (this.audio) {
      void this.audio.close();
      this.audio = null;
      return;
    }
    const audio = new AudioContext();
    const noise = audio.createBuffer(1, audio.sampleRate * 2, audio.sampleRate);
    const samples = noise.getChannelData(0);
    for (let i = 0; i < samples.length; i++) samples[i] = 2 * Math.random() - 1;
    const source = new AudioBufferSourceNode(audio, { buffer: noise, loop: true });
    this.band = new BiquadFilterNode(audio, { type: 'bandpass' });
    this.hiss = new GainNode(audio, { gain: 0 });
    source.connect(this.band).connect(this.hiss).connect(audio.destination);
    source.start();
    this.audio = audio;
    this.next = 0;
  }

  /** The sound of a state; silent where the pots stand still. */
  play(state, physics, runs) {
    const audio = this.audio;
    if (!audio || !this.band || !this.hiss) return;
    const heard = sound(state, physics);
    this.band.frequency.setTargetAtTime(Math.min(9000, heard.hissHz), audio.currentTime, 0.1);
    this.band.Q.value = heard.hissQ;
    const loud = runs && heard.hissDb > QUIET_DB ? Math.min(MOST_GAIN, 10 ** (heard.hissDb / 20)) : 0;
    this.hiss.gain.setTargetAtTime(loud, audio.currentTime, 0.2);
    if (!runs || !heard.plopsPerSecond) return;
    while (this.next < audio.currentTime + 0.3) {
      this.next = Math.max(this.next, audio.currentTime) - Math.log(1 - Math.random()) / heard.plopsPerSecond;
      this.plop(audio, heard, this.next);
    }
  }

  plop(audio, heard, at) {
    const pitch = Math.min(2000, heard.plopHz) * (0.85 + 0.3 * Math.random());
    const tone = new OscillatorNode(audio, { frequency: pitch });
    tone.frequency.setValueAtTime(pitch, at);
    tone.frequency.exponentialRampToValueAtTime(pitch * 0.7, at + heard.plopDecay);
    const gain = new GainNode(audio, { gain: 0 });
    gain.gain.setValueAtTime(0.12, at);
    gain.gain.exponentialRampToValueAtTime(0.001, at + 2.5 * heard.plopDecay);
    tone.connect(gain).connect(audio.destination);
    tone.start(at);
    tone.stop(at + 3 * heard.plopDecay);
  }
}
