/**
 * What moves in a practice pot: bubbles that swell, stand and break, ripples, furrows of the spoon, drops. All of it is a function of the
 * seed and the ticks of a sixtieth of a second that have passed.
 */
import { clamp, g, lerp, physics, RHO, soft, SPREAD, TAU, TICK } from './practice-physics.js';
import { deeper, gauss, GRAIN, mulberry32, ramp, surface, SWELL, TEXEL, toward } from './practice-art.js';

export class Pot {
  /** Ticks are seconds; lengths mm. Bubbles, drops and specks as they were born. */
  t = 0;
  acc = 0;
  flowClock = 0;
  tossed = 0;
  foam = 0;
  swirl = 0;
  stirred = -9;
  /** @type {any[]} */ bubbles = [];
  /** @type {any[]} */ drops = [];
  /** @type {any[]} */ specks = [];
  /** @type {number[][]} */ sites = [];
  /** @type {number[][]} */ span = [];
  /** @type {any} */ path = null;
  /** @type {any} */ spoon = null;
  furrowed = false;
  /** What the drawing keeps: made when it is first needed. */
  /** @type {any} */ s = null;
  /** @type {any} */ p = null;
  /** @type {any} */ back = null;
  /** @type {any} */ sprites = null;
  /** @type {any} */ ramp = null;
  /** @type {any} */ rampFoam = null;
  /** @type {any} */ rampPan = null;
  /** @type {any} */ mottle = null;
  /** @type {number[]} */ colour = [];
  key = '';
  cell = 1;
  cx = 0;
  cy = 0;
  Rr = 0;
  mm = 1;

  /** What is drawn over the soft shading; the view makes it. */
  makeSprites() {}

  constructor(state, N = 280) {
    this.N = N;
    this.half = N >> 1;
    this.mid = (N - 1) / 2;
    this.rad = N / 2 - 3;
    const r = (this.rnd = mulberry32(state.seed)),
      { mid, rad: R } = this;
    // Height, light, base light, furrow, lumps, current, radius.
    const field = () => new Float32Array(N * N);
    this.H = field();
    this.A = field();
    this.V = field();
    this.W = field();
    this.L = field();
    this.FX = field();
    this.FY = field();
    this.E = field();
    this.M = new Uint8Array(N * N);
    this.wave = new Float32Array(this.half ** 2);
    this.waveV = new Float32Array(this.half ** 2);
    this.img = surface(N, N);
    this.data = this.img.getContext('2d').createImageData(N, N);
    this.out = new Uint32Array(this.data.data.buffer);
    for (let i = 0; i < 60; i++) {
      // places where bubbles rise: spread out, a little denser over the burner's ring
      const tries = Array.from({ length: 8 }, () => {
        const a = r() * TAU,
          q = 0.9 * Math.sqrt(r());
        return [q * Math.cos(a), q * Math.sin(a), q];
      });
      const gap = (c) => Math.min(9, ...this.sites.map((b) => Math.hypot(b[0] - c[0], b[1] - c[1]))) * (1 - 0.35 * Math.abs(c[2] - 0.55));
      this.sites.push(tries.reduce((a, b) => (gap(b) > gap(a) ? b : a)));
    }
    this.lumps = Array.from({ length: 24 }, () => ({ a: r() * TAU, q: Math.sqrt(r()) * 0.86, r: 4 + 5 * r(), h: r(), turn: r() * TAU }));
    this.oil = Array.from({ length: 70 }, () => ({ a: r() * TAU, q: r() ** 0.4 * 0.95, r: 1 + 3 * r() ** 3, h: r() }));
    for (let y = 0; y < N; y++) {
      const dy = (y - mid) / R,
        w = Math.sqrt(Math.max(0, (R + 2) ** 2 - (y - mid) ** 2));
      this.span.push(w ? [Math.max(1, Math.ceil(mid - w)), Math.min(N - 2, Math.floor(mid + w))] : [1, 0]);
      for (let x = 0; x < N; x++) {
        const i = y * N + x,
          dx = (x - mid) / R,
          e = (this.E[i] = Math.hypot(dx, dy)),
          lit = (dx * 0.65 + dy * 0.76) / (e || 1);
        this.V[i] =
          (1.2 - 0.34 * ((dx + 0.12) ** 2 + (dy + 0.2) ** 2)) *
          (1 + 0.42 * Math.min(0, lit) * soft((e - 0.8) / 0.2)) *
          (1 - 0.35 * soft((e - 0.95) / 0.05));
        for (const [px, py] of this.sites.slice(0, 7)) {
          const k = 4 * Math.exp(-10 * ((dx - px) ** 2 + (dy - py) ** 2));
          this.FX[i] += (dx - px - 0.4 * (dy - py)) * k;
          this.FY[i] += (dy - py + 0.4 * (dx - px)) * k;
        }
      }
    }
    this.hx = Float32Array.from({ length: 4 * N }, (_, i) =>
      ((i / N) & 1 ? Math.cos : Math.sin)((((i % N) - mid) / R) * (i < 2 * N ? 7 : -11)),
    );
    this.set(state);
  }
  set(s) {
    this.s = s;
    this.p = physics(s);
    this.cell = s.diameter / (2 * this.rad);
    const { N, L, p } = this,
      key = [
        ...s.colour,
        ...[s.browning, s.conc, s.gel, s.pulp, s.fat, p.skin, p.hold * 100, s.level / 10, s.oldLevel, s.rim, s.diameter].map((v) =>
          Math.round(v * 40),
        ),
      ].join();
    if (key === this.key) return;
    this.key = key; // colours, lumps and the pan are made anew only when they would look different
    const body = toward(
        s.colour.map((v) => (v / 255) ** (1 + 0.22 * s.conc)),
        [0.33, 0.15, 0.07],
        0.75 * s.browning,
      ),
      dense = 1 - Math.exp(-s.level / lerp(28, 5, clamp(0.3 * s.pulp + s.conc)));
    // Thin sauces let the pan show through.
    const c = (this.colour = body.map((v, i) => lerp([0.62, 0.47, 0.36][i] * Math.sqrt(v), v, dense)));
    this.ramp = ramp(c, p.gloss * (1 - 0.6 * p.skin));
    this.rampFoam = ramp(toward(c, [0.98, 0.8, 0.58], 0.48), 0.45);
    this.rampPan = ramp(toward([0.5, 0.44, 0.43], c, 0.35), 0.9);
    const rough = Math.min(3, 250 * p.hold) * (0.3 + 0.7 * s.pulp),
      grain = 0.03 + 0.1 * s.pulp,
      blot = 0.1 * (1 - s.conc),
      q = this.cell / TEXEL;
    this.mottle = GRAIN.map((v, i) => grain * v + blot * SWELL[i]);
    this.makeSprites();
    this.back = null;
    const texel = (i, q) => (((((i / N) | 0) * q) & 255) << 8) | (((i % N) * q) & 255),
      wrinkle = (v) => Math.max(0, 1 - 5 * Math.abs(v));
    for (let i = 0; i < N * N; i++)
      L[i] =
        (0.12 + 0.7 * rough) * SWELL[texel(i, q)] + 0.07 * rough * GRAIN[texel(i, q)] + 0.9 * p.skin * wrinkle(SWELL[texel(i, q / 2)]);
  }
  /* ---- time ---- */
  static rate(speed) {
    return speed <= 1 ? speed : 1 + 0.35 * Math.log(speed);
  } // the eye's clock runs at most 2.2 × life; the state runs at full speed
  advance(dt) {
    for (this.acc += Math.min(dt, 0.25) * Pot.rate(this.s.speed); this.acc >= TICK; this.acc -= TICK) this.tick();
  }
  tick() {
    const { p, s, rnd } = this;
    this.t += TICK;
    this.flowClock += TICK / 0.7;
    this.tossed += p.current * 70 * TICK;
    this.swirl *= Math.exp(-TICK / clamp(0.4 / s.eta, 0.05, 3));
    this.foam = p.foam;
    const mean = p.rate * p.shown * TICK,
      L = Math.exp(-mean);
    for (let k = rnd(), n = 0; k > L && n < 40; k *= rnd(), n++) this.birth();
    this.bubbles = this.bubbles.filter((b) => this.age(b));
    this.drops = this.drops.filter((d) => this.t < d.t1 || this.land(d));
    if (s.eta < 0.08 && rnd() < p.U * 40) {
      const a = rnd() * TAU,
        q = 0.42 * s.diameter * Math.sqrt(rnd());
      this.splash(q * Math.cos(a), q * Math.sin(a), 11, 130 * p.U);
    } // upwellings
    if (this.path) this.stirTick();
    else if (this.t - this.stirred > 0.25) this.spoon = null;
    if (this.furrowed) this.relax();
    if (s.eta < 0.08) this.ripple();
  }
  birth() {
    const { p, s, rnd } = this,
      wall = s.diameter / 2;
    let R = p.R * 1e3 * Math.exp(SPREAD * clamp(gauss(rnd), -2, 2)),
      x,
      y,
      near;
    for (let k = 0; ; k++) {
      const site = this.sites[Math.floor(rnd() * rnd() ** 0.3 * p.sites)] || this.sites[0],
        spread = (1 - p.fixed) * (0.07 + 0.9 / p.sites),
        a = rnd() * TAU,
        edge = s.activity === 2;
      x = wall * (edge ? 0.95 * Math.cos(a) : site[0] + spread * gauss(rnd));
      y = wall * (edge ? 0.95 * Math.sin(a) : site[1] + spread * gauss(rnd));
      const q = Math.hypot(x, y),
        top = wall - R * 0.7;
      if (q > top) ((x *= top / q), (y *= top / q));
      near = this.bubbles.find((b) => (b.x - x) ** 2 + (b.y - y) ** 2 < 0.72 * (b.R + R) ** 2);
      if (!near || R < 3 || (near.phase > 2 && (p.fixed > 0.3 || near.depth < 0.3 * near.R))) break;
      if (k > 6) return;
    }
    const life = p.life * lerp(0.7, 1.3, rnd()),
      i = Math.round(this.mid + y / this.cell) * this.N + Math.round(this.mid + x / this.cell),
      v = p.current * 600;
    if (this.W[i] < -0.5 * s.level) return; // the pan is bare here
    if (near && near.phase > 2) {
      near.heal ||= this.t;
      near.healed = 0.45 * life;
      if (p.fixed > 0.3) ((x = lerp(x, near.x, p.fixed)), (y = lerp(y, near.y, p.fixed)), (R = lerp(R, near.R, 0.4 * p.fixed)));
    } // it fills the old hole
    this.bubbles.push({
      x,
      y,
      R,
      life,
      t0: this.t,
      swell: 0.45 * life,
      pop: Math.min(0.22, 0.025 + 0.05 * life),
      close: (p.closure * R) / (p.R * 1e3),
      stay: Math.min(p.hold * 1e3, 0.85 * R),
      d0: Math.min(0.85 * R, s.level),
      vx: this.FX[i] * v,
      vy: this.FY[i] * v,
      skew: 0.4 * (rnd() - 0.5),
      twist: 0.5 * (rnd() - 0.5),
      phase: 1,
      depth: 0,
    });
  }
  age(b) {
    // phases: 1 swelling, 2 standing, 3 open; false when gone
    const a = this.t - b.t0,
      o = a - b.life;
    b.x += b.vx * TICK;
    b.y += b.vy * TICK;
    if (o < 0) {
      b.phase = a < b.swell ? 1 : 2;
      return Math.hypot(b.x, b.y) < this.s.diameter / 2 - b.R * 0.4;
    }
    if (b.phase < 3) {
      b.phase = 3;
      b.vx = b.vy = 0;
      this.burst(b);
    }
    const stay = b.stay * Math.exp(-o / (0.2 + (4 + 8 * this.p.fixed) * b.close)),
      open = Math.exp((-2.3 * Math.max(0, o - b.pop)) / b.close);
    b.depth = soft(o / b.pop) * (stay + (b.d0 - stay) * open) * (b.heal ? 1 - soft((this.t - b.heal) / b.healed) : 1);
    return o < b.pop || b.depth > 0.35;
  }
  burst(b) {
    // ripples when thin; drops or blobs thrown as high as the pressure under the film sends them
    const { p, s, rnd } = this,
      thin = s.eta < 0.08;
    if (thin) this.splash(b.x, b.y, b.R * 0.35, -0.32 * b.R);
    if (rnd() > (b.R > 5 ? 0.5 : 0.05)) return;
    const up = p.spatter * lerp(0.2, 1, rnd() ** 2),
      T = 2 * Math.sqrt((2 * up) / g);
    for (let k = thin ? 1 : (1 + 3 * rnd()) | 0; k > 0; k--) {
      const a = rnd() * TAU,
        out = ((thin ? 8 : 20) + 420 * up * rnd() ** 2) / T;
      this.drops.push({
        x: b.x,
        y: b.y,
        vx: Math.cos(a) * out,
        vy: Math.sin(a) * out,
        t0: this.t,
        t1: this.t + T,
        up: up * 1e3,
        r: thin ? 0.5 : Math.min(2.4, 0.09 * b.R * (0.6 + rnd())),
      });
    }
  }
  land(d) {
    const T = d.t1 - d.t0,
      x = d.x + d.vx * T,
      y = d.y + d.vy * T,
      far = Math.hypot(x, y) - this.s.diameter / 2,
      { rim, level, eta } = this.s;
    if (far < 0) {
      if (eta < 0.08) this.splash(x, y, 1.5, -0.8);
    } else if (d.r > 0.7 && this.specks.length < 120) {
      this.specks.push({ a: Math.atan2(y, x), far, r: d.r, z: d.up < rim - level ? level + 0.8 * d.up : rim });
      this.back = null;
    }
    return false;
  }
  splash(x, y, r, amp) {
    const n = this.half,
      c = this.cell * 2,
      q = Math.max(1, Math.round(r / c)),
      i0 = Math.round(n / 2 + x / c),
      j0 = Math.round(n / 2 + y / c);
    for (let j = -q; j <= q; j++)
      for (let i = -q; i <= q; i++) {
        const k = (j0 + j) * n + i0 + i;
        if (k > 0 && k < n * n) this.wave[k] += amp * 0.5 * Math.exp(-(i * i + j * j) / (q * q));
      }
  }
  ripple() {
    // waves at 0.23 m/s, damped by 2νk² as a viscous term
    const { half: n, wave: h, waveV: v, span } = this,
      dx = this.cell * 2e-3,
      sub = Math.ceil(((TICK * 0.23) / dx) * 1.85),
      dt = TICK / sub,
      c2 = (0.23 / dx) ** 2 * dt;
    const nu = 0.25 * Math.min(0.2, (((4 * this.s.eta) / RHO) * dt) / dx / dx + 0.002),
      keep = Math.exp(-dt * (1.2 + 25 * this.s.eta));
    for (let q = 0; q < sub; q++)
      for (const pass of [0, 1])
        for (let j = 1; j < n - 1; j++)
          for (let k = j * n + Math.max(1, span[2 * j][0] >> 1), e = j * n + Math.min(n - 2, span[2 * j][1] >> 1); k <= e; k++) {
            const bend = h[k - 1] + h[k + 1] + h[k - n] + h[k + n] - 4 * h[k];
            if (pass) h[k] += v[k] * dt + nu * bend;
            else v[k] = (v[k] + c2 * bend) * keep;
          }
  }
  /* ---- stirring ---- */
  stir(points, seconds = 2.6) {
    this.path = { points, seconds, t: 0 };
  }
  static loop(D) {
    return Array.from({ length: 120 }, (_, i) => {
      const f = i / 119,
        a = f * 4.9 - 2.6,
        q = (D / 2) * (0.7 - 0.4 * f * f + 0.05 * Math.sin(1.7 * a));
      return [q * Math.cos(a) - D * 0.02, q * Math.sin(a) * 0.9];
    });
  }
  stirTick() {
    const w = this.path,
      last = w.points.length - 1,
      at = (t) => {
        const f = clamp(t / w.seconds) * last,
          i = Math.min(last - 1, Math.floor(f));
        return [0, 1].map((k) => lerp(w.points[i][k], w.points[i + 1][k], f - i));
      };
    const [x0, y0] = at(w.t),
      [x, y] = at((w.t += TICK)),
      way = Math.hypot(x - x0, y - y0);
    for (let k = 0; k < way; k += 2) this.carve(lerp(x0, x, k / way), lerp(y0, y, k / way), 15);
    this.spoon = [x, y];
    this.swirl = lerp(this.swirl, way / TICK, 0.05);
    this.stirred = this.t;
    this.s.sinceStir = this.s.stillFor = 0;
    this.furrowed = true;
    if (this.s.eta < 0.08) this.splash(x, y, 6, 0.9);
    this.bubbles = this.bubbles.filter((b) => Math.hypot(b.x - x, b.y - y) > 15 + 0.6 * b.R);
    if (w.t >= w.seconds) this.path = null;
  }
  carve(x, y, r) {
    // down to the pan, and what was there heaped on both sides
    const { N, W, cell, s } = this,
      i0 = this.mid + x / cell,
      j0 = this.mid + y / cell,
      q = (r * 1.5) / cell,
      k2 = (r / cell) ** 2;
    for (let j = Math.max(1, Math.ceil(j0 - q)); j < Math.min(N - 1, j0 + q); j++)
      for (let i = Math.max(1, Math.ceil(i0 - q)); i < Math.min(N - 1, i0 + q); i++) {
        const d = ((i - i0) ** 2 + (j - j0) ** 2) / k2,
          k = j * N + i;
        if (d < 1) W[k] = Math.min(W[k], -s.level * Math.min(1, 1.6 * (1 - d * d)));
        else if (d < 2.2 && W[k] > -2)
          W[k] = Math.max(
            W[k],
            s.level * 0.22 * Math.exp(-(((Math.sqrt(d) - 1.17) / 0.16) ** 2)) * (1 + 0.3 * GRAIN[((j & 255) << 8) | (i & 255)]),
          );
      }
  }
  relax() {
    // the furrow closes to the depth the yield stress holds, in the closure time of its half-width
    const { N, W, p, s } = this,
      tc = (2 * s.eta * 0.015) / s.sigma,
      f = 1 - Math.exp((-2.3 * TICK) / tc),
      hold = p.hold * 1e3,
      ridge = hold * 0.3,
      sink = TICK / (40 + 200 * p.fixed);
    let left = false;
    const blur = 0.16 * clamp(0.15 / tc + 0.02) + (this.t - this.stirred < 0.3 ? 0.12 : 0);
    for (let y = 2; y < N - 2; y++)
      for (let i = y * N + this.span[y][0], e = y * N + this.span[y][1]; i <= e; i++) {
        let h = W[i];
        const around = W[i - 1] + W[i + 1] + W[i - N] + W[i + N];
        if (h === 0 && around === 0) continue;
        h += blur * (around - 4 * h);
        if (h < -hold) h += (-hold - h) * f;
        else if (h > ridge) h -= (h - ridge) * f;
        h -= h * sink;
        if (h > -0.02 && h < 0.02) W[i] = 0;
        else ((W[i] = h), (left = true));
      }
    this.furrowed = left;
  }
}
