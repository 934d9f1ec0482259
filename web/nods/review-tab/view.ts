import { el } from '../../script/lib/el';
import { dressIn } from '../../script/lib/sheet';
import type { ReviewTabNod } from '../../script/page/answer';
import { stars } from '../draw/stars';
import { number, say } from '../draw/words';
import type { ViewContext } from '../view';

/** A tab at the screen's edge; pressed, the reviews open in a panel. */
export function reviewTab(nod: ReviewTabNod, context: ViewContext): Node {
  const wallContext = {
    ...context,
    words: context.wordsOf('review-wall'),
    own: { ...context.own, ...ownOfWall(context.own) },
  };
  const status = el('p', { role: 'status', class: 'soft' });
  const panel = el(
    'dialog',
    { class: 'panel', 'aria-label': say(context, 'tab') },
    el(
      'button',
      { type: 'button', class: 'close', click: () => panel.close() },
      say(wallContext, 'close'),
    ),
    status,
  ) as HTMLDialogElement;
  let isFilled = false;
  const fill = async () => {
    status.textContent = '';
    try {
      const { css, wallOf } = await import('../review-wall/module');
      if (isFilled) return;
      isFilled = true;
      dressIn(panel.getRootNode() as ShadowRoot, css);
      panel.append(wallOf(nod.content, wallContext));
    } catch {
      // pressed again it is asked for again
      status.textContent = say(wallContext, 'failed');
    }
  };
  const open = () => {
    panel.showModal();
    if (!isFilled) void fill();
  };
  panel.addEventListener('click', (event) => event.target === panel && panel.close());
  return el(
    'div',
    { class: nod.atStart ? 'tab at-start' : 'tab' },
    tabButton(nod, context, open),
    panel,
  );
}

function tabButton(nod: ReviewTabNod, context: ViewContext, open: () => void): HTMLElement {
  const mean = number(context, nod.content.mean, 1);
  return el(
    'button',
    { type: 'button', class: 'tab-button', 'aria-haspopup': 'dialog', click: open },
    el('span', {}, say(context, 'tab')),
    el('b', { 'aria-hidden': 'true' }, mean),
    el('span', { 'aria-hidden': 'true', class: 'one-star' }, stars(1, '')),
    el('span', { class: 'unseen' }, say(context, 'rated', { mean })),
  );
}

const WALL = 'wall-';

/** The owner's own words of the wall in the panel. */
const ownOfWall = (own: Record<string, string>) =>
  Object.fromEntries(
    Object.entries(own).flatMap(([name, text]) =>
      name.startsWith(WALL) ? [[name.slice(WALL.length), text] as const] : [],
    ),
  );
