/**
 * Places the words of a drawing so that they avoid each other, the curves and the edge: each label names the places where it
 * could stand, the best first, and takes the one that costs least.
 *
 * @typedef {{x: number, y: number, width: number, height: number}} Box
 * @typedef {{x: number, y: number, anchor?: 'start' | 'middle' | 'end'}} Place
 * @typedef {{node: SVGTextElement, places: Place[], optional?: boolean}} Label
 */

const GAP = 3;

/** @param {Box} a @param {Box} b @param {number} gap */
function meets(a, b, gap = GAP) {
  return a.x < b.x + b.width + gap && b.x < a.x + a.width + gap && a.y < b.y + b.height + gap && b.y < a.y + a.height + gap;
}

/** Where a text of this size stands at a place. @param {Box} size @param {Place} place @returns {Box} */
function boxAt(size, place) {
  const left = place.anchor === 'end' ? size.width : place.anchor === 'middle' ? size.width / 2 : 0;
  return { x: place.x - left, y: place.y + size.y, width: size.width, height: size.height };
}

/** How a text lies about its own origin. @param {SVGTextElement} node @returns {Box} */
function sizeOf(node) {
  node.removeAttribute('display');
  node.setAttribute('x', '0');
  node.setAttribute('y', '0');
  node.setAttribute('text-anchor', 'start');
  const box = node.getBBox();
  return { x: 0, y: box.y, width: box.width, height: box.height };
}

/**
 * @param {Label[]} labels the most important first
 * @param {{taken: Box[], curves: {x: number, y: number}[], edge: Box}} around what stands already, points of the curves, and
 *   where the drawing ends
 * @returns {Box[]} where they came to stand
 */
export function placeLabels(labels, { taken, curves, edge }) {
  const boxes = [];
  for (const { node, places, optional } of labels) {
    const size = sizeOf(node);
    let best = null;
    for (const place of places) {
      const box = boxAt(size, place);
      const out =
        box.x < edge.x || box.y < edge.y || box.x + box.width > edge.x + edge.width || box.y + box.height > edge.y + edge.height;
      const hit = [...taken, ...boxes].some((other) => meets(box, other));
      const crossed = curves.filter((p) => p.x > box.x && p.x < box.x + box.width && p.y > box.y && p.y < box.y + box.height).length;
      const cost = (out ? 1000 : 0) + (hit ? 500 : 0) + crossed;
      if (!best || cost < best.cost) best = { place, box, cost };
      if (cost === 0) break;
    }
    if (!best || (best.cost >= 500 && optional)) {
      node.setAttribute('display', 'none');
      continue;
    }
    node.setAttribute('x', String(best.place.x));
    node.setAttribute('y', String(best.place.y));
    node.setAttribute('text-anchor', best.place.anchor ?? 'start');
    boxes.push(best.box);
  }
  return boxes;
}

/** The boxes of texts that stand where they are. @param {Iterable<SVGGraphicsElement>} nodes @returns {Box[]} */
export const boxesOf = (nodes) => [...nodes].map((node) => node.getBBox()).map(({ x, y, width, height }) => ({ x, y, width, height }));
