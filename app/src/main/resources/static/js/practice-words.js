/** What is seen in a pot, in a sentence made of the same numbers as the drawing. */
import { physics } from './practice-physics.js';

/** By radius in mm, up to which. */
const SIZES = [
  { to: 3.5, words: 'Small bubbles' },
  { to: 6, words: 'Bubbles like peas' },
  { to: 9, words: 'Glossy domes as wide as a fingertip' },
  { to: 13, words: 'Big bubbles as wide as a coin' },
  { to: Infinity, words: 'Bubbles as wide as a walnut' },
];

/** By activity, from off to a rolling boil. */
const WHERE = ['', '', ' now and then at the edge', '', ' all over, never still,', ' in a heaving crowd'];

const COUNTS = ['two', 'three', 'four', 'five', 'six', 'seven'];

function time(seconds) {
  if (seconds < 0.4) return 'a moment';
  if (seconds < 0.75) return 'half a second';
  if (seconds < 1.5) return 'a second';
  return `${COUNTS[Math.min(5, Math.round(seconds) - 2)]} seconds`;
}

function still(s, p) {
  if (p.skin > 0.35) return 'The surface lies still under a wrinkling skin';
  return s.activity ? 'Steam rises from a surface without bubbles' : 'The surface lies still';
}

/** What a bubble leaves when it has burst. */
function left(p, stand) {
  if (p.hold > 0.45 * p.R) return ' and leave holes that never quite close';
  if (p.closure > 0.25) return ` and leave holes that take ${time(p.closure)} to close`;
  if (p.ripple > 0.08) return ' and the surface trembles';
  return stand < 0.2 ? ' on a surface that rolls without ripples' : ' and leave no mark';
}

function bubbles(s, p) {
  if (p.fixed > 0.8) return 'A few vents puff slowly at fixed places and the holes they blow stay open';
  const stand = p.life - 0.8 * s.foaming;
  const burst = stand < 0.2 ? ' burst at once' : stand < 0.7 ? ' stand a moment before they break' : ` swell for ${time(stand)}`;
  return SIZES.find((size) => p.R * 1e3 < size.to).words + WHERE[s.activity] + burst + left(p, stand);
}

/** The state of a pot in words. */
export function describe(s, p = physics(s)) {
  const said = [p.U ? bubbles(s, p) : still(s, p)];
  if (p.foam > 0.006) said.push(s.level + p.foam * 1e3 > s.rim ? 'foam climbs over the rim' : 'foam rises up the wall');
  if (p.hold > 0.003) said.push(`the spoon leaves a furrow${p.hold * 1e3 > 0.8 * s.level ? ' down to the pan' : ''}`);
  if (p.U && p.spatter * 1e3 > s.rim - s.level) said.push('it spits over the rim');
  if (p.catching > 0.05) said.push('dark patches and a scorched smell: it is catching');
  if (s.lumps > 0.1) said.push('lumps swim in it');
  if (s.split > 0.5) said.push('it has split');
  return `${said.join('; ')}.`;
}
