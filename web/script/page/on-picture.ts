/**
 * The labels of a picture: a layer over it with three rows, each parted into start, middle and end.
 * What does not fit beside another one goes under it, so no label lies over another.
 */
const LAYER = 'nodPicture';
const ROWS = ['top', 'middle', 'bottom'] as const;
const CELLS = ['start', 'middle', 'end'] as const;

/** Whether labels can lie over this; an empty mark is no picture. */
export function isPicture(element: Element): boolean {
  return element.matches('img, picture') || !!element.querySelector('img, picture, video');
}

/** The cell of a corner over a picture, made where it is missing. */
export function cellOf(marked: Element, corner: string): Element {
  const host = marked.matches('img, picture')
    ? (marked.closest('picture')?.parentElement ?? marked.parentElement ?? marked)
    : marked;
  const layer = layerOf(host as HTMLElement);
  const [row, cell] = partsOf(corner);
  return layer.children[ROWS.indexOf(row)]!.children[CELLS.indexOf(cell)]!;
}

function partsOf(corner: string): [(typeof ROWS)[number], (typeof CELLS)[number]] {
  const row = ROWS.find((name) => corner === name || corner.startsWith(`${name}-`)) ?? 'middle';
  const cell = CELLS.find((name) => corner === name || corner.endsWith(`-${name}`)) ?? 'middle';
  return [row, cell];
}

function layerOf(host: HTMLElement): Element {
  const known = [...host.children].find((child) => (child as HTMLElement).dataset[LAYER] === '');
  if (known) return known;
  if (getComputedStyle(host).position === 'static') host.style.position = 'relative';
  const layer = made({
    position: 'absolute',
    inset: '0',
    display: 'flex',
    flexDirection: 'column',
    justifyContent: 'space-between',
    gap: '8px',
    padding: 'min(14px, 4%)',
    pointerEvents: 'none',
    overflow: 'hidden',
    zIndex: '1',
  });
  layer.dataset[LAYER] = '';
  for (const row of ROWS) {
    const line = made({
      display: 'flex',
      flexWrap: 'wrap',
      gap: '8px',
      alignItems: row === 'top' ? 'flex-start' : row === 'bottom' ? 'flex-end' : 'center',
    });
    for (const cell of CELLS)
      line.append(
        made({
          display: 'flex',
          flexDirection: 'column',
          flex: '1 1 auto',
          maxWidth: '100%',
          gap: '8px',
          alignItems: cell === 'middle' ? 'center' : `flex-${cell}`,
        }),
      );
    layer.append(line);
  }
  host.append(layer);
  return layer;
}

function made(style: Partial<CSSStyleDeclaration>): HTMLElement {
  const element = document.createElement('div');
  Object.assign(element.style, style);
  return element;
}

/** Takes away the layers that hold nothing. */
export function clearLayers(tag: string): void {
  document.querySelectorAll('[data-nod-picture]').forEach((layer) => {
    if (!layer.querySelector(tag)) layer.remove();
  });
}
