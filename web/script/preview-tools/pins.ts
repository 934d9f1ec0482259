const PINS = 'nodyes-pins';
const PLUM = '#6A2C5A';

/** A small flag whose stem stands on a nod's left edge; as large on the screen at any scale. */
const FLAG =
  'position:absolute;box-sizing:border-box;min-width:20px;height:19px;padding:0 4px;margin:0;' +
  `border:1px solid ${PLUM};border-radius:3px 3px 0 3px;background:#FFFDF8;color:${PLUM};` +
  'font:700 13px/17px sans-serif;text-align:center;cursor:pointer;transform-origin:0 0;';
const STEM = `position:absolute;right:-1px;top:100%;height:7px;border-right:1px solid ${PLUM}`;
const PINNED_LEFT = 19;
const PINNED_ABOVE = 4;

/** How large the frame is drawn on the owner's screen. */
let scale = 1;

function nodElements(): HTMLElement[] {
  // what keeps silent is not shown, though its line is kept
  return [...document.querySelectorAll<HTMLElement>('nod-yes:not([data-silent])')];
}

/**
 * Numbers count nods, not places: one nod on twelve cards has one number twelve times. The nods in
 * the order of their numbers.
 */
export function pin(
  onPick: (nod: string) => void,
  onHover: (nod: string | undefined) => void,
): string[] {
  let layer = document.getElementById(PINS);
  if (!layer) {
    layer = document.createElement('div');
    layer.id = PINS;
    layer.style.cssText = 'position:absolute;inset:0 auto auto 0;z-index:2147483000';
    document.body.append(layer);
  }
  const numbers = new Map<string, number>();
  layer.replaceChildren(
    ...nodElements().map((element) => {
      const nod = element.dataset['nod'] ?? '';
      if (!numbers.has(nod)) numbers.set(nod, numbers.size + 1);
      const box = element.getBoundingClientRect();
      const button = document.createElement('button');
      const stem = document.createElement('i');
      button.append(String(numbers.get(nod)), stem);
      button.setAttribute('aria-label', `Nod ${numbers.get(nod)}`);
      button.dataset['nod'] = nod;
      button.style.cssText = `${FLAG}transform:scale(${1 / scale});`;
      stem.style.cssText = STEM;
      button.style.left = `${Math.max(0, box.left + scrollX - PINNED_LEFT / scale)}px`;
      button.style.top = `${box.top + scrollY - PINNED_ABOVE / scale}px`;
      button.hidden = box.height === 0;
      button.onclick = () => onPick(nod);
      button.onmouseenter = button.onfocus = () => onHover(nod);
      button.onmouseleave = button.onblur = () => onHover(undefined);
      return button;
    }),
  );
  outline();
  return [...numbers.keys()];
}

/** By how much what is drawn onto the page is to be larger than it shall look. */
export const enlarged = () => 1 / scale;

/** Takes the numbers and edges away. */
export function unpin(): void {
  document.getElementById(PINS)?.remove();
  for (const element of nodElements()) element.style.outline = 'none';
}

/** Takes how large the frame is drawn, so that the flags can be read. */
export function drawnAt(now: number): void {
  scale = Math.min(1, Math.max(0.1, now));
}

/** Shows which nod is meant, and brings it into sight where it is opened; none for none. */
export function mark(nod: string | undefined, opened = false): void {
  const layer = document.getElementById(PINS);
  if (layer) {
    if (nod) layer.dataset['marked'] = nod;
    else delete layer.dataset['marked'];
  }
  outline();
  const element = nodElements().find((one) => one.dataset['nod'] === nod);
  const box = element?.getBoundingClientRect();
  if (opened && box && (box.top < 0 || box.top > innerHeight * 0.7))
    // scrollIntoView would scroll what holds the frame as well
    window.scrollTo({ top: box.top + scrollY - 24 });
}

/** Draws the edge of each nod, and a firm one round the marked one and its flags. */
export function outline(): void {
  const marked = document.getElementById(PINS)?.dataset['marked'];
  for (const element of nodElements()) {
    const chosen = element.dataset['nod'] === marked;
    const width = (chosen ? 2 : 1) / scale;
    element.style.outline = `${width}px ${chosen ? 'solid' : 'dashed'} ${chosen ? PLUM : '#A5748F'}`;
    element.style.outlineOffset = '3px';
  }
  for (const flag of document.querySelectorAll<HTMLElement>(`#${PINS} button`)) {
    flag.style.background = flag.dataset['nod'] === marked ? '#F3E5EE' : '#FFFDF8';
    flag.style.boxShadow = flag.dataset['nod'] === marked ? `inset 0 0 0 1px ${PLUM}` : 'none';
  }
}
