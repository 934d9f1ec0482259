/** Outlines that ratings are counted in, each in a field of 24 by 24. */
const PATHS: Record<string, string> = {
  leaf: 'M4.500 19.500c-1-8 4-14.500 15-15 0 10-5 16-12.500 13.500z',
  petal:
    'M12 4c2 0 3 1.500 2.700 3.300C16.500 6.500 18.500 7 19 9c.6 2-.8 3.300-2.600 3.600 1.300 1.300 1.500 3.200-.1 4.500-1.600 1.200-3.300.5-4.300-1.100-1 1.600-2.700 2.300-4.300 1.100-1.600-1.300-1.400-3.200-.1-4.500C5.800 12.300 4.400 11 5 9c.5-2 2.500-2.500 4.300-1.700C9 5.500 10 4 12 4z',
  seed: 'M12 3.500c4 4 5.500 8 5.500 11a5.500 5.500 0 0 1-11 0c0-3 1.500-7 5.500-11z',
  dot: 'M12 4.500a7.500 7.500 0 1 1 0 15 7.500 7.500 0 0 1 0-15z',
};

const drawing = (path: string, fill: string) =>
  `url("data:image/svg+xml,${encodeURIComponent(
    `<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 24 24'><path d='${path}' fill='${fill}' stroke='#000' stroke-width='1.5' stroke-linejoin='round'/></svg>`,
  )}")`;

/**
 * The rule that makes a nod count in another shape than stars, or in a picture of the shop's own, at
 * its address; none for a shape that there is not.
 */
export function shapeRule(name: string): string {
  if (/^https?:/.test(name)) return pictureRule(name);
  const path = PATHS[name];
  return path
    ? `:host{--nod-shape:${drawing(path, '#000')};--nod-shape-line:${drawing(path, 'none')}}`
    : '';
}

/** A picture keeps its colours; where it is not reached, it is pale and grey. */
const pictureRule = (address: string) =>
  `.stars::before,.stars::after{background:url(${JSON.stringify(address)}) 0 0/1em 1em repeat-x;` +
  `-webkit-mask:none;mask:none}.stars::before{filter:grayscale(1);opacity:.3}` +
  `:host([dir='rtl']) .stars::before,:host([dir='rtl']) .stars::after{background-position:100% 0}`;
