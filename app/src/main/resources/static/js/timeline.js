/** Draws the weight of a cook over time: readings, the plan, the band ahead. Every number comes from the server. */
import { curve } from './ahead.js';
import { clock } from './page.js';
import { mass, massTicks } from './units.js';

export function drawTimeline() {
  const d3 = /** @type {any} */ (window).d3;
  const node = document.getElementById('chart');
  if (!node || !d3) return;
  const drawing = JSON.parse(node.dataset.drawing);
  /** @param {number[][]} points */
  const weighings = (points) => points.map(([minutes, grams]) => ({ minutes, grams }));
  const readings = weighings(drawing.readings);
  const doubted = weighings(drawing.doubted);
  const planned = curve(drawing.planned);
  const ahead = curve(drawing.ahead);
  const start = new Date(drawing.start);
  const svg = d3.select(node);
  svg.selectAll('*').remove();
  // Drawn in the room there is, so that words keep their size.
  const box = node.getBoundingClientRect();
  const wide = box.width < 500 ? Math.max(280, Math.round(box.width)) : 640;
  const right = wide - 18;
  const tall = Math.max(150, Math.round((wide * box.height) / Math.max(1, box.width)));
  svg.attr('viewBox', `0 0 ${wide} ${tall}`);
  const bottom = tall - 38;
  const curves = [...planned, ...ahead];
  const all = [...readings, ...doubted, ...curves];
  const x = d3.scaleLinear(
    [
      0,
      Math.max(
        10,
        d3.max(all, (p) => p.minutes),
      ),
    ],
    [62, right],
  );
  const weights = all.map((p) => p.grams);
  const low = d3.min([...weights, ...curves.map((p) => p.low), drawing.target ?? Infinity]);
  const high = d3.max([...weights, ...curves.map((p) => p.high)]);
  const y = d3.scaleLinear([low, high], [bottom, 14]).nice(5);

  for (const { grams, label } of massTicks(y, 5)) {
    svg.append('line').attr('class', 'grid').attr('x1', 62).attr('x2', right).attr('y1', y(grams)).attr('y2', y(grams));
    svg
      .append('text')
      .attr('class', 'lab')
      .attr('x', 54)
      .attr('y', y(grams) + 4)
      .attr('text-anchor', 'end')
      .text(label);
  }
  svg.append('line').attr('class', 'axis').attr('x1', 62).attr('x2', right).attr('y1', bottom).attr('y2', bottom);
  for (const minutes of x.ticks(wide < 500 ? 3 : 5)) {
    svg
      .append('text')
      .attr('class', 'lab')
      .attr('x', x(minutes))
      .attr('y', bottom + 22)
      .attr('text-anchor', 'middle')
      .text(clock(new Date(start.getTime() + minutes * 60000)));
  }
  const line = d3.line(
    (p) => x(p.minutes),
    (p) => y(p.grams),
  );
  svg.append('path').attr('class', 'planned').attr('d', line(planned));
  if (ahead.length) {
    svg
      .append('path')
      .attr('class', 'ahead-band')
      .attr(
        'd',
        d3.area(
          (p) => x(p.minutes),
          (p) => y(p.low),
          (p) => y(p.high),
        )(ahead),
      );
    svg.append('path').attr('class', 'ahead').attr('d', line(ahead));
    // What it should have lost since it was weighed last is believed, not seen.
    const last = readings[readings.length - 1];
    if (last.minutes < ahead[0].minutes)
      svg
        .append('path')
        .attr('class', 'ahead since')
        .attr('d', line([last, ahead[0]]));
  }
  svg.append('path').attr('class', 'measured').attr('d', line(readings));
  /** @param {{minutes: number, grams: number}[]} points @param {string} style */
  const dots = (points, style) => {
    for (const { minutes, grams } of points)
      svg.append('circle').attr('class', style).attr('cx', x(minutes)).attr('cy', y(grams)).attr('r', 5);
  };
  dots(readings, 'dot');
  dots(doubted, 'dot doubted');
  if (drawing.target) {
    svg
      .append('line')
      .attr('class', 'goal-line')
      .attr('x1', 62)
      .attr('x2', right)
      .attr('y1', y(drawing.target))
      .attr('y2', y(drawing.target));
    svg
      .append('text')
      .attr('class', 'goal-text')
      .attr('x', 70)
      .attr('y', y(drawing.target) - 6)
      .text(mass(drawing.target));
  }
  if (drawing.cross !== undefined && drawing.target && x(drawing.cross) < right) {
    const at = x(drawing.cross);
    svg.append('line').attr('class', 'crossing').attr('x1', at).attr('x2', at).attr('y1', y(drawing.target)).attr('y2', bottom);
    svg
      .append('text')
      .attr('class', 'heat-text halo')
      .attr('x', at + (at > right - 80 ? -6 : 6))
      .attr('y', bottom - 8)
      .attr('text-anchor', at > right - 80 ? 'end' : 'start')
      .text(clock(new Date(start.getTime() + drawing.cross * 60000)));
  }
  svg
    .append('text')
    .attr('class', 'lab')
    .attr('x', right - 2)
    .attr('y', 24)
    .attr('text-anchor', 'end')
    .text('– – as planned');
}

addEventListener('resize', drawTimeline);
