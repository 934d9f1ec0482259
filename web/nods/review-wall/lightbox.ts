import { el } from '../../script/lib/create-element';
import { dressIn } from '../../script/lib/sheet';
import { say } from '../shared/text';
import type { ViewContext } from '../shared/view';
import css from './lightbox.css?inline';

/** Pictures at their full size, one beside the other, with keys and by swiping. */
export function openLarge(
  host: HTMLElement,
  addresses: string[],
  at: number,
  context: ViewContext,
): void {
  dressIn(host.getRootNode() as ShadowRoot, css);
  const strip = el(
    'div',
    { class: 'strip' },
    ...addresses.map((src) => el('img', { src, alt: '' })),
  );
  const dialog = el(
    'dialog',
    { class: 'large' },
    strip,
    el(
      'button',
      { type: 'button', class: 'close', click: () => dialog.close() },
      say(context, 'close'),
    ),
  ) as HTMLDialogElement;
  dialog.addEventListener('keydown', (event) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (by) strip.scrollBy({ left: by * strip.clientWidth });
  });
  dialog.addEventListener('click', (event) => event.target === dialog && dialog.close());
  dialog.addEventListener('close', () => dialog.remove());
  host.append(dialog);
  dialog.showModal();
  strip.children[at]?.scrollIntoView();
}
