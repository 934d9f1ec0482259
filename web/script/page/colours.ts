type Rgb = [number, number, number];

/** What can be read on what, where the shop sets no colours of ours: taken from the page. */
export interface PageColours {
  ink: string;
  ground: string;
  star: string;
}

const WHITE: Rgb = [255, 255, 255];
const BLACK: Rgb = [0, 0, 0];
/** WCAG 2.2, success criterion 1.4.3. */
const READABLE = 4.5;
const STAR_ON_LIGHT = '#8a5a00';
const STAR_ON_DARK = '#e9b44c';

/** Says what they are, for a nod of a shop that sets no colours of ours. */
export function colourBy({ ink, ground, star }: PageColours, { style }: HTMLElement): void {
  style.setProperty('--page-ink', ink);
  style.setProperty('--page-ground', ground);
  style.setProperty('--page-star', star);
}

/** The colours around an element: its words', and those of the ground that they stand on. */
export function coloursAround(element: Element): PageColours {
  const words = parsed(getComputedStyle(element).color);
  const ground = groundOf(element) ?? (words && luminance(words) > 0.5 ? BLACK : WHITE);
  const ink =
    words && contrast(words, ground) >= READABLE
      ? words
      : contrast(BLACK, ground) >= contrast(WHITE, ground)
        ? BLACK
        : WHITE;
  return {
    ink: css(ink),
    ground: css(ground),
    star: luminance(ground) > 0.18 ? STAR_ON_LIGHT : STAR_ON_DARK,
  };
}

function groundOf(element: Element): Rgb | undefined {
  for (let at: Element | null = element; at; at = at.parentElement) {
    const { backgroundColor } = getComputedStyle(at);
    const opaque = /^rgba\(.*,\s*(0|0?\.\d+)\)$/.test(backgroundColor)
      ? undefined
      : backgroundColor;
    const colour = opaque && parsed(opaque);
    if (colour) return colour;
  }
  return undefined;
}

function parsed(colour: string): Rgb | undefined {
  const parts = /^rgba?\((\d+),\s*(\d+),\s*(\d+)/.exec(colour);
  return parts ? [Number(parts[1]), Number(parts[2]), Number(parts[3])] : undefined;
}

const css = (colour: Rgb) => `rgb(${colour.join(' ')})`;

/** Relative luminance (WCAG 2.2). */
function luminance(colour: Rgb): number {
  const [red, green, blue] = colour.map((part) => {
    const share = part / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as Rgb;
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}

function contrast(one: Rgb, other: Rgb): number {
  const [lighter, darker] = [luminance(one), luminance(other)].sort((a, b) => b - a) as [
    number,
    number,
  ];
  return (lighter + 0.05) / (darker + 0.05);
}
