import { el } from '../../script/lib/create-element';
import type { AnyNod } from '../../script/lib/response-types';
import { day, figured, say } from '../shared/text';
import type { ViewContext } from '../shared/view';

type ReturnsLineNod = Extract<AnyNod, { kind: 'returns-line' }>;

/** Until when what is ordered can be sent back, by its last day or by days. */
export function returnsLine(
  { lastDay, days, ordered }: ReturnsLineNod,
  context: ViewContext,
): Node {
  const said =
    days === undefined
      ? [say(context, ordered ? 'ordered' : 'until', { day: day(context, lastDay) })]
      : figured(context, 'days', days);
  return el('p', { class: 'returns' }, el('span', { class: 'said' }, ...said));
}
