import { el } from '../../script/lib/create-element';
import { ownAddress } from '../../script/page/withdrawal-link';
import type { TrustBadgesNod } from '../../script/lib/response-types';
import { markOf } from '../shared/icons';
import { say } from '../shared/text';
import type { ViewContext } from '../shared/view';

type Badge = TrustBadgesNod['content']['items'][number];

/** Promises side by side; an empty part of one takes no room. */
export function trustBadges(nod: TrustBadgesNod, context: ViewContext): Node {
  const { items, columns, columnsNarrow, wholeLinks } = nod.content;
  const list = el(
    'ul',
    { class: 'badges', 'aria-label': say(context, 'name') },
    ...items.map((item) => el('li', {}, one(item, wholeLinks, context))),
  );
  list.style.setProperty('--columns', String(Math.min(columns, items.length)));
  list.style.setProperty('--columns-narrow', String(Math.min(columnsNarrow, items.length)));
  return list;
}

function one({ drawing, title, line, link }: Badge, isWhole: boolean, context: ViewContext): Node {
  const mark = drawing ? markOf(ownAddress(context.origin, drawing) ?? drawing) : undefined;
  const words =
    (title || line) &&
    el(
      'span',
      { class: 'said' },
      title && el('b', {}, title),
      line && el('small', {}, line),
      link && !isWhole && el('a', { href: link }, say(context, 'terms')),
    );
  return link && isWhole
    ? el('a', { class: 'badge', href: link }, mark, words || undefined)
    : el('span', { class: 'badge' }, mark, words || undefined);
}
