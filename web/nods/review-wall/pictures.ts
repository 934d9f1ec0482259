import { el } from '../../script/lib/el';
import { say } from '../draw/words';
import type { ViewContext } from '../view';

/** The pictures of a review, small; pressed, they open large, with keys and by swiping. */
export function pictures(addresses: string[], context: ViewContext): HTMLElement {
  const full = addresses.map((address) => context.origin + address);
  const small = (src: string) => `${src}?size=SMALL`;
  const dialog = el('dialog', { class: 'large' }) as HTMLDialogElement;
  const strip = el('div', { class: 'strip' });
  const open = (at: number) => {
    strip.replaceChildren(...full.map((src) => el('img', { src, alt: '' })));
    dialog.replaceChildren(
      strip,
      el(
        'button',
        { type: 'button', class: 'close', click: () => dialog.close() },
        say(context, 'close'),
      ),
    );
    dialog.showModal();
    strip.children[at]?.scrollIntoView();
  };
  dialog.addEventListener('keydown', (event) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (by) strip.scrollBy({ left: by * strip.clientWidth });
  });
  dialog.addEventListener('click', (event) => event.target === dialog && dialog.close());
  return el(
    'div',
    { class: 'pictures' },
    ...full.map((src, at) =>
      el(
        'button',
        {
          type: 'button',
          'aria-label': say(context, 'picture', { n: at + 1 }),
          click: () => open(at),
        },
        el('img', { src: small(src), alt: '', loading: 'lazy', width: 240, height: 180 }),
      ),
    ),
    dialog,
  );
}
