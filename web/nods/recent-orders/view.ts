import { el } from '../../script/lib/el';
import type { RecentOrdersNod } from '../../script/page/answer';
import { ago, country, figured, say } from '../draw/words';
import type { ViewContext } from '../view';
import { close, isClosed } from './closed';

const HOUR = 3_600_000;

type Latest = NonNullable<RecentOrdersNod['content']['latest']>;

/** What was ordered lately, as a line or as a notice at the screen's edge. */
export function recentOrders(nod: RecentOrdersNod, context: ViewContext): Node {
  const { units, days, latest, notice } = nod.content;
  const line = el(
    'p',
    { class: 'orders' },
    el('i', { class: 'basket', 'aria-hidden': 'true' }),
    el(
      'span',
      {},
      ...(units === undefined
        ? []
        : figured(context, days === 1 ? 'today' : 'units', units, { days })),
      units !== undefined && latest && ' · ',
      latest && last(latest, context),
    ),
  );
  if (!notice) return line;
  const box = el(
    'aside',
    { class: 'notice', 'aria-label': say(context, 'name') },
    line,
    el(
      'button',
      {
        type: 'button',
        class: 'close',
        'aria-label': say(context, 'close'),
        click: () => {
          box.hidden = true;
          if (!context.isLookedAt) close(nod.id);
        },
      },
      '×',
    ),
  );
  box.hidden = !context.isLookedAt && isClosed(nod.id);
  return box;
}

function last(latest: Latest, context: ViewContext): string {
  const place = latest.town ?? (latest.country ? country(context, latest.country) : undefined);
  const who = latest.firstName ?? say(context, 'someone');
  const when = time(latest, context);
  return place ? say(context, 'lastIn', { who, place, when }) : say(context, 'last', { who, when });
}

function time(latest: Latest, context: ViewContext): string {
  if (latest.at) {
    const hours = Math.floor((context.now() - Date.parse(latest.at)) / HOUR);
    return hours < 1 ? say(context, 'lately') : ago(context, hours, 'hour');
  }
  const day = new Intl.DateTimeFormat(context.language, {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  }).format(new Date(`${latest.on}T00:00:00Z`));
  return say(context, 'onDay', { day });
}
