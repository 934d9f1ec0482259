/** What the shop's own page is drawn in, as the browser computed it. */
export interface Brand {
  values: Record<string, string>;
}

/** Reads colours, font, corner and sizes off the page. */
export function brandOf(): Brand {
  const main = document.querySelector('main') ?? document.body;
  const words = getComputedStyle(main);
  const heading = document.querySelector('h1, h2');
  const button = document.querySelector('main button, main [type="submit"], button');
  const soft = main.querySelector('p small, figcaption, time');
  const values: Record<string, string | undefined> = {
    ink: hex(words.color),
    ground: ground(main),
    accent: button ? (hex(getComputedStyle(button).backgroundColor) ?? undefined) : undefined,
    'ink-soft': soft ? hex(getComputedStyle(soft).color) : undefined,
    corner: button ? pixels(getComputedStyle(button).borderTopLeftRadius, 40) : undefined,
    size: pixels(words.fontSize, 40),
    line: heading ? undefined : hex(words.borderTopColor),
  };
  return {
    values: Object.fromEntries(
      Object.entries(values).filter((entry): entry is [string, string] => !!entry[1]),
    ),
  };
}

/** The first ground that is not see-through, from an element upwards; white paper at last. */
function ground(element: Element): string {
  for (let one: Element | null = element; one; one = one.parentElement) {
    const found = hex(getComputedStyle(one).backgroundColor);
    if (found) return found;
  }
  return '#ffffff';
}

/** A computed colour as #rrggbb; none for one that is see-through. */
function hex(colour: string): string | undefined {
  const paper = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
  if (!paper) return undefined;
  paper.fillStyle = colour;
  paper.fillRect(0, 0, 1, 1);
  const [red = 0, green = 0, blue = 0, alpha = 0] = paper.getImageData(0, 0, 1, 1).data;
  if (alpha < 250) return undefined;
  return `#${[red, green, blue].map((part) => part.toString(16).padStart(2, '0')).join('')}`;
}

function pixels(length: string, most: number): string | undefined {
  const value = Math.round(parseFloat(length));
  return Number.isFinite(value) ? String(Math.min(most, Math.max(0, value))) : undefined;
}
