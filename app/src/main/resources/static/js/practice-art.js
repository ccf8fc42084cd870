/** Textures, tables of light and brushes for the practice pot: made once, the same for every pot. */
import { clamp, lerp, soft, TAU } from './practice-physics.js';

export const mulberry32 = (a) => () => {
  a = (a + 0x6d2b79f5) | 0;
  let t = Math.imul(a ^ (a >>> 15), 1 | a);
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
};
export const gauss = (r) => Math.sqrt(-2 * Math.log(1 - r())) * Math.cos(TAU * r());
function noise(seed, sizes) {
  // 256², tileable: signed round blobs, mean 0, sd 0.45
  const out = new Float32Array(65536),
    r = mulberry32(seed);
  sizes.forEach((R, octave) => {
    for (let k = Math.round(59000 / R / R), q = Math.ceil(R * 2); k > 0; k--) {
      const x = r() * 256,
        y = r() * 256,
        i0 = Math.floor(x),
        j0 = Math.floor(y),
        a = (r() < 0.5 ? -1 : 1) * 0.62 ** octave;
      for (let j = -q; j <= q; j++)
        for (let i = -q; i <= q; i++)
          out[(((j0 + j) & 255) << 8) | ((i0 + i) & 255)] += a * Math.exp(-((i0 + i - x) ** 2 + (j0 + j - y) ** 2) / (R * R));
    }
  });
  const sd = Math.sqrt(out.reduce((a, v) => a + v * v, 0) / 65536);
  return out.map((v) => clamp((0.45 * v) / sd, -1, 1));
}
function packing(seed) {
  // 256², tileable: crowded caps, as foam seen from above
  const f = new Float32Array(65536),
    r = mulberry32(seed);
  for (let k = 0; k < 4200; k++) {
    const R = 1.6 + 5 * r() ** 3,
      x = r() * 256,
      y = r() * 256,
      q = Math.ceil(R);
    for (let j = -q; j <= q; j++)
      for (let i = -q; i <= q; i++) {
        const h = R * R - i * i - j * j,
          a = (((y + j) & 255) << 8) | ((x + i) & 255);
        if (h > 0) f[a] = Math.max(f[a], Math.sqrt(h));
      }
  }
  return f;
}
export const SWELL = noise(11, [17, 8]),
  GRAIN = noise(12, [3.6, 1.5]),
  FOAM = packing(13),
  TEXEL = 0.85; // one texel is 0.85 mm
export const DIFF = new Float32Array(65536),
  SPEC = new Uint8Array(65536),
  NORMAL = Float32Array.from({ length: 1024 }, (_, i) => (158 * (i - 512)) / Math.hypot(200, i - 512));
for (let j = 0; j < 256; j++)
  for (let i = 0; i < 256; i++) {
    // a lamp at the upper left, by slope in 1/50
    const x = (i - 128) / 50,
      y = (j - 128) / 50;
    DIFF[(j << 8) | i] = 127 * clamp(0.5 + 0.62 * ((0.645 - 0.5 * x - 0.58 * y) / Math.hypot(1, x, y) / 0.645 - 1), 0.04);
  }
for (let j = 0; j < 256; j++)
  for (let i = 0; i < 256; i++) {
    // the kitchen window and a pale wall, mirrored
    const x = i / 127.5 - 1,
      y = j / 127.5 - 1,
      u = Math.abs(x + 0.42),
      v = Math.abs(y + 0.47),
      pane = soft((0.19 - u) / 0.09) * soft((0.22 - v) / 0.1) * (1 - 0.45 * soft(1 - u / 0.04));
    SPEC[(j << 8) | i] = 31 * clamp(0.8 * pane + 0.16 * soft((0.1 - x - y) / 1.6) + 0.14 * soft((x + y - 0.75) / 0.6));
  }
const radial = (f) => Float32Array.from({ length: 129 }, (_, i) => f(Math.sqrt((i / 128) * 1.7))); // by (r/R)², to 1.3 R
export const DOME = radial((r) => (r < 1 ? 0.93 * (1 - r ** 2.3) ** 0.72 : 0) + 0.07 * Math.exp(Math.min(0, 1 - r) / 0.09)),
  PIT = radial((r) => (r < 0.9 ? 1 - (r / 0.9) ** 4 : 0));
export const RIDGE = radial((r) => Math.exp(-(((r - 1.02) / 0.13) ** 2)));
export function ramp(c, gloss) {
  // 32 speculars × 128 shades, packed
  const out = new Uint32Array(4096),
    deep = c.map((v) => 0.3 * v ** 1.5),
    high = c.map((v, i) => lerp(v, [1, 0.7, 0.44][i], 0.55));
  for (let sp = 0; sp < 32; sp++)
    for (let sh = 0; sh < 128; sh++) {
      const t = sh / 63.5,
        [r, g, b] = c.map(
          (v, i) => 255 * clamp((t < 1 ? lerp(deep[i], v, t) : lerp(v, high[i], t - 1)) + (sp / 31) * gloss * [1, 0.93, 0.84][i]),
        );
      out[(sp << 7) | sh] = (255 << 24) | (b << 16) | (g << 8) | r;
    }
  return out;
}
export const css = (c, a = 1) => `rgba(${c.map((v) => Math.round(255 * clamp(v)))},${a})`,
  toward = (c, d, t) => c.map((v, i) => lerp(v, d[i], t)),
  deeper = (c, k, m) => c.map((v) => m * v ** k);
export const surface = (w, h) => Object.assign(document.createElement('canvas'), { width: w, height: h });
export const disc = (x, cx, cy, r, fill) => {
  x.fillStyle = fill;
  x.beginPath();
  x.arc(cx, cy, r, 0, TAU);
  x.fill();
};
export const arc = (x, cx, cy, r, a, b, style, width) => {
  x.strokeStyle = style;
  x.lineWidth = width;
  x.beginPath();
  x.arc(cx, cy, r, a, b);
  x.stroke();
};
export const blank = (x, cx, cy, rx, ry, fill, turn = 0) => {
  x.fillStyle = fill;
  x.beginPath();
  x.ellipse(cx, cy, rx, ry, turn, 0, TAU);
  x.fill();
};
export const blend = (gr, stops) => {
  stops.forEach((c, i) => gr.addColorStop(i / (stops.length - 1), c));
  return gr;
};
export const bar = (x, l, t, w, h, r, fill) => {
  x.fillStyle = fill;
  x.beginPath();
  x.roundRect(l, t, w, h, r);
  x.fill();
};
