import type { PageContext } from './page/context';
import type { Painted } from './paint';

/** What a page under the owner's eyes tells the back office. */
export interface PageReport {
  context: PageContext | undefined;
  nods: Painted[];
}

export interface PreviewModule {
  tell(report: PageReport): void;
  listen(refresh: () => void): void;
}

const PINS = 'nodyes-pins';

/** Talks to the back office, and to it alone, and pins a number on each nod. */
export function preview(origin: string): PreviewModule {
  return {
    tell(report) {
      pin(origin);
      window.parent.postMessage({ type: 'nodyes-page', ...report }, origin);
    },
    listen(refresh) {
      window.addEventListener('message', (event: MessageEvent<unknown>) => {
        if (event.origin !== origin) return;
        const message = event.data as { type?: string; nod?: string };
        if (message.type === 'nodyes-refresh') refresh();
        if (message.type === 'nodyes-mark') mark(message.nod);
      });
      window.addEventListener('hashchange', refresh);
      window.addEventListener('resize', () => pin(origin));
      new ResizeObserver(() => pin(origin)).observe(document.body);
    },
  };
}

function nodElements(): HTMLElement[] {
  return [...document.querySelectorAll<HTMLElement>('nod-yes')];
}

/** Numbers count nods, not places: one nod on twelve cards has one number twelve times. */
function pin(origin: string): void {
  let layer = document.getElementById(PINS);
  if (!layer) {
    layer = document.createElement('div');
    layer.id = PINS;
    layer.style.cssText = 'position:absolute;inset:0 auto auto 0;z-index:2147483000';
    document.body.append(layer);
  }
  const numbers = new Map<string, number>();
  const marked = layer.dataset['marked'];
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
      button.onclick = () => window.parent.postMessage({ type: 'nodyes-pick', nod }, origin);
      return button;
    }),
  );
  outline(marked);
}

function mark(nod: string | undefined): void {
  const layer = document.getElementById(PINS);
  if (layer) {
    if (nod) layer.dataset['marked'] = nod;
    else delete layer.dataset['marked'];
  }
  outline(nod);
}

function outline(nod: string | undefined): void {
  for (const element of nodElements()) {
    const chosen = element.dataset['nod'] === nod;
    element.style.outline = chosen ? '2px solid #6A2C5A' : '1px dashed #b99ab0';
    element.style.outlineOffset = '3px';
  }
}
