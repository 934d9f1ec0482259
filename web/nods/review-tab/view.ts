import { el } from '../../script/lib/create-element';
import { dressIn } from '../../script/lib/sheet';
import type { ReviewTabNod } from '../../script/lib/response-types';
import { stars } from '../shared/stars';
import { number, say, sayCount } from '../shared/text';
import type { ViewContext } from '../shared/view';

/** A bookmark that hangs from the shop's head; pressed, the reviews open in a panel. */
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
      panel.append(wallOf(nod, wallContext));
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
  const tab = el(
    'div',
    { class: nod.atStart ? 'tab at-start' : 'tab' },
    tabButton(nod, context, open),
    panel,
  );
  hang(tab);
  return tab;
}

function tabButton(nod: ReviewTabNod, context: ViewContext, open: () => void): HTMLElement {
  const { mean, count } = nod.content;
  const written = number(context, mean, 1);
  return el(
    'button',
    {
      type: 'button',
      class: 'tab-button',
      'aria-haspopup': 'dialog',
      'aria-label': sayCount(context, 'average', count, { mean: written }),
      click: open,
    },
    el('b', {}, written),
    stars(nod.content.drawn, ''),
    el('span', { class: 'of' }, sayCount(context, 'from', count)),
  );
}

let hung: (() => void) | undefined;

/** Hangs it from the foot of the shop's head, or from the window's edge once that is out of sight. */
function hang(tab: HTMLElement): void {
  const place = () => {
    if (!tab.isConnected) return;
    const head = document.querySelector('header, [role="banner"]')?.getBoundingClientRect();
    const isOnTop = head && head.top <= 8 && head.height < innerHeight / 3;
    tab.style.setProperty('--head', `${isOnTop ? Math.max(0, head.bottom) : 0}px`);
  };
  if (!hung) {
    addEventListener('scroll', () => hung?.(), { passive: true });
    addEventListener('resize', () => hung?.(), { passive: true });
  }
  // a page has one; of those before it nothing is kept
  hung = place;
  requestAnimationFrame(place);
}

const WALL = 'wall-';

/** The owner's own words of the wall in the panel. */
const ownOfWall = (own: Record<string, string>) =>
  Object.fromEntries(
    Object.entries(own).flatMap(([name, text]) =>
      name.startsWith(WALL) ? [[name.slice(WALL.length), text] as const] : [],
    ),
  );
