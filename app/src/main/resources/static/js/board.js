/**
 * Draws the board: yield across, grade up, the curve a sauce walks as it is reduced, and from the handle on it the lift
 * that a slurry gives. Every number and every word comes from the server with the curve; a drag asks nobody.
 */

const TOP = 14;
const BOTTOM = 420;

/** Under this width in px the board is drawn in a smaller space, so that its words stay readable. */
const NARROW = 620;

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
  const LEFT = narrow ? 34 : 62;
  const RIGHT = narrow ? 400 : 930;
  svg.attr('viewBox', narrow ? '0 0 424 530' : '0 0 980 470').classed('narrow', narrow);
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

  const top = y(Math.min(high, drawing.band.high));
  if (drawing.least) {
    const at = x(drawing.least.grams);
    add(svg, 'rect', { class: 'short', x: at, y: TOP, width: RIGHT + 20 - at, height: BOTTOM - TOP });
  }
  add(svg, 'rect', { class: 'band', x: LEFT, width: RIGHT + 20 - LEFT, y: top, height: y(drawing.band.low) - top });
  const bandRight = drawing.stop < 12;
  text(svg, bandRight ? RIGHT + 14 : LEFT + 8, top + 17, drawing.band.name, 'goal-text', bandRight ? 'end' : 'start');
  for (const grade of y.ticks(6).filter(Number.isInteger)) {
    add(svg, 'line', { class: 'grid', x1: LEFT, x2: RIGHT + 20, y1: y(grade), y2: y(grade) });
    text(svg, LEFT - 7, y(grade) + 4, grade, 'lab', 'end');
  }
  svg
    .append('text')
    .attr('class', 'lab')
    .attr('transform', `translate(${narrow ? 11 : 18} 230) rotate(-90)`)
    .attr('text-anchor', 'middle')
    .text(`grade ${drawing.servedName}`);
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
    text(
      svg,
      at + (right ? -8 : 8),
      TOP + 14,
      right ? `${drawing.least.words} ▸` : `◂ ${drawing.least.words}`,
      'goal-text',
      right ? 'end' : 'start',
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
    const at = shown[Math.floor(shown.length * 0.3)];
    if (at) text(field, x(at.g), y(at.served) - 8, pin.label, 'pin-name', 'middle');
  }
  for (const kind of ['cold', 'stove', 'served'])
    field
      .append('path')
      .attr('class', kind === 'served' ? 'warm' : kind)
      .attr('d', line(kind));
  label(points, 'cold', drawing.coldName, 'lab halo', -12, 0.42);
  const stoveName = label(points, 'stove', 'at the stove', 'heat-text halo', 20, 0.55);
  minuteMarks();
  for (const mark of drawing.marks) {
    const p = points[mark.at];
    if (p.served > high) continue;
    add(field, 'path', { class: 'limit', d: `M${x(p.g)} ${y(p.served) - 8} l8 14 h-16 z` });
    const inside = x(p.g) < RIGHT - 70;
    text(field, x(p.g) + (inside ? 13 : -13), y(p.served) + 5, mark.words, 'limit-text', inside ? 'start' : 'end');
  }

  function label(of, kind, words, cls, dy, part) {
    const shown = of.filter((p) => p[kind] < high - 0.3 && p[kind] > low);
    const at = shown[Math.floor(shown.length * part)];
    return at ? text(svg, x(at.g), y(at[kind]) + dy, words, cls, dy < 0 ? 'end' : 'start') : null;
  }

  /** Dots along the curve at round minutes. */
  function minuteMarks() {
    const timed = points.filter((p) => p.min !== null && p.served < high);
    const end = timed.length ? timed[timed.length - 1].min : 0;
    const step = [5, 10, 15, 30, 60, 120, 240, 480].find((s) => end / s <= (narrow ? 4 : 6)) ?? 960;
    for (let minutes = 0; minutes <= end; minutes += step) {
      const b = timed.find((p) => p.min >= minutes);
      add(field, 'circle', { class: 'dot', cx: x(b.g), cy: y(b.served), r: 4.5 });
      text(field, x(b.g) + (minutes ? 4 : 0), y(b.served) + 22, minutes ? `${minutes} min` : 'now', 'tiny');
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
      text(handle, cx + 16, (cy + to) / 2 + 4, 'blended', 'blend-text');
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
    // On a narrow board the words stand under it, where no curve crosses them.
    const right = narrow || cx < (LEFT + RIGHT) * 0.7;
    const side = right ? 'start' : 'end';
    const off = narrow ? LEFT : cx + (right ? 12 : -12);
    const down = narrow ? 120 : 0;
    text(handle, off, BOTTOM + down - 48, `stop here: ${p.stop}`, 'b halo', side);
    text(handle, off, BOTTOM + down - 29, p.dip, 'lab halo', side);
    text(handle, off, BOTTOM + down - 12, p.salt, 'tiny halo', side);
    plate(p);
    makeWay();
    if (quietly) return;
    held = true;
    to.moved(p, false);
  }

  /** The name of the curve at the stove goes where what the handle says does not stand on it. */
  function makeWay() {
    if (!stoveName) return;
    const said = handle
      .selectAll(':scope > text')
      .nodes()
      .map((node) => node.getBBox());
    const shown = points.filter((p) => p.stove < high - 0.3 && p.stove > low);
    for (const part of [0.55, 0.3, 0.12, 0.72]) {
      const at = shown[Math.floor(shown.length * part)];
      stoveName.attr('x', x(at.g)).attr('y', y(at.stove) + 20);
      const own = stoveName.node().getBBox();
      const clear = said.every(
        (box) =>
          own.x > box.x + box.width + 8 || own.x + own.width + 8 < box.x || own.y > box.y + box.height || own.y + own.height < box.y,
      );
      if (clear) return;
    }
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
