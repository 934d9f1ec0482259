import { el } from '../../script/lib/create-element';
import { say } from '../shared/text';
import type { ViewContext } from '../shared/view';

/** The pictures of a review, small; pressed, they open large, with keys and by swiping. */
export function pictures(addresses: string[], context: ViewContext): HTMLElement {
  const full = addresses.map((address) => context.origin + address);
  const small = (src: string) => `${src}?size=SMALL`;
  const open = (at: number) =>
    import('./lightbox').then(
      ({ openLarge }) => openLarge(list, full, at, context),
      // without the file for it the browser shows the picture
      () => window.open(full[at]),
    );
  const list = el(
    'div',
    { class: 'pictures' },
    ...full.map((src, at) =>
      el(
        'button',
        {
          type: 'button',
          'aria-label': say(context, 'picture', { n: at + 1 }),
          click: () => void open(at),
        },
        el('img', { src: small(src), alt: '', loading: 'lazy', width: 240, height: 180 }),
      ),
    ),
  );
  return list;
}
