import { DRAWINGS } from './drawings';

/** Outlines other than stars that ratings are counted in: a drawing filled and one in lines each. */
const SHAPES = ['leaf', 'petal', 'seed', 'dot'];

/**
 * The rule that makes a nod count in another shape than stars, or in a picture of the shop's own, at
 * its address; none for a shape that there is not.
 */
export function shapeRule(name: string): string {
  if (/^https?:/.test(name)) return pictureRule(name);
  const drawing = `${DRAWINGS}${name}`;
  return SHAPES.includes(name)
    ? `:host{--nod-shape:url(${drawing}.svg);--nod-shape-line:url(${drawing}-line.svg)}`
    : '';
}

/** A picture keeps its colours; where it is not reached, it is pale and grey. */
const pictureRule = (address: string) =>
  `.stars::before,.stars::after{background:url(${JSON.stringify(address)}) 0 0/1em 1em repeat-x;` +
  `-webkit-mask:none;mask:none}.stars::before{filter:grayscale(1);opacity:.3}` +
  `:host([dir='rtl']) .stars::before,:host([dir='rtl']) .stars::after{background-position:100% 0}`;
