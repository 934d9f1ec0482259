import { intl } from '../shared/formats';
import { el } from '../../script/lib/create-element';
import { locale, number } from '../shared/text';
import type { RecentOrdersNod } from '../../script/lib/response-types';
import type { ViewContext } from '../shared/view';

type Content = RecentOrdersNod['content'];

const BUNDLE = 5;
const DAY = 86_400_000;

/** A pencil stroke for each, five to a bundle. */
export function tally(all: number): HTMLElement {
  const bundles = Array.from({ length: Math.ceil(all / BUNDLE) }, (_, index) =>
    Math.min(BUNDLE, all - index * BUNDLE),
  );
  return el(
    'span',
    { class: 'tally', 'aria-hidden': 'true' },
    ...bundles.map((strokes) =>
      el(
        'i',
        { class: strokes === BUNDLE ? 'full' : '' },
        ...Array.from({ length: Math.min(strokes, BUNDLE - 1) }, () => el('b')),
      ),
    ),
  );
}

/** A leaf for each order, over its day; the last is the shop's today, by the server's clock. */
export function days({ days, perDay, zone }: Content, context: ViewContext): HTMLElement {
  const today = intl(Intl.DateTimeFormat, 'en-CA', { dateStyle: 'short', timeZone: zone }).format(
    context.now(),
  );
  const format = intl(Intl.DateTimeFormat, locale(context), {
    weekday: 'short',
    day: 'numeric',
    timeZone: 'UTC',
  });
  return el(
    'ol',
    { class: 'days' },
    ...Array.from({ length: days }, (_, index) => {
      const day = new Date(Date.parse(`${today}T00:00:00Z`) - (days - 1 - index) * DAY);
      const units = perDay.find(({ on }) => on === day.toISOString().slice(0, 10))?.units ?? 0;
      return el(
        'li',
        {},
        el(
          'span',
          { class: 'leaves', 'aria-hidden': 'true' },
          ...Array.from({ length: units }, () => el('i')),
        ),
        el('span', {}, format.format(day)),
        el('span', { class: 'unseen' }, number(context, units)),
      );
    }),
  );
}
