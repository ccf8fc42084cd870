/**
 * Draws the board: yield across, grade up, the curve a sauce walks as it is reduced, and from the handle on it the lift
 * that a slurry gives. Every number and every word comes from the server with the curve; a drag asks nobody.
 */

import { boxesOf, placeLabels } from './labels.js';

const TOP = 14;
const BOTTOM = 420;

/** Under this width in px the board is drawn in a smaller space, so that its words stay readable. */
const NARROW = 620;

/** Minutes as people say them. @param {number} minutes */
function time(minutes) {
  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h${minutes % 60 ? ' ' + (minutes % 60) : ''}`;
}

/**
 * @param {SVGSVGElement} node
 * @param {any} drawing
 * @param {{pinned: {label: string, drawing: any}[], moved: (point: any, settled: boolean) => void}} to
 */
export function drawBoard(node, drawing, to) {
  const d3 = /** @type {any} */ (window).d3;
  const points = drawing.points;
  const svg = d3.select(node);
  svg.selectAll('*').remove();
  const narrow = node.clientWidth < NARROW;
  const LEFT = narrow ? 84 : 176;
  const RIGHT = narrow ? 400 : 930;
  svg.attr('viewBox', narrow ? '0 0 424 554' : '0 0 980 470').classed('narrow', narrow);
  const first = points[0].g;
  const last = points[points.length - 1].g;
  const low = Math.floor(2 * Math.min(drawing.band.low, points[0].stove, points[0].served) - 0.4) / 2;
  const high = Math.min(8.4, Math.max(drawing.band.high + 0.9, Math.min(7.6, points[points.length - 1].served)));
  const x = d3.scaleLinear([first, last], [LEFT + 12, RIGHT]);
  const y = d3.scaleLinear([low, high], [BOTTOM, TOP]);
  const add = (within, what, attributes) => {
    const made = within.append(what);
    for (const [name, value] of Object.entries(attributes)) made.attr(name, value);
    return made;
  };
  const text = (within, at, up, words, cls, anchor = 'start') =>
    add(within, 'text', { x: at, y: up, class: cls, 'text-anchor': anchor }).text(words);
  add(svg.append('clipPath').attr('id', 'field'), 'rect', {
    x: LEFT,
    y: TOP - 8,
    width: RIGHT - LEFT + 22,
    height: BOTTOM - TOP + 8,
  });

  /** Words that find their own place, the most important first, and points that they keep off. */
  const labels = [];
  const curves = [];
  const top = y(Math.min(high, drawing.band.high));
  if (drawing.least) {
    const at = x(drawing.least.grams);
    add(svg, 'rect', { class: 'short', x: at, y: TOP, width: RIGHT + 20 - at, height: BOTTOM - TOP });
  }
  add(svg, 'rect', { class: 'band', x: LEFT, width: RIGHT + 20 - LEFT, y: top, height: y(drawing.band.low) - top });
  for (const grade of y.ticks(6).filter(Number.isInteger)) {
    add(svg, 'line', { class: 'grid', x1: LEFT, x2: RIGHT + 20, y1: y(grade), y2: y(grade) });
    text(svg, LEFT - 7, y(grade) + 4, grade, 'lab', 'end');
  }
  thicknessAxis();
  add(svg, 'line', { class: 'axis', x1: LEFT, x2: RIGHT + 20, y1: BOTTOM, y2: BOTTOM });
  for (const amount of d3.ticks(first / drawing.per, last / drawing.per, narrow ? 4 : 8)) {
    const at = x(amount * drawing.per);
    add(svg, 'line', { class: 'tick', x1: at, x2: at, y1: BOTTOM, y2: BOTTOM + 6 });
    text(svg, at, BOTTOM + 23, `${amount} ${drawing.unit}`, 'lab', 'middle');
  }
  text(svg, RIGHT + 20, BOTTOM + 46, 'yield, less as it walks →', 'lab', 'end');
  if (drawing.least) {
    const at = x(drawing.least.grams);
    add(svg, 'line', { class: 'least', x1: at, x2: at, y1: TOP, y2: BOTTOM });
    const right = at > (LEFT + RIGHT) / 2;
    label(
      right ? `${drawing.least.words} ▸` : `◂ ${drawing.least.words}`,
      'goal-text',
      [14, 34, 54, BOTTOM - 60].map((up) => ({ x: at + (right ? -8 : 8), y: TOP + up, anchor: right ? 'end' : 'start' })),
    );
  }

  const field = svg.append('g').attr('clip-path', 'url(#field)');
  const line = (kind, of = points) =>
    d3.line(
      (p) => x(p.g),
      (p) => y(p[kind]),
    )(of);
  field
    .append('path')
    .attr('class', 'doubt')
    .attr(
      'd',
      d3.area(
        (p) => x(p.g),
        (p) => y(p.low),
        (p) => y(p.high),
      )(points),
    );
  for (const pin of to.pinned) {
    field.append('path').attr('class', 'pinned').attr('d', line('served', pin.drawing.points));
    const shown = pin.drawing.points.filter((p) => p.g <= first && p.g >= last && p.served < high);
    along(shown, 'served', pin.label, 'pin-name', [0.3, 0.5, 0.15, 0.7, 0.85]);
  }
  for (const kind of ['cold', 'stove', 'served'])
    field
      .append('path')
      .attr('class', kind === 'served' ? 'warm' : kind)
      .attr('d', line(kind));
  for (const kind of ['cold', 'stove', 'served']) for (const p of points) if (p[kind] <= high) curves.push({ x: x(p.g), y: y(p[kind]) });
  label(
    drawing.band.name,
    'goal-text',
    [top + 17, y(drawing.band.low) - 7, top - 6, y(drawing.band.low) + 17].flatMap((up) => [
      { x: LEFT + 8, y: up },
      { x: RIGHT + 14, y: up, anchor: 'end' },
      { x: (LEFT + RIGHT) / 2, y: up, anchor: 'middle' },
    ]),
  );
  along(points, 'stove', 'at the stove', 'heat-text halo', [0.55, 0.3, 0.72, 0.12, 0.85]);
  along(points, 'cold', drawing.coldName, 'lab halo', [0.42, 0.6, 0.25, 0.8, 0.1], true);
  for (const mark of drawing.marks) {
    const p = points[mark.at];
    if (p.served > high) continue;
    const [cx, cy] = [x(p.g), y(p.served)];
    add(field, 'path', { class: 'limit', d: `M${cx} ${cy - 8} l8 14 h-16 z` });
    curves.push({ x: cx, y: cy }, { x: cx - 8, y: cy + 6 }, { x: cx + 8, y: cy + 6 });
    label(mark.words, 'limit-text', [
      { x: cx + 13, y: cy + 5 },
      { x: cx - 13, y: cy + 5, anchor: 'end' },
      { x: cx + 13, y: cy + 24 },
      { x: cx - 13, y: cy - 12, anchor: 'end' },
      { x: cx + 13, y: cy + 42 },
      { x: cx - 13, y: cy - 30, anchor: 'end' },
      ...[-12, -30, -48, 24, 42].map((up) => ({ x: LEFT + 6, y: cy + up })),
      ...[-12, -30, -48].map((up) => ({ x: RIGHT + 16, y: cy + up, anchor: 'end' })),
    ]);
  }
  minuteMarks();
  const fixed = boxesOf(svg.selectAll(':scope > text:not([data-placed])').nodes());

  /** Words that are placed with all the others. */
  function label(words, cls, places, optional = false) {
    const node = svg.append('text').attr('class', cls).attr('data-placed', '').text(words).node();
    labels.push({ node, places, optional });
  }

  /** The name of a curve, at one of these parts of its length, above or below it. */
  function along(of, kind, words, cls, parts, optional = false) {
    const shown = of.filter((p) => p[kind] < high - 0.3 && p[kind] > low);
    if (!shown.length) return;
    label(
      words,
      cls,
      parts.flatMap((part) => {
        const at = shown[Math.floor(shown.length * part)];
        return [
          { x: x(at.g) + 6, y: y(at[kind]) + 22 },
          { x: x(at.g) - 6, y: y(at[kind]) - 10, anchor: 'end' },
          { x: x(at.g) + 10, y: y(at[kind]) + 40 },
          { x: x(at.g) - 10, y: y(at[kind]) - 28, anchor: 'end' },
        ];
      }),
      optional,
    );
  }

  /** What each stretch of grades looks like, in words and as a spoon, beside the numbers. */
  function thicknessAxis() {
    const spoons = document.querySelectorAll('[data-look] svg');
    for (const look of drawing.looks) {
      const from = Math.max(low, look.from);
      const to = Math.min(high, look.to);
      if (to - from < 0.35) continue;
      const middle = (y(from) + y(to)) / 2;
      if (look.from > low)
        add(svg, 'line', { class: 'look-edge', x1: narrow ? 2 : 8, x2: LEFT - 22, y1: y(look.from), y2: y(look.from) });
      const lines = narrow ? [look.short] : look.words.split(/, | (?=on the )/);
      const at = narrow ? 2 : 46;
      lines.forEach((words, i) => text(svg, at, middle + 4 + (i - (lines.length - 1) / 2) * 15, words, narrow ? 'tiny' : 'lab'));
      const spoon = narrow ? null : /** @type {SVGElement | undefined} */ (spoons[look.index]?.cloneNode(true));
      if (!spoon || y(from) - y(to) < 44) continue;
      for (const [name, value] of Object.entries({ x: 12, y: middle - 22, width: 24, height: 44 }))
        spoon.setAttribute(name, String(value));
      svg.node().append(spoon);
    }
    text(svg, narrow ? 2 : 8, BOTTOM + 23, narrow ? 'grade' : `grade ${drawing.servedName}`, narrow ? 'tiny' : 'lab');
  }

  /** Dots along the curve at round minutes. */
  function minuteMarks() {
    const timed = points.filter((p) => p.min !== null && p.served < high);
    const end = timed.length ? timed[timed.length - 1].min : 0;
    const step = [5, 10, 15, 30, 60, 120, 240, 480].find((s) => end / s <= (narrow ? 4 : 6)) ?? 960;
    for (let minutes = 0; minutes <= end; minutes += step) {
      const b = timed.find((p) => p.min >= minutes);
      const [cx, cy] = [x(b.g), y(b.served)];
      add(field, 'circle', { class: 'dot', cx, cy, r: 4.5 });
      label(
        minutes ? time(minutes) : 'now',
        'tiny',
        [
          { x: cx + 4, y: cy + 22 },
          { x: cx - 6, y: cy - 10, anchor: 'end' },
          { x: cx + 10, y: cy + 12 },
          { x: cx, y: cy - 14, anchor: 'middle' },
          { x: cx + 14, y: cy + 34 },
        ],
        true,
      );
    }
  }

  const handle = svg.append('g').attr('class', 'at-handle');
  const grip = svg
    .append('g')
    .attr('class', 'grip')
    .attr('tabindex', 0)
    .attr('role', 'slider')
    .attr('aria-label', 'Where to stop reducing')
    .attr('aria-valuemin', 0)
    .attr('aria-valuemax', points.length - 1);
  grip.append('circle').attr('class', 'reach').attr('r', 26);
  grip.append('circle').attr('class', 'handle').attr('r', 13);
  let now = drawing.stop;
  /** Whether the handle is in a hand, or was moved and has not come to rest. */
  let held = false;
  place(now, true);

  /** @param {number} index @param {boolean} quietly */
  function place(index, quietly = false) {
    now = Math.max(0, Math.min(points.length - 1, index));
    const p = points[now];
    const cx = x(p.g);
    const cy = y(Math.min(high, p.served));
    grip
      .attr('transform', `translate(${cx} ${cy})`)
      .attr('aria-valuenow', now)
      .attr('aria-valuetext', [p.stop, p.dip, p.lift, p.water, p.leaves, p.salt].filter(Boolean).join(', '));
    handle.selectAll('*').remove();
    const goal = y(drawing.band.aim);
    const toLeft = cx > (LEFT + RIGHT) * 0.56;
    if (drawing.blends && p.blended - p.served > 0.12) {
      const to = y(Math.min(high, p.blended));
      add(handle, 'path', { class: 'blend', d: `M${cx + 7} ${cy - 12} V${to + 4} m-5 8 l5 -9 l5 9` });
      if (cy - to > 34) text(handle, cx + 16, (cy + to) / 2 + 4, 'blended', 'blend-text');
    }
    if (p.lift && cy - goal > 12) {
      add(handle, 'path', { class: 'lift', d: `M${cx} ${cy - 14} V${goal + 12}` });
      add(handle, 'path', { class: 'lift-head', d: `M${cx} ${goal} l9 15 h-18 z` });
      const box = handle.append('g').attr('class', 'box');
      const wide = 24 + 7.6 * Math.max(p.lift.length, p.water.length + 1, p.leaves.length);
      const bx = Math.max(LEFT + 4, Math.min(RIGHT - wide, toLeft || cx - wide - 22 > LEFT ? cx - wide - 20 : cx + 22));
      const by = Math.max(TOP + 4, (cy + goal) / 2 - 36);
      add(box, 'rect', { x: bx, y: by, width: wide, height: 70, rx: 8 });
      text(box, bx + 12, by + 22, p.lift, 'b');
      text(box, bx + 12, by + 41, p.water, 'lab');
      text(box, bx + 12, by + 59, p.leaves, 'lab');
    }
    add(handle, 'line', { class: 'drop', x1: cx, x2: cx, y1: cy + 14, y2: BOTTOM });
    say(p, cx, cy);
    plate(p);
    placeLabels(labels, {
      taken: [...fixed, ...handleBoxes(), { x: cx - 15, y: cy - 15, width: 30, height: 30 }],
      curves,
      edge: { x: 0, y: 0, width: RIGHT + 24, height: narrow ? 554 : 470 },
    });
    if (quietly) return;
    held = true;
    to.moved(p, false);
  }

  /**
   * What stopping here means: beside the line down, or where fewer curves cross it; on a narrow board under it.
   */
  function say(p, cx, cy) {
    const lines = [
      text(handle, 0, 0, `stop here: ${p.stop}`, 'b halo'),
      text(handle, 0, 0, p.dip, 'lab halo'),
      text(handle, 0, 0, p.salt, 'tiny halo'),
    ];
    const wide = Math.max(...lines.map((line) => line.node().getBBox().width));
    const tall = 52;
    const box = handle.select('.box rect');
    const inTheWay = box.empty() ? [] : [box.node().getBBox()];
    const places = narrow
      ? [{ left: 2, up: BOTTOM + 76 }]
      : [BOTTOM - 58, cy + 26, cy - tall - 22, TOP + 120, TOP + 10].flatMap((up) => [
          { left: cx + 14, up },
          { left: cx - 14 - wide, up },
        ]);
    const covers = (o, left, up) => left < o.x + o.width + 6 && left + wide > o.x - 6 && up < o.y + o.height + 6 && up + tall > o.y - 6;
    const cost = ({ left, up }) =>
      (left < LEFT + 2 || left + wide > RIGHT + 22 || up < TOP || (!narrow && up + tall > BOTTOM + 8) ? 1000 : 0) +
      (inTheWay.some((o) => left < o.x + o.width + 6 && left + wide > o.x - 6 && up < o.y + o.height + 6 && up + tall > o.y - 6)
        ? 500
        : 0) +
      4 * curves.filter((c) => c.x > left && c.x < left + wide && c.y > up - 4 && c.y < up + tall).length;
    const best = narrow ? places[0] : places.reduce((a, b) => (cost(b) < cost(a) ? b : a));
    lines.forEach((line, i) => line.attr('x', best.left).attr('y', best.up + [13, 32, 49][i]));
  }

  /** What the handle says, in the drawing's own space: the plate stands in one of its own. */
  function handleBoxes() {
    return handle
      .selectAll('text, .box rect, .rim')
      .nodes()
      .map((part) => {
        const box = part.getBBox();
        const moved = part.closest('.plate') ? { x: LEFT + 58, y: TOP + 48 } : { x: 0, y: 0 };
        return { x: box.x + moved.x, y: box.y + moved.y, width: box.width, height: box.height };
      });
  }

  /** How it spreads on a plate at the stove, to scale, where the board has room for it. */
  function plate(p) {
    if (narrow || top < TOP + 104) return;
    const cm = 4.6;
    const at = svg
      .select('.at-handle')
      .append('g')
      .attr('class', 'plate')
      .attr('transform', `translate(${LEFT + 58} ${TOP + 48})`);
    add(at, 'circle', { class: 'rim', r: 44 });
    add(at, 'circle', { class: 'puddle', r: (p.plate / 2) * cm });
    text(at, 58, -18, 'At the stove, where you stop', 'b small-b');
    const [spoon, spread] = p.looks.split('; ');
    text(at, 58, 2, spoon, 'lab');
    text(at, 58, 20, spread, 'lab');
  }

  const rest = () => {
    held = false;
    to.moved(points[now], true);
  };
  const nearest = (event) => {
    const [px] = d3.pointer(event, node);
    const grams = x.invert(px);
    let best = 0;
    points.forEach((p, i) => {
      if (Math.abs(p.g - grams) < Math.abs(points[best].g - grams)) best = i;
    });
    return best;
  };
  let dragging = false;
  grip.on('pointerdown', (event) => {
    dragging = held = true;
    grip.node().setPointerCapture(event.pointerId);
    event.preventDefault();
    grip.node().focus();
  });
  grip.on('pointermove', (event) => {
    if (dragging) place(nearest(event));
  });
  const stop = () => {
    if (dragging) {
      dragging = false;
      rest();
    }
  };
  grip.on('pointerup', stop).on('pointercancel', stop);
  grip.on('keydown', (event) => {
    const step = {
      ArrowRight: 1,
      ArrowUp: 1,
      ArrowLeft: -1,
      ArrowDown: -1,
      PageUp: 10,
      PageDown: -10,
      Home: -1e6,
      End: 1e6,
    }[event.key];
    if (!step) return;
    event.preventDefault();
    place(now + step);
  });
  grip.on('keyup', (event) => {
    if (/^(Arrow|Page|Home|End)/.test(event.key)) rest();
  });
  grip.on('blur', () => {
    if (held && !dragging) rest();
  });
  return { held: () => held, focus: () => grip.node().focus(), point: () => points[now] };
}
