import { el } from '../../script/lib/el';
import type { ReviewTabNod } from '../../script/page/answer';
import { stars } from '../draw/stars';
import { number, say } from '../draw/words';
import type { ViewContext } from '../view';
import { wallOf } from './view';

/** A tab at the screen's edge; pressed, the reviews open in a panel. */
export function reviewTab(nod: ReviewTabNod, context: ViewContext): Node {
  const mean = number(context, nod.content.mean, 1);
  const rated = say(context, 'rated', { mean });
  const wallContext = { ...context, words: context.wordsOf('review-wall'), own: {} };
  const panel = el('dialog', {
    class: 'panel',
    'aria-label': say(context, 'tab'),
  }) as HTMLDialogElement;
  const open = () => {
    if (!panel.firstChild)
      panel.append(
        el(
          'button',
          { type: 'button', class: 'close', click: () => panel.close() },
          say(wallContext, 'close'),
        ),
        wallOf(nod.content, wallContext),
      );
    panel.showModal();
  };
  panel.addEventListener('click', (event) => event.target === panel && panel.close());
  return el(
    'div',
    { class: nod.atStart ? 'tab at-start' : 'tab' },
    el(
      'button',
      { type: 'button', class: 'tab-button', 'aria-haspopup': 'dialog', click: open },
      el('span', {}, say(context, 'tab')),
      el('b', { 'aria-hidden': 'true' }, mean),
      el('span', { 'aria-hidden': 'true', class: 'one-star' }, stars(1, '')),
      el('span', { class: 'unseen' }, rated),
    ),
    panel,
  );
}
