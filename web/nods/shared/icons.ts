import { el } from '../../script/lib/create-element';

const PATHS = {
  verified:
    'M4.5 9.500h15l-1 10h-13zM8.500 9.500V8a3.500 3.500 0 0 1 7 0v1.500M8.800 14l2.300 2.300 4.100-4.300',
  elsewhere:
    'M4 10.500L5.500 5h13L20 10.500M4 10.500a2.600 2.600 0 0 0 5.300 0 2.700 2.700 0 0 0 5.400 0 2.600 2.600 0 0 0 5.300 0M5.500 13.500V20h13v-6.500',
  angle: 'M9.500 5.500L16 12l-6.500 6.500',
  shaft: 'M4.500 12h15M13.500 6l6 6-6 6',
};

export type IconName = keyof typeof PATHS;

/** A small drawn mark; the word beside it says the same. */
export function icon(name: IconName): SVGElement {
  return drawn(PATHS[name]);
}

/** A line drawing in the colour of the words, from path data in a field of 24 by 24. */
export function drawn(path: string): SVGElement {
  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
  svg.setAttribute('viewBox', '0 0 24 24');
  svg.setAttribute('aria-hidden', 'true');
  svg.setAttribute('class', 'icon');
  const line = document.createElementNS('http://www.w3.org/2000/svg', 'path');
  line.setAttribute('d', path);
  svg.append(line);
  return svg;
}

/** A picture of the shop's own in an icon's place. */
export function picture(address: string): HTMLElement {
  return el('img', { class: 'icon', alt: '', src: address });
}

/** The outline of a drawing, an emoji, or a picture at its address; the words beside it say the same. */
export function markOf(text: string): Element {
  return /^https?:/.test(text)
    ? picture(text)
    : /^M[\d. ]/.test(text)
      ? drawn(text)
      : el('span', { class: 'icon', 'aria-hidden': true }, text);
}
