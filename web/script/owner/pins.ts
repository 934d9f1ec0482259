const PINS = 'nodyes-pins';

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
      button.textContent = String(numbers.get(nod));
      button.setAttribute('aria-label', `Nod ${numbers.get(nod)}`);
      button.dataset['nod'] = nod;
      button.style.cssText =
        'position:absolute;width:20px;height:20px;padding:0;border:0;border-radius:50% 50% 50% 4px;' +
        'background:#6A2C5A;color:#fff;font:700 11px/20px sans-serif;cursor:pointer;' +
        `left:${Math.max(0, box.left + scrollX - 22)}px;top:${box.top + scrollY}px`;
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

/** Draws the edge of each nod, and a firm one round the marked one. */
export function outline(): void {
  const marked = document.getElementById(PINS)?.dataset['marked'];
  for (const element of nodElements()) {
    const chosen = element.dataset['nod'] === marked;
    element.style.outline = chosen ? '2px solid #6A2C5A' : '1px dashed #b99ab0';
    element.style.outlineOffset = '3px';
  }
}
