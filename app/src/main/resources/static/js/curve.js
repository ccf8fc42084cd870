/** Draws the curve of yield against grade. Every number comes from the server. */

export function drawCurve() {
  const d3 = /** @type {any} */ (window).d3;
  const node = document.getElementById('curve');
  if (!node || !d3) return;
  const drawing = JSON.parse(node.dataset.drawing);
  const points = drawing.points;
  const svg = d3.select(node);
  svg.selectAll('*').remove();
  const bottom = 370;
  const first = points[0].grams;
  const last = points[points.length - 1].grams;
  const grades = points.flatMap((p) => [p.stove, p.cold, p.warm]);
  const low = Math.floor(Math.max(0, d3.min(grades)));
  const high = Math.min(8.4, Math.max(d3.max(points, (p) => p.warm), drawing.band?.high ?? 0) + 0.5);
  const x = d3.scaleLinear([first, last], [70, 880]);
  const y = d3.scaleLinear([low, high], [bottom, 16]);
  const clip = svg.append('clipPath').attr('id', 'field').append('rect');
  clip.attr('x', 62).attr('y', 8).attr('width', 830).attr('height', bottom - 8);

  if (drawing.band) {
    svg.append('rect').attr('class', 'band').attr('x', 70).attr('width', 810)
      .attr('y', y(Math.min(high, drawing.band.high))).attr('height', y(drawing.band.low) - y(Math.min(high, drawing.band.high)));
    svg.append('text').attr('class', 'goal-text').attr('x', 78).attr('y', y(Math.min(high, drawing.band.high)) + 16)
      .text(`${drawing.band.name} ${drawing.band.low}–${drawing.band.high}`);
  }
  for (const grade of y.ticks(6).filter(Number.isInteger)) {
    svg.append('line').attr('class', 'grid').attr('x1', 70).attr('x2', 880).attr('y1', y(grade)).attr('y2', y(grade));
    svg.append('text').attr('class', 'lab').attr('x', 58).attr('y', y(grade) + 4).attr('text-anchor', 'end').text(grade);
  }
  svg.append('text').attr('class', 'lab').attr('transform', 'translate(20 190) rotate(-90)').attr('text-anchor', 'middle').text('grade (thickness)');
  svg.append('line').attr('class', 'axis').attr('x1', 70).attr('x2', 880).attr('y1', bottom).attr('y2', bottom);
  for (const grams of x.ticks(8)) {
    svg.append('line').attr('class', 'tick').attr('x1', x(grams)).attr('x2', x(grams)).attr('y1', bottom).attr('y2', bottom + 6);
    svg.append('text').attr('class', 'lab').attr('x', x(grams)).attr('y', bottom + 22).attr('text-anchor', 'middle').text(`${grams} g`);
  }
  svg.append('text').attr('class', 'lab').attr('x', 880).attr('y', bottom + 44).attr('text-anchor', 'end').text('yield, less as it walks →');

  const field = svg.append('g').attr('clip-path', 'url(#field)');
  for (const kind of ['cold', 'stove', 'warm']) {
    field.append('path').attr('class', kind).attr('d', d3.line((p) => x(p.grams), (p) => y(p[kind]))(points));
  }
  label(svg, points, x, y, 'cold', 'from the fridge', -10, high);
  label(svg, points, x, y, 'stove', 'at the stove', 18, high);
  minuteMarks(field, svg, points, x, y, high);

  if (drawing.target) {
    const t = drawing.target;
    const goal = svg.append('g');
    goal.append('line').attr('class', 'goal-line').attr('x1', x(t.grams)).attr('x2', x(t.grams)).attr('y1', y(t.warm)).attr('y2', bottom);
    if (t.high - t.low > 1) {
      goal.append('line').attr('class', 'goal-range').attr('x1', x(Math.min(first, t.high))).attr('x2', x(Math.max(last, t.low))).attr('y1', bottom - 3).attr('y2', bottom - 3);
    }
    goal.append('circle').attr('class', 'goal').attr('cx', x(t.grams)).attr('cy', y(t.warm)).attr('r', 11);
    const left = x(t.grams) > 640;
    goal.append('text').attr('class', 'goal-text').attr('x', x(t.grams) + (left ? -10 : 10)).attr('y', bottom - 14)
      .attr('text-anchor', left ? 'end' : 'start').text(`stop here: ${Math.round(t.grams)} g · ${Math.round(t.minutes)} min`);
  }
}

function label(svg, points, x, y, kind, words, dy, high) {
  const shown = points.filter((p) => p[kind] < high - 0.3);
  const at = shown[Math.floor(shown.length * 0.62)];
  if (at) {
    svg.append('text').attr('class', kind === 'stove' ? 'heat-text' : 'lab').attr('x', x(at.grams)).attr('y', y(at[kind]) + dy)
      .attr('text-anchor', dy < 0 ? 'end' : 'start').text(words);
  }
}

/** Dots along the curve at round minutes. */
function minuteMarks(field, svg, points, x, y, high) {
  const end = points[points.length - 1].minutes;
  const step = [5, 10, 15, 30, 60, 120, 240, 480].find((s) => end / s <= 6) ?? 960;
  for (let minutes = 0; minutes <= end; minutes += step) {
    const after = points.findIndex((p) => p.minutes >= minutes);
    const b = points[after];
    const a = points[Math.max(0, after - 1)];
    const part = b.minutes === a.minutes ? 0 : (minutes - a.minutes) / (b.minutes - a.minutes);
    const grams = a.grams + part * (b.grams - a.grams);
    const warm = a.warm + part * (b.warm - a.warm);
    if (warm > high) return;
    field.append('circle').attr('class', 'dot').attr('cx', x(grams)).attr('cy', y(warm)).attr('r', 4);
    svg.append('text').attr('class', 'tiny').attr('x', x(grams) - 7).attr('y', y(warm) - 9).attr('text-anchor', minutes ? 'end' : 'start').text(minutes ? `${minutes} min` : 'now');
  }
}
