const SVG = 'http://www.w3.org/2000/svg';
const BETWEEN_LABELS = 14;
const THREAD = 18;

/** Labels stand in their part where there is room, else below it, tied to it by a thread. */
export function placeLabels(band: HTMLElement): void {
  const threads = document.createElementNS(SVG, 'svg');
  threads.setAttribute('aria-hidden', 'true');
  band.after(threads);
  new ResizeObserver(() => place(band, threads)).observe(band);
  band.setAttribute('data-placed', '');
}

function place(band: HTMLElement, threads: SVGSVGElement): void {
  const all = band.getBoundingClientRect();
  if (all.width === 0) return;
  const isMirrored = getComputedStyle(band).direction === 'rtl';
  const items = [...band.children].map((item) => {
    const label = item.querySelector<HTMLElement>('.label');
    item.removeAttribute('data-below');
    const box = item.getBoundingClientRect();
    const middle = isMirrored ? all.right - box.right : box.left - all.left;
    return { item, label, width: box.width, middle: middle + box.width / 2 };
  });
  let edge = all.width;
  let drawn = '';
  for (const { item, label, width, middle } of items.reverse()) {
    if (!label || label.offsetWidth + 20 <= width) continue;
    item.setAttribute('data-below', '');
    const start = Math.max(0, Math.min(edge - label.offsetWidth, middle - label.offsetWidth / 2));
    edge = start - BETWEEN_LABELS;
    label.style.setProperty('--start', `${start - (middle - width / 2)}px`);
    const to = start + label.offsetWidth / 2;
    if (width > 0) drawn += `M${middle} 0C${middle} ${THREAD} ${to} 0 ${to} ${THREAD}`;
  }
  threads.setAttribute('viewBox', `0 0 ${all.width} ${THREAD}`);
  const path = document.createElementNS(SVG, 'path');
  path.setAttribute('d', drawn);
  threads.replaceChildren(path);
  threads.toggleAttribute('hidden', drawn === '');
  band.style.marginBottom = drawn === '' ? '0' : '';
}
