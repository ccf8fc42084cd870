/**
 * What a pot looks like by its numbers: how large its bubbles are and how long they stand, what stays of a hole, how a film runs off a
 * spoon. A state in, numbers out; SI inside, lengths of the state in mm. The numbers of the sauce are the server's: only what the eye sees
 * of them is worked out here. Where no source is named, a figure is an estimate that was tuned until it looked right.
 */
export const g = 9.81,
  RHO = 1050,
  TICK = 1 / 60,
  TAU = 2 * Math.PI;
const STEAM = 0.6;
export const SPREAD = 0.3;
const STATIC = 3; // yield stress at rest over yield stress in flow, as SPREAD, sd of ln(bubble radius), an estimate
export const clamp = (x, a = 0, b = 1) => (x < a ? a : x > b ? b : x),
  lerp = (a, b, t) => a + (b - a) * t,
  soft = (t) => (t = clamp(t)) * t * (3 - 2 * t);
/** By activity: K below boiling, and boiling flux in kg/(m² h). Off, steaming, bare simmer, simmer, lively simmer, rolling boil. */
const BELOW = [-75, -18, -7, -2, 0, 0],
  FLUX = [0, 0, 0.03, 8, 20, 35];
export function rheology(eta, mu = 6e-4) {
  // from η at 50 1/s: stress = tauY + K·rate^n
  const body = Math.max(0, eta - mu),
    grade = 2 * Math.log10(eta * 1e3),
    n = 1 - (0.62 * body) / eta,
    tauY = 15 * body * clamp((grade - 4) / 2);
  return { grade, n, tauY, K: (50 * eta - tauY) / 50 ** n };
}
export function physics(s) {
  const flow = rheology(s.eta, s.mu),
    tauY = (flow.tauY = s.tauY ?? flow.tauY),
    heat = FLUX[s.activity] / 8;
  const T = 100 + BELOW[s.activity],
    area = (Math.PI / 4) * (s.diameter / 1e3) ** 2,
    depth = s.level / 1e3,
    slow = 1 / (1 + s.eta);
  /** @param {number} t */
  const pSat = (t) => 611.21 * Math.exp(((18.678 - t / 234.5) * t) / (257.14 + t));
  const Jsurface = (slow * 3600 * 0.0968 * (pSat(T) - 0.5 * pSat(20))) / 1e3 / 2257,
    J = s.J ?? Jsurface + slow * FLUX[s.activity];
  const U = s.activity < 2 ? 0 : Math.max(0, J - Jsurface) / 3600 / STEAM; // steam leaving as bubbles, m³/(m² s)
  const Rcap = 0.0015 * Math.sqrt(s.sigma / 0.05) * (1 + U / 0.0055),
    Rvis = 0.0108 * (s.eta * Math.max(heat, 0.3)) ** 0.25;
  const R = Math.min((Rcap ** 4 + Rvis ** 4) ** 0.25, (0.15 * s.diameter) / 1e3, 1.1 * depth + 0.004);
  const rate = (U * area) / ((4 / 3) * Math.PI * R ** 3 * Math.exp(4.5 * SPREAD ** 2)),
    life = Math.min(4, 0.12 + (90 * s.eta) / (RHO * g * R) + 0.8 * s.foaming);
  const closure = (2 * s.eta * R) / s.sigma,
    hold = (2.5 * tauY) / (RHO * g),
    fixed = clamp((hold / R - 0.3) / 0.6);
  const drive = (RHO * g * depth * U) / (U + 0.25); // stress that the bubbles' buoyancy can exert
  const current = U ? clamp(1 - tauY / drive) / (1 / Math.cbrt(g * U * depth) + (12 * s.eta) / (drive * depth)) : 0;
  const spatter = U ? ((9 * ((2 * s.sigma) / R + 2 * tauY + (3 * s.eta) / life)) / (RHO * g)) * Math.sqrt(Math.max(1, heat)) : 0;

  // The share of the bubbles that is drawn: never more than the eye can take in.
  const shown = Math.min(1, Math.min(220, 0.3 * (s.diameter / 2e3 / R) ** 2) / (rate * life || 1));
  return {
    ...flow,
    J,
    U,
    R,
    rate,
    shown,
    life,
    closure,
    hold,
    fixed,
    current,
    spatter,
    foam: s.foam / 1e3,
    sites: Math.round(clamp(area / (5 * R) ** 2, 4, 60)),
    ripple: RHO / (2 * s.eta * (TAU / 0.012) ** 2),
    catching: s.caught,
    skin: s.activity > 1 ? 0 : clamp(Math.sqrt(s.stillFor / 900) * Math.max(1.5 * s.foaming, s.gel, 0.5 * s.pulp)),
    gloss: clamp(0.3 + 0.65 * s.gel + 0.25 * s.fat - 0.45 * s.pulp, 0.08),
  };
}
/* Film on the back of a spoon: h·rate(ρgh) = x/t at x below the edge. Newtonian: h = √(ηx/ρgt); with yield stress τ/ρg never runs off. */
export const SPOON = {
  clear: 0.29e-3,
  at: 0.03,
  length: 0.06,
  drawn: 2,
  judged: 7,
  line: 8e-3,
  thread: 1.1e-3,
  fall: 0.1,
  heap: 7.5e-3,
  slope: 0.25,
};
export const opacity = (h) => 1 - Math.exp(-h / SPOON.clear);
const shear = (f, stress, tauY = f.tauY) => (stress <= tauY ? 0 : ((stress - tauY) / f.K) ** (1 / f.n));
export function film(f, x, t) {
  let a = 0,
    b = 0.03;
  for (let i = 0; i < 26; i++) {
    const m = (a + b) / 2;
    m * shear(f, RHO * g * m) * t < x ? (a = m) : (b = m);
  }
  return a;
}
export function flux(f, h, tauY) {
  let q = 0;
  for (let i = 0; i < 12; i++) {
    const y = (h * (i + 0.5)) / 12;
    q += (y * shear(f, RHO * g * y, tauY) * h) / 12;
  }
  return q;
}
export function creep(f, t0, t1) {
  // how far the film above a drawn line has run down over it
  let s = 0;
  for (let i = 0; i < 16; i++) {
    const t = t0 * (t1 / t0) ** ((i + 0.5) / 16),
      h = film(f, SPOON.at, t);
    s += (flux(f, h, STATIC * f.tauY) / h) * t;
  }
  return (s * Math.log(t1 / t0)) / 16;
}
export function look(s) {
  // 0…5, out of the film alone: no grade is looked up here
  const f = physics(s),
    veil = opacity(film(f, SPOON.at, SPOON.drawn));
  if (f.tauY >= RHO * g * SPOON.heap * SPOON.slope) return 5; // a heap keeps its slope
  if ((14.1 * s.eta * SPOON.thread) / s.sigma > Math.sqrt((2 * SPOON.fall) / g)) return 4; // what falls does not break into drops
  if (veil < 1 / 3) return 0;
  return veil < 2 / 3 ? 1 : creep(f, SPOON.drawn, SPOON.judged) > SPOON.line / 2 ? 2 : 3;
}
export function plateRadius(s, t, V = 15e-6) {
  // m: gravity current, held by yield stress or by the edge's surface tension
  const tauY = physics(s).tauY,
    runs = 0.894 * (((g * V ** 3) / ((3 * s.eta) / RHO)) * Math.max(t, 0.05)) ** 0.125;
  const held = tauY ? ((225 * RHO * g * V * V) / (128 * Math.PI ** 2 * tauY)) ** 0.2 : 9,
    edge = Math.sqrt(V / Math.PI / (2 * Math.sqrt(s.sigma / RHO / g) * Math.sin(Math.PI / 12)));
  return (runs ** -8 + held ** -8 + edge ** -8) ** -0.125;
}
export const sound = (s, p = physics(s)) => ({
  hissHz: 3.26 / p.R,
  hissQ: 1.2,
  hissDb: p.U ? -30 + 10 * Math.log10(p.rate * p.R ** 3 * 1e6 + 1e-3) : -90,
  plopsPerSecond: p.rate < 25 ? p.rate : 0,
  plopHz: 3.26 / p.R,
  plopDecay: 0.04 + 0.12 * clamp(p.closure),
});
