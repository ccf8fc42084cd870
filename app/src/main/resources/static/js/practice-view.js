/** How a practice pot looks from above: its height field with light on it, its pan, its spoon, its steam. */
import { clamp, lerp, soft, TAU } from './practice-physics.js';
import {
  arc,
  bar,
  blank,
  blend,
  css,
  deeper,
  DIFF,
  disc,
  DOME,
  FOAM,
  gauss,
  GRAIN,
  mulberry32,
  NORMAL,
  PIT,
  RIDGE,
  SPEC,
  surface,
  SWELL,
  TEXEL,
  toward,
} from './practice-art.js';
import { Pot } from './practice-pot.js';

/** Six wisps of a colour, made once. */
const WISPS = new Map();
function wispsOf(tint) {
  const known = WISPS.get(String(tint));
  if (known) return known;
  const made = Array.from({ length: 6 }, (_, k) => {
    const cv = surface(64, 128),
      x = cv.getContext('2d'),
      im = x.createImageData(64, 128);
    for (let j = 0; j < 128; j++)
      for (let i = 0; i < 64; i++) {
        const v = 1 - j / 128,
          mid = 32 + 15 * Math.sin(k * 1.3 + v * 5.5) * (0.3 + v),
          wide = 3 + 8 * v;
        im.data.set([...tint, 255 * Math.exp(-(((i - mid) / wide) ** 2)) * Math.sin(Math.PI * v) ** 1.3], (j * 64 + i) * 4);
      }
    x.putImageData(im, 0, 0);
    return cv;
  });
  WISPS.set(String(tint), made);
  return made;
}

export class PotView extends Pot {
  /* ---- the height field and its shading ---- */
  stamp(b, R, dome, pit, ridge, ao, dark, film, round) {
    const { N, H, A, cell } = this,
      i0 = this.mid + b.x / cell,
      j0 = this.mid + b.y / cell,
      q = (R * 1.3) / cell,
      k2 = (128 / 1.7) * (cell / R) ** 2,
      rag = 0.1 + 0.22 * this.p.fixed,
      skew = b.skew * round,
      twist = b.twist * round,
      lean = (2.2 * cell) / R;
    for (let j = Math.max(1, Math.ceil(j0 - q)), je = Math.min(N - 2, j0 + q); j <= je; j++)
      for (let i = Math.max(1, Math.ceil(i0 - q)), ie = Math.min(N - 2, i0 + q); i <= ie; i++) {
        const dx = i - i0,
          dy = j - j0,
          d =
            ((dx * dx * (1 + skew) + dy * dy * (1 - skew) + twist * dx * dy) * k2 * (1 + rag * SWELL[((j & 255) << 8) | (i & 255)])) | 0;
        if (d > 128) continue;
        const k = j * N + i;
        H[k] += dome * DOME[d] - pit * PIT[d] + ridge * RIDGE[d];
        A[k] *= (1 - ao * RIDGE[d]) * (1 - dark * PIT[d]) * (1 + film * DOME[d] * (0.4 + Math.max(0, 0.65 * dx + 0.76 * dy) * lean));
      }
  }
  field() {
    const { N, half, H, A, W, M, V, E, FX, FY, L, p, s, wave, span, cell, out, mottle, rad: R, mid, ramp, rampFoam, rampPan, hx } = this,
      tau = this.t + this.acc,
      level = s.level,
      g1 = cell / TEXEL;
    const u = (Math.min(55, p.current * 900) * 0.7) / TEXEL,
      swirl = (Math.min(60, this.swirl * 0.35) * 0.7) / TEXEL / R,
      p0 = this.flowClock % 1,
      p1 = (this.flowClock + 0.5) % 1,
      w0 = 1 - Math.abs(2 * p0 - 1),
      w1 = 1 - w0;
    const a0 = (p0 - 0.5) * u,
      a1 = (p1 - 0.5) * u,
      b0 = (p0 - 0.5) * swirl,
      b1 = (p1 - 0.5) * swirl,
      moving = u + swirl * R > 0.5,
      heave = Math.min(1.3, 6 * p.current),
      wet = s.eta < 0.08;
    for (let y = 1; y < N - 1; y++) {
      // furrow, lumps, slow heaving; the mottle is carried by the currents in two fading phases
      const xa = span[y][0],
        xb = span[y][1],
        dy = y - mid,
        yt = y * g1,
        f1 = (dy * 8) / R - tau * 5,
        f2 = (dy * 6) / R + tau * 7,
        k0 = heave * Math.cos(f1),
        k1 = heave * Math.sin(f1),
        k2 = 0.6 * heave * Math.cos(f2),
        k3 = 0.6 * heave * Math.sin(f2);
      for (let x = xa, i = y * N + xa; x <= xb; x++, i++) {
        const w = W[i],
          xt = x * g1;
        let h = w + L[i],
          m = 0,
          a = 1;
        if (heave > 0) h += k0 * hx[x] + k1 * hx[x + N] + k2 * hx[x + 2 * N] + k3 * hx[x + 3 * N];
        if (moving) {
          const fx = FX[i],
            fy = FY[i],
            dx = x - mid;
          a +=
            w0 * mottle[(((yt - fy * a0 - dx * b0) & 255) << 8) | ((xt - fx * a0 + dy * b0) & 255)] +
            w1 * mottle[(((yt - fy * a1 - dx * b1) & 255) << 8) | ((xt - fx * a1 + dy * b1) & 255)];
        } else a += mottle[((yt & 255) << 8) | (xt & 255)];
        if (w < -1) {
          a *= 1 - 0.38 * Math.min(1, -w / level);
          if (w < 1.2 - level) m = 2;
        }
        H[i] = h;
        A[i] = a * V[i];
        M[i] = m;
      }
    }
    if (wet)
      for (let y = 1; y < N - 1; y++)
        for (let x = span[y][0], xb = span[y][1], i = y * N + x, r = (y >> 1) * half, d = y & 1 ? half : 0; x <= xb; x++, i++) {
          const k = r + (x >> 1),
            e = x & 1;
          H[i] += 0.25 * (wave[k] + wave[k + e] + wave[k + d] + wave[k + d + e]);
        }
    const cover = 1.08 * clamp(this.foam / 0.014),
      burnt = p.catching;
    if (cover)
      for (let y = 1; y < N - 1; y++)
        for (let x = span[y][0], xb = span[y][1], i = y * N + x, row = ((y * g1) & 255) << 8; x <= xb; x++, i++) {
          // foam, from the wall inwards
          const e = E[i] + cover;
          if (e < 0.9) continue;
          const st = row | ((x * g1) & 255),
            f = FOAM[st],
            z = (e + 0.05 * SWELL[st] + 0.006 * f - 1.03) * 14;
          if (z < 0.1) continue;
          const m = z > 1 ? 1 : z * z * (3 - 2 * z),
            a = A[i];
          H[i] += m * 0.13 * f;
          A[i] = a + (V[i] * (0.86 + 0.07 * f) - a) * m;
          M[i] = m > 0.66 ? 1 : m > 0.33 ? 3 : 0;
        }
    if (burnt)
      for (let y = 1; y < N - 1; y++)
        for (let x = span[y][0], xb = span[y][1], i = y * N + x, row = ((y * g1) & 255) << 8; x <= xb; x++, i++) {
          // dark patches where it has caught
          const st = row | ((x * g1) & 255);
          A[i] *=
            1 -
            0.62 * burnt * soft((SWELL[(st + 9000) & 65535] - 0.55 + 0.6 * burnt) * 3) * soft((0.9 - E[i]) * 6) * (0.8 + 0.4 * GRAIN[st]);
        }
    const arch = lerp(0.18, 0.52, clamp((p.grade - 2) / 2.5));
    for (const b of this.bubbles) {
      const a = tau - b.t0,
        o = a - b.life;
      if (b.R < 1.6 * cell || (b.R < 3.6 && wet && o < 0)) continue;
      if (o < 0) {
        const k = soft(a / b.swell),
          f = soft((a - b.swell) / (b.life - b.swell));
        this.stamp(b, b.R * (0.55 + 0.45 * k), b.R * arch * k, 0, 0, 0.22 * k, 0, (0.28 + 0.25 * f) * k, 1 - 0.6 * k);
      } else {
        const c = clamp(o / b.pop),
          d = b.depth;
        this.stamp(
          b,
          b.R * (0.72 + 0.28 * clamp(d / b.d0)),
          0.5 * b.R * (1 - c) ** 2,
          d,
          lerp(0.16, 0.3, p.fixed) * d + 0.5 * (1 - c),
          (0.25 * d) / b.R,
          Math.min(0.8, (lerp(0.75, 1, p.fixed) * d) / b.R),
          0,
          1,
        );
      }
    }
    const k = 100 / cell,
      px = (0.8 / R) * 127.5; // slopes → lamp and mirrored window by table → colour by table
    for (let y = 2; y < N - 2; y++) {
      const xa = span[y][0] + 1,
        xb = span[y][1] - 1,
        oy = 128 + (y - mid) * px;
      let ox = 128 + (xa - mid) * px;
      for (let i = y * N + xa, e = y * N + xb; i <= e; i++, ox += px) {
        let gx = ((H[i - 1] - H[i + 1]) * k + 512) | 0,
          gy = ((H[i - N] - H[i + N]) * k + 512) | 0;
        gx = gx < 0 ? 0 : gx > 1023 ? 1023 : gx;
        gy = gy < 0 ? 0 : gy > 1023 ? 1023 : gy;
        let sh = (DIFF[((gy >> 2) << 8) | (gx >> 2)] * A[i]) | 0,
          u = (NORMAL[gx] + ox) | 0,
          v = (NORMAL[gy] + oy) | 0;
        sh = sh > 127 ? 127 : sh;
        u = u < 0 ? 0 : u > 255 ? 255 : u;
        v = v < 0 ? 0 : v > 255 ? 255 : v;
        const c = (SPEC[(v << 8) | u] << 7) | sh,
          m = M[i];
        out[i] =
          m === 0
            ? ramp[c]
            : m === 1
              ? rampFoam[c]
              : m === 2
                ? rampPan[c]
                : (((ramp[c] ^ rampFoam[c]) & 0xfefefe) / 2 + (ramp[c] & rampFoam[c])) | 0xff000000;
      }
    }
    this.img.getContext('2d').putImageData(this.data, 0, 0);
  }
  makeSprites() {
    // crisp lines over the soft shading: a small bubble, a dome, the lip of a hole
    const dark = deeper(this.colour, 1.5, 0.4),
      light = toward(this.colour, [1, 0.9, 0.78], 0.6),
      gl = 0.35 + 0.65 * this.p.gloss;
    const glint = (x, r, a) => blank(x, -r * 0.36, -r * 0.42, r * 0.24, r * 0.14, `rgba(255,244,230,${a})`, -0.75);
    const draw = {
      fizz: (x) => {
        disc(x, 0, 0, 40, css(light, 0.13));
        arc(x, 0, 0, 34, -0.2, 1.8, css(light, 0.3), 8);
        arc(x, 0, 0, 40, -0.5, 2.1, css(dark, 0.55), 6);
        arc(x, 0, 0, 40, 2.3, 5.5, css(light, 0.5), 4);
        glint(x, 44, 0.95);
      },
      dome: (x) => {
        arc(x, 0, 0, 42, -0.55, 2.2, css(dark, 0.45), 2.2);
        arc(x, 0, 0, 42, 2.6, 5.2, css(light, 0.55), 1.6);
        glint(x, 42, 0.85 * gl);
      },
      lip: (x) => {
        arc(x, 0, 0, 38, -0.35, 1.95, css(light, 0.75), 3);
        arc(x, 0, 0, 37, 2.5, 5.3, css(dark, 0.8), 2.5);
      },
    };
    this.sprites = {};
    for (const name in draw)
      this.sprites[name] = [8, 11, 15, 20, 27, 36, 48, 64, 96].map((d) => {
        const cv = surface(d, d),
          x = cv.getContext('2d');
        x.translate(d / 2, d / 2);
        x.scale(d / 96, d / 96);
        x.lineCap = 'round';
        draw[name](x);
        return cv;
      });
  }
  sprite(ctx, name, x, y, r) {
    const list = this.sprites[name],
      im = list.find((c) => c.width >= 1.8 * r) || list[8];
    if (r < 12) ctx.drawImage(im, Math.round(x - im.width / 2), Math.round(y - im.width / 2));
    else ctx.drawImage(im, x - r, y - r, 2 * r, 2 * r);
  }
  /* ---- the pan, drawn once per level ---- */
  radius(level) {
    return (this.Rr * 0.957 * 360) / (360 + Math.max(0, this.s.rim - level));
  } // seen from 36 cm above the rim
  drawPan(w, h) {
    const cv = (this.back = surface(w, h)),
      x = cv.getContext('2d'),
      { s, cx, cy, Rr, colour: c } = this,
      r = mulberry32(77),
      crust = deeper(c, 1.35, 0.55),
      polar = (q, a) => /** @type {[number, number]} */ ([cx + q * Math.cos(a), cy + q * Math.sin(a)]);
    const ring = (r0, r1, style) => {
      x.fillStyle = style;
      x.beginPath();
      x.arc(cx, cy, r1, 0, TAU);
      x.arc(cx, cy, r0, 0, TAU, true);
      x.fill();
    };
    x.fillStyle = '#241924';
    x.fillRect(0, 0, w, h);
    x.fillStyle = blend(x.createRadialGradient(cx + Rr * 0.1, cy + Rr * 0.13, Rr * 0.9, cx + Rr * 0.1, cy + Rr * 0.13, Rr * 1.45), [
      'rgba(10,5,12,.75)',
      'rgba(10,5,12,0)',
    ]);
    x.fillRect(0, 0, w, h);
    bar(x, cx + Rr, cy - Rr * 0.055, w, Rr * 0.13, Rr * 0.06, '#120b14');
    bar(x, cx + Rr, cy - Rr * 0.045, w, Rr * 0.03, Rr * 0.02, 'rgba(255,240,230,.09)');
    ring(
      Rr * 0.955,
      Rr * 1.03,
      blend(x.createConicGradient(0.6, cx, cy), ['#4b3e46', '#85767c', '#5b4d54', '#a3959a', '#6d5f66', '#cdbfc2', '#8d7d83', '#4b3e46']),
    );
    arc(x, cx, cy, Rr * 1.012, 2.6, 5.4, 'rgba(255,245,240,.25)', Rr * 0.006);
    ring(
      0,
      Rr * 0.957,
      blend(x.createLinearGradient(cx - Rr * 0.7, cy - Rr * 0.8, cx + Rr * 0.7, cy + Rr * 0.8), ['#2b2027', '#51444a', '#8a7a7e']),
    );
    const r0 = this.radius(s.level),
      r1 = this.radius(s.oldLevel);
    if (r1 > r0 + 1) {
      ring(r0, r1, css(deeper(c, 1.2, 0.62), 0.62)); // the dried ring between the old level and the new
      for (let i = 0; i < 240; i++) {
        const a = (i / 240) * TAU + r() * 0.02;
        x.strokeStyle = css(crust, 0.25 + 0.5 * r());
        x.lineWidth = Rr * 0.008 * (0.5 + r());
        x.beginPath();
        x.moveTo(...polar(r1, a));
        x.lineTo(...polar(lerp(r1, r0, 0.1 + 0.8 * r() ** 2), a));
        x.stroke();
        disc(x, ...polar(r1 + Rr * 0.004 * gauss(r), a), Rr * 0.006 * (0.4 + r()), css(crust, 0.7));
      }
    }
    arc(x, cx, cy, Rr * 0.957, 0, TAU, 'rgba(20,8,12,.45)', Rr * 0.012);
    for (const d of this.specks) {
      const [px, py] = polar(d.z < s.rim ? this.radius(d.z) : Rr * 0.96 + d.far * this.mm, d.a),
        q = d.r * this.mm;
      disc(x, px, py, q, css(crust, 0.9));
      disc(x, px - q * 0.2, py - q * 0.25, q * 0.6, css(deeper(c, 1, 1.15), 0.8));
    }
  }
  draw(ctx, w, h, place = [0.5, 0.47, 0.42]) {
    Object.assign(this, { cx: w * place[0], cy: h * place[1], Rr: Math.min(w, h) * place[2] });
    const { cx, cy, s, p } = this,
      high = this.foam * 1e3,
      R = this.radius(Math.min(s.rim, s.level + high * clamp(high / 10))),
      mm = (this.mm = R / (s.diameter / 2)),
      t = this.t + this.acc,
      side = (R * this.N) / this.rad,
      X = (v) => cx + v * mm,
      Y = (v) => cy + v * mm;
    if (!this.back || this.back.width !== w || this.back.height !== h) this.drawPan(w, h);
    this.field();
    ctx.drawImage(this.back, 0, 0);
    ctx.drawImage(this.img, cx - side / 2, cy - side / 2, side, side);
    const drift = Math.min(16, p.current * 250),
      toss = this.tossed,
      free = drift > 1;
    const at = (o, k) => {
      const q = (o.q * s.diameter) / 2,
        d = drift * k;
      return [
        X(q * Math.cos(o.a) + d * Math.sin(toss * (0.7 + o.h) + o.h * 40)),
        Y(q * Math.sin(o.a) + d * Math.cos(toss * (0.9 - 0.5 * o.h) + o.h * 90)),
      ];
    };
    for (const o of this.lumps.slice(0, s.pieces)) {
      const [x, y] = at(o, 1),
        q = o.r * mm,
        sunk = free ? 0.5 + 0.5 * Math.sin(toss * 0.8 + o.h * 30) : 0.6;
      ctx.save();
      ctx.translate(x, y);
      ctx.rotate(o.turn + (free ? Math.sin(toss * 0.5 + o.turn) : 0));
      bar(ctx, -q * 0.95, -q * 0.55, q * 2.1, q * 1.4, q * 0.4, css(deeper(this.colour, 1.4, 0.5), 0.45));
      bar(ctx, -q, -q * 0.7, q * 2, q * 1.3, q * 0.4, css(toward(this.colour, [0.97, 0.8, 0.5], 0.85 - 0.55 * sunk), 0.95 - 0.35 * sunk));
      ctx.restore();
    }
    const drops = Math.min(70, (s.fat * 160 * (1 - 0.7 * p.fixed)) | 0),
      merged = s.activity > 3 ? 0.6 : s.activity < 2 ? 1.5 : 1;
    for (const o of this.oil.slice(0, drops)) {
      const [x, y] = at(o, 0.7),
        q = o.r * merged * mm;
      disc(ctx, x, y, q, 'rgba(246,180,84,.26)');
      arc(ctx, x, y, q * 0.86, 2.7, 4.9, 'rgba(255,226,160,.55)', mm * 0.3);
    }
    for (const b of this.bubbles) {
      const a = t - b.t0,
        o = a - b.life,
        x = X(b.x),
        y = Y(b.y),
        small = b.R < 3.6,
        stout = small ? 0 : clamp((p.grade - 2) / 2);
      if (o < 0) {
        const q = soft(a / b.swell),
          r = b.R * mm * (0.57 + 0.57 * q);
        const glyph = (name, k) => {
          if (!k) return;
          ctx.globalAlpha = q * k;
          this.sprite(ctx, name, x, y, r);
        };
        glyph('fizz', 1 - stout);
        glyph('dome', stout * (1 - 0.6 * p.fixed));
      } else if (!small && b.depth > 0.2 * b.R) {
        ctx.globalAlpha = clamp((b.depth / b.R - 0.2) * 1.6) * (1 - 0.85 * p.fixed);
        this.sprite(ctx, 'lip', x, y, b.R * mm * (0.84 + 0.32 * clamp(b.depth / b.d0)));
      }
    }
    ctx.globalAlpha = 1;
    arc(ctx, cx, cy, R, 0, TAU, css(deeper(this.colour, 1.5, 0.42), 0.8), R * 0.016);
    arc(ctx, cx, cy, R * 0.992, 0.1, 1.6, 'rgba(255,220,190,.35)', R * 0.005);
    for (const d of this.drops) {
      const dt = t - d.t0,
        f = dt / (d.t1 - d.t0),
        z = 4 * d.up * f * (1 - f) * mm,
        x = X(d.x + d.vx * dt),
        y = Y(d.y + d.vy * dt),
        q = d.r * mm;
      disc(ctx, x + z * 0.35, y + z * 0.4, q, 'rgba(30,8,6,.28)');
      disc(ctx, x, y - z * 0.1, q * (1 + z / mm / 200), css(deeper(this.colour, 1, 1.2)));
    }
    if (s.level + high > s.rim) {
      // boiling over: a tongue of foam down the outside
      const over = clamp((s.level + high - s.rim) / 12),
        r = mulberry32(5),
        pale = toward(this.colour, [0.98, 0.86, 0.68], 0.5);
      for (let i = 0; i < 90; i++) {
        const v = i / 90,
          a = 0.75 + gauss(r) * (0.3 - 0.22 * v),
          q = this.Rr * (0.95 + v * (0.06 + 0.3 * over));
        const px = cx + q * Math.cos(a),
          py = cy + q * Math.sin(a),
          e = this.Rr * lerp(0.045, 0.014, v) * (0.6 + 0.7 * r());
        disc(ctx, px, py, e, css(deeper(pale, 1.2, 0.8)));
        disc(ctx, px - e * 0.15, py - e * 0.18, e * 0.8, css(pale));
      }
    }
    if (this.spoon) this.drawSpoon(ctx, X(this.spoon[0]), Y(this.spoon[1]), mm);
    this.steam(ctx, t);
  }
  drawSpoon(ctx, x, y, mm) {
    ctx.save();
    ctx.translate(x, y);
    ctx.rotate(Math.atan2(this.cy + this.Rr * 1.5 - y, this.cx + this.Rr * 0.9 - x));
    const spoon = (o, wood) => {
      blank(ctx, o, -o * 0.3, 30 * mm, 19 * mm, wood);
      bar(ctx, 20 * mm + o, -5 * mm - o * 0.3, 420 * mm, 10 * mm, 5 * mm, wood);
    };
    spoon(8 * mm, 'rgba(20,6,8,.35)');
    spoon(0, '#b98a56');
    blank(ctx, -3 * mm, 0, 24 * mm, 15 * mm, css(deeper(this.colour, 1, 0.9), 0.85));
    bar(ctx, 24 * mm, -4 * mm, 400 * mm, 2.5 * mm, mm, 'rgba(255,235,205,.22)');
    ctx.restore();
  }
  steam(ctx, t) {
    // wisps: more, longer and denser with the flux; brown when it catches
    const amount = clamp(this.p.J / 26),
      Rr = this.Rr,
      tint = this.p.catching > 0.2 ? [190, 158, 128] : [250, 240, 228],
      n = Math.round(9 * amount);
    const wisps = wispsOf(tint);
    for (let i = 0; i < n; i++) {
      const ph = t / 3.4 + i / n,
        c = Math.floor(ph),
        f = ph - c,
        r = mulberry32(i * 977 + c * 131),
        a = r() * TAU,
        q = Math.sqrt(r()) * Rr * 0.75,
        long = Rr * (0.35 + 0.4 * amount) * (0.6 + 0.6 * f);
      ctx.globalAlpha = (0.12 + 0.2 * amount) * Math.sin(Math.PI * f);
      ctx.drawImage(
        wisps[(i + c) % 6],
        this.cx + q * Math.cos(a) + Rr * (0.1 * f - 0.15),
        this.cy + q * Math.sin(a) - Rr * 0.45 * f - long,
        long * 0.38 * (1 + 0.4 * f),
        long,
      );
    }
    ctx.globalAlpha = 1;
  }
}
