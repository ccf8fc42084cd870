/** Close-ups: how a sauce runs off the back of a spoon, and how far it spreads on a cold plate. */
import { clamp, creep, film, flux, g, lerp, look, opacity, physics, plateRadius, RHO, SPOON, TAU } from './practice-physics.js';
import { bar, blank, blend, css, deeper, disc, GRAIN, SWELL, toward } from './practice-art.js';

const films = new Map(); // per sauce: film by x/t, the front over the line by time
function filmOf(s) {
  const key = [Math.round(100 * Math.log10(s.eta)), s.mu, s.tauY, s.sigma].join();
  if (films.has(key)) return films.get(key);
  if (films.size > 40) films.clear();
  const f = physics(s),
    thickness = Array.from({ length: 171 }, (_, i) => film(f, 10 ** (-4.2 + i * 0.02), 1)),
    front = Array.from({ length: 61 }, (_, i) => creep(f, SPOON.drawn, SPOON.drawn + 0.01 + i * 0.15));
  const out = {
    look: look(s),
    h: (x, t) => thickness[Math.round(clamp((Math.log10(Math.max(1e-5, x / t)) + 4.2) / 0.02, 0, 170))],
    front: (t) => front[Math.round(clamp((t - SPOON.drawn) / 0.15, 0, 60))],
    drip: (t) => (flux(f, Math.min(0.012, film(f, SPOON.length, t))) * 0.018) / 9e-8,
  }; // drops of 0.09 ml a second off a tip 18 mm wide
  films.set(key, out);
  return out;
}
export function drawSpoonBack(ctx, w, h, s, colour, t, seed = s.seed) {
  // t: seconds since the spoon left the sauce; below 0 it is still full
  const F = filmOf(s),
    k = h / 108,
    cx = w / 2,
    top = 30 * k,
    len = SPOON.length * 1e3 * k,
    rx = 21 * k,
    ry = len / 2,
    cy = top + ry,
    time = Math.max(0.15, t),
    sauce = css(colour),
    dark = css(deeper(colour, 1.4, 0.5));
  const wave = (i) => SWELL[(((seed * 7) & 255) << 8) | ((i * 3) & 255)] + 0.6 * GRAIN[((seed & 255) << 8) | ((i * 2) & 255)],
    across = (stops) => blend(ctx.createLinearGradient(cx - rx, 0, cx + rx, 0), stops);
  const metal = across(['#8d8186', '#e8e1e0', '#b9adb0', '#8a7d83', '#c9bfc1']),
    sheen = across(['rgba(40,8,4,.05)', 'rgba(255,236,214,.30)', 'rgba(40,8,4,.05)', 'rgba(40,8,4,.20)', 'rgba(40,8,4,.42)']);
  ctx.fillStyle = '#F1E8D9';
  ctx.fillRect(0, 0, w, h);
  bar(ctx, cx - 3.2 * k, -5, 6.4 * k, top + 11 * k, 3 * k, metal);
  blank(ctx, cx, cy, rx, ry, metal);
  if (t > 0 && F.look === 5) {
    // a heap hangs over the edge
    ctx.fillStyle = sauce;
    ctx.beginPath();
    for (let i = 0; i <= 60; i++) {
      const a = Math.PI * (1.35 - (i / 60) * 1.7),
        q = 1 + Math.sin((Math.PI * i) / 60) ** 0.6 * (0.1 + 0.04 * wave(i));
      ctx.lineTo(cx + rx * q * Math.cos(a), cy + ry * q * Math.sin(a));
    }
    ctx.fill();
    ctx.strokeStyle = dark;
    ctx.lineWidth = 1.2;
    ctx.stroke();
  }
  ctx.save();
  ctx.beginPath();
  ctx.ellipse(cx, cy, rx, ry, 0, 0, TAU);
  ctx.clip();
  for (let i = 0; i < 72; i++) {
    // row by row: as opaque as the film is thick there
    const v = i / 72,
      a = opacity(t < 0 ? 4e-3 : F.h(Math.max(0.2, (v * len) / k + 1.5 * wave(i)) * 1e-3, time)),
      y0 = Math.round(top + v * len),
      y1 = Math.round(top + ((i + 1) / 72) * len);
    for (const [alpha, fill] of [
      [a, sauce],
      [a * a, sheen],
      [0.22 * a * v ** 3, '#280804'],
    ]) {
      ctx.globalAlpha = alpha;
      ctx.fillStyle = fill;
      ctx.fillRect(cx - rx, y0, 2 * rx, y1 - y0);
    }
  }
  if (t > SPOON.drawn) {
    // the finger's line, and the front of sauce coming down over it
    const ran = F.front(t) * 1e3,
      wide = SPOON.line * 1e3,
      y0 = top + SPOON.at * 1e3 * k,
      y1 = y0 + wide * k;
    const xe = cx - rx + 2 * rx * clamp((t - SPOON.drawn) / 0.6),
      y = (x) => y0 + k * Math.min(wide, ran * (1.3 + 0.35 * wave((((x - cx) / k) * 1.6 + 99) | 0)));
    ctx.globalAlpha = 1;
    ctx.fillStyle = metal;
    ctx.beginPath();
    ctx.moveTo(cx - rx, y1);
    for (let x = cx - rx; x <= xe; x += 2) ctx.lineTo(x, y(x));
    ctx.lineTo(xe, y1);
    ctx.fill();
    ctx.globalAlpha = opacity(F.h(SPOON.at, time));
    ctx.strokeStyle = dark;
    ctx.lineWidth = 0.8 * k;
    ctx.beginPath();
    for (let x = cx - rx; x <= xe; x += 2) y(x) < y1 - 1 ? ctx.lineTo(x, y(x)) : ctx.moveTo(x, y(x));
    ctx.stroke();
    ctx.globalAlpha = 1;
    if (xe < cx + rx - 1) blank(ctx, xe, (y0 + y1) / 2, 5 * k, 4.4 * k, '#d7a68c');
  }
  ctx.restore();
  ctx.strokeStyle = 'rgba(42,27,45,.45)';
  ctx.lineWidth = 1.2;
  if (F.look < 5) {
    ctx.beginPath();
    ctx.ellipse(cx, cy, rx, ry, 0, 0, TAU);
    ctx.stroke();
  }
  if (t <= 0 || F.look === 5) return F.look;
  const drops = F.drip(time),
    y0 = top + len,
    low = h - y0;
  ctx.fillStyle = sauce; // off the tip: drops, a thread, or a sheet
  if (F.look === 4 && drops > 0.3) {
    const half = k * clamp(3 + drops, 4, 11),
      e = cy + ry * Math.sqrt(1 - (half / rx) ** 2) - 1;
    ctx.beginPath();
    ctx.moveTo(cx - half, e);
    ctx.quadraticCurveTo(cx - half * 0.5, y0 + low * 0.4, cx - half * 0.45, h);
    ctx.lineTo(cx + half * 0.45, h);
    ctx.quadraticCurveTo(cx + half * 0.5, y0 + low * 0.4, cx + half, e);
    ctx.quadraticCurveTo(cx, y0 + 2, cx - half, e);
    ctx.fill();
    bar(ctx, cx - half * 0.22, y0 + 2, half * 0.16, low, 2, 'rgba(255,236,214,.35)');
  } else if (drops > 12) ctx.fillRect(cx - 1.1 * k, y0 - 2, 2.2 * k, low + 2);
  else {
    const ph = (t * Math.max(0.3, drops)) % 1,
      q = 2.2 * k;
    blank(ctx, cx, y0 + q * 0.2, q * (0.5 + 0.5 * ph), q * (0.4 + 0.9 * ph), sauce);
    if (ph < 0.33 && drops > 0.1) blank(ctx, cx, y0 + q + low * 9 * ph * ph, q * 0.8, q, sauce);
  }
  return F.look;
}
export function drawPlate(ctx, w, h, s, colour, t, seed = s.seed, end = 0) {
  // 15 ml, t seconds after it was poured, toward a diameter that was read off if there is one; returns the diameter in mm
  const k = w / 158,
    cx = w / 2,
    cy = w / 2 + 8,
    r = end ? (end / 2) * (1 - Math.exp(-0.3 - t / 4)) : plateRadius(s, t) * 1e3,
    heap = clamp(physics(s).tauY / 25),
    wave = (i) => SWELL[(((seed * 5) & 255) << 8) | (i & 255)],
    mean = opacity((15 / (Math.PI * r * r)) * 0.8);
  const blob = (q, rough, fill) => {
    ctx.fillStyle = fill;
    ctx.beginPath();
    for (let i = 0; i < 128; i++) {
      const a = (i / 128) * TAU,
        e = q * k * (1 + rough * wave(i * 2));
      ctx.lineTo(cx + e * Math.cos(a), cy + e * Math.sin(a));
    }
    ctx.fill();
  };
  ctx.fillStyle = '#F1E8D9';
  ctx.fillRect(0, 0, w, h);
  disc(ctx, cx, cy, 77 * k, '#cbbfae');
  disc(ctx, cx, cy, 75.5 * k, '#fffdf8');
  disc(ctx, cx, cy, 66 * k, '#efe7da');
  disc(ctx, cx, cy, 65 * k, '#fbf7ef');
  const weep = 7 * s.pulp * (1 - 0.7 * s.gel) * Math.sqrt(t / 30);
  if (weep > 0.3) blob(r + weep, 0.06, css(toward(colour, [1, 0.93, 0.8], 0.6), 0.55)); // thin liquid leaves a pulpy sauce
  ctx.save();
  ctx.translate(k * (0.8 + 2.4 * heap), k * (1 + 3 * heap));
  blob(r, 0.04 + 0.05 * heap, 'rgba(60,30,20,.25)');
  ctx.restore();
  const gr = ctx.createRadialGradient(cx - r * k * 0.3 * heap, cy - r * k * 0.35 * heap, r * k * 0.05, cx, cy, r * k);
  [
    [0, lerp(1.02, 1.35, heap)],
    [0.8, 1],
    [1, lerp(0.95, 0.5, heap)],
  ].forEach(([v, m]) => gr.addColorStop(v, css(deeper(colour, 1, m), v < 1 ? mean : lerp(0.5, 1, clamp(s.eta * 8)) * mean)));
  blob(r, 0.04 + 0.05 * heap, gr);
  blank(ctx, cx - r * k * 0.4, cy - r * k * 0.45, r * k * 0.14, r * k * 0.05, 'rgba(255,246,232,.7)', -0.8);
  ctx.strokeStyle = '#2A1B2D';
  ctx.lineWidth = 1.2;
  ctx.beginPath();
  const y = h - 12;
  for (const x of [cx - r * k, cx + r * k]) {
    ctx.moveTo(x, y - 5);
    ctx.lineTo(x, y + 5);
  }
  ctx.moveTo(cx - r * k, y);
  ctx.lineTo(cx + r * k, y);
  ctx.stroke();
  return 2 * r;
}
