import { el } from '../../script/lib/create-element';
import type { StockLineNod } from '../../script/lib/response-types';
import { day, figured, say } from '../shared/text';
import type { ViewContext } from '../shared/view';

/** A row of marks counts what is there; more than so many are not counted at a look. */
const MOST_MARKS = 12;

/** How many are left, as the shop told it. */
export function stockLine(nod: StockLineNod, context: ViewContext): Node {
  const { left, delivered, moreOn } = nod;
  const marks = left <= MOST_MARKS ? Array.from({ length: left }, () => el('i')) : [];
  const bar = el('span', { class: 'bar', 'aria-hidden': 'true' }, el('i'));
  bar.style.setProperty('--left', String(delivered ? left / delivered : 1));
  return el(
    'p',
    { class: delivered ? 'stock measured' : 'stock' },
    el('span', { class: 'marks', 'aria-hidden': 'true' }, ...marks),
    el(
      'span',
      { class: 'said' },
      ...(delivered
        ? figured(context, 'of', left, { all: delivered })
        : figured(context, 'left', left)),
    ),
    delivered !== undefined && bar,
    moreOn && el('span', { class: 'soft' }, say(context, 'more', { day: day(context, moreOn) })),
  );
}
