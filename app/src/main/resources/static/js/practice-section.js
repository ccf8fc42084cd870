/** A pot cut through, to scale: where the sauce stands, where it stood, how high the foam is. */
import { css } from './practice-art.js';

const MARGIN = 0.12;

/** Draws it into a canvas of w by h. */
export function drawSection(ctx, w, h, s, colour, lid) {
  const k = Math.min((w * (1 - 2 * MARGIN)) / s.diameter, (h * 0.68) / s.rim);
  const wide = s.diameter * k;
  const left = (w - wide) / 2;
  const base = h * 0.9;
  const y = (mm) => base - mm * k;
  ctx.clearRect(0, 0, w, h);
  ctx.lineCap = 'round';
  ctx.fillStyle = css(colour);
  ctx.fillRect(left, y(s.level), wide, s.level * k);
  const foam = Math.min(s.foam, s.rim + 14 - s.level);
  if (foam > 0.5) {
    ctx.fillStyle = 'rgba(255,240,214,.75)';
    ctx.fillRect(left, y(s.level + foam), wide, foam * k);
  }
  if (s.caught > 0) {
    ctx.fillStyle = `rgba(20,8,6,${0.9 * s.caught})`;
    ctx.fillRect(left, base - 4, wide, 4);
  }
  if (s.oldLevel > s.level + 1) {
    ctx.strokeStyle = '#f6ede0';
    ctx.setLineDash([4, 4]);
    ctx.lineWidth = 1.2;
    ctx.beginPath();
    ctx.moveTo(left, y(s.oldLevel));
    ctx.lineTo(left + wide, y(s.oldLevel));
    ctx.stroke();
    ctx.setLineDash([]);
  }
  ctx.strokeStyle = '#cbbfc4';
  ctx.lineWidth = 3;
  ctx.beginPath();
  ctx.moveTo(left - 5, y(s.rim));
  ctx.lineTo(left, y(s.rim) + 2);
  ctx.lineTo(left, base);
  ctx.lineTo(left + wide, base);
  ctx.lineTo(left + wide, y(s.rim) + 2);
  ctx.lineTo(left + wide + 5, y(s.rim));
  if (lid) {
    ctx.moveTo(left - 7, y(s.rim) - 4);
    ctx.lineTo(left + wide + 7, y(s.rim) - 4);
    ctx.moveTo(w / 2 - 8, y(s.rim) - 9);
    ctx.lineTo(w / 2 + 8, y(s.rim) - 9);
  }
  ctx.stroke();
}
