/** The quick page: asks as the blanks are filled and draws two starches over each other. */
import { conditional, tellProblems } from './choices.js';
import { massTicks } from './units.js';

const form = /** @type {HTMLFormElement} */ (document.getElementById('asks'));
const place = document.getElementById('answers-place');
const NOT_ASKED = ['cook', 'timeZone', '_csrf'];
let asked = 0;
/** What was asked last; nothing after an answer that did not come. */
let question = '';

/** Where the question as it stands is answered. */
function address() {
  const fields = new URLSearchParams();
  for (const [name, value] of new FormData(form)) if (value !== '' && !NOT_ASKED.includes(name)) fields.append(name, String(value));
  return location.pathname + '?' + fields;
}

async function ask() {
  const wanted = address();
  // Leaving a blank tells of a change that was asked about as it was typed: a second answer would take the focus away.
  if (wanted === question) return;
  question = wanted;
  const mine = ++asked;
  history.replaceState(null, '', wanted);
  place.setAttribute('aria-busy', 'true');
  const answer = await fetch(wanted, { headers: { 'X-Fragment': 'quick' } }).catch(() => null);
  const answered = answer?.ok ? await answer.text().catch(() => null) : null;
  if (mine !== asked) return;
  place.removeAttribute('aria-busy');
  if (answer?.redirected) {
    location.assign(answer.url);
    return;
  }
  if (answered === null) {
    question = '';
    const sorry = document.createElement('p');
    sorry.className = 'wrong';
    sorry.setAttribute('role', 'alert');
    sorry.textContent = '▲ The server does not answer. What you typed is still here: change something to ask again.';
    place.replaceChildren(sorry);
    return;
  }
  place.innerHTML = answered;
  tellProblems(form, place);
  draw();
}

function draw() {
  const d3 = /** @type {any} */ (window).d3;
  const node = document.getElementById('curves');
  if (!node || !d3) return;
  const drawing = JSON.parse(node.dataset.drawing);
  const svg = d3.select(node);
  svg.selectAll('*').remove();
  const narrow = node.clientWidth < 620;
  const right = narrow ? 400 : 870;
  svg.attr('viewBox', narrow ? '0 0 424 340' : '0 0 900 340');
  const all = drawing.curves.flatMap((c) => c.points);
  const x = d3.scaleLinear([0, d3.max(all, (p) => p[0])], [52, right]);
  const y = d3.scaleLinear(
    [
      Math.floor(d3.min(all, (p) => p[1])),
      Math.ceil(
        Math.max(
          drawing.wanted + 0.3,
          d3.max(all, (p) => p[1]),
        ),
      ),
    ],
    [284, 14],
  );
  for (const grade of y.ticks(6).filter(Number.isInteger)) {
    svg.append('line').attr('class', 'grid').attr('x1', 52).attr('x2', right).attr('y1', y(grade)).attr('y2', y(grade));
    svg
      .append('text')
      .attr('class', 'lab')
      .attr('x', 42)
      .attr('y', y(grade) + 4)
      .attr('text-anchor', 'end')
      .text(grade);
  }
  svg.append('line').attr('class', 'axis').attr('x1', 52).attr('x2', right).attr('y1', 284).attr('y2', 284);
  for (const { grams, label } of massTicks(x, narrow ? 4 : 8))
    svg.append('text').attr('class', 'lab').attr('x', x(grams)).attr('y', 306).attr('text-anchor', 'middle').text(label);
  svg.append('text').attr('class', 'lab').attr('x', right).attr('y', 330).attr('text-anchor', 'end').text('starch powder →');
  svg
    .append('line')
    .attr('class', 'goal-line')
    .attr('x1', 52)
    .attr('x2', right)
    .attr('y1', y(drawing.wanted))
    .attr('y2', y(drawing.wanted));
  svg
    .append('text')
    .attr('class', 'goal-text')
    .attr('x', 60)
    .attr('y', y(drawing.wanted) - 7)
    .text(`wanted: grade ${drawing.wanted.toFixed(1)}`);
  drawing.curves.forEach((curve, i) => {
    svg
      .append('path')
      .attr('class', i ? 'second-starch' : 'warm')
      .attr(
        'd',
        d3.line(
          (p) => x(p[0]),
          (p) => y(p[1]),
        )(curve.points),
      );
    const at = curve.points[Math.floor(curve.points.length * (i ? 0.45 : 0.7))];
    svg
      .append('text')
      .attr('class', i ? 'heat-text halo' : 'b halo')
      .attr('x', x(at[0]) + 8)
      .attr('y', y(at[1]) + (i ? -12 : 22))
      .text(curve.name);
  });
}

for (const kind of ['input', 'change'])
  form.addEventListener(kind, () => {
    conditional(form);
    ask();
  });
// Enter in a blank asks; only a button puts it on.
form.addEventListener('keydown', (event) => {
  if (event.key !== 'Enter' || !(/** @type {HTMLElement} */ (event.target).matches('input'))) return;
  event.preventDefault();
  ask();
});
// An answer that is another question fills the blanks with it.
place.addEventListener('click', (event) => {
  const link = /** @type {HTMLElement} */ (event.target).closest('a[data-ask]');
  if (!link) return;
  event.preventDefault();
  for (const [name, value] of new URL(/** @type {HTMLAnchorElement} */ (link).href).searchParams) {
    const field = /** @type {HTMLInputElement | null} */ (form.elements.namedItem(name));
    if (field) field.value = value;
  }
  ask();
});
document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  if (/** @type {HTMLElement} */ (event.target).closest('input, select, textarea')) return;
  /** @type {HTMLElement | null} */ (form.querySelector(`.tabs [data-key="${CSS.escape(event.key)}"]`))?.click();
});
conditional(form);
draw();
