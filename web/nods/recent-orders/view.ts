import { intl } from '../shared/formats';
import { el } from '../../script/lib/create-element';
import type { RecentOrdersNod } from '../../script/lib/response-types';
import { ago, country, figured, locale, say } from '../shared/text';
import type { ViewContext } from '../shared/view';
import { close, isClosed } from './dismissed';
import { days, tally } from './counted';

const HOUR = 3_600_000;

type Content = RecentOrdersNod['content'];
type Latest = NonNullable<Content['latest']>;

/** What was ordered lately, as a line or as a caption that opens. */
export function recentOrders(nod: RecentOrdersNod, context: ViewContext): Node {
  return nod.content.notice ? caption(nod, context) : line(nod.content, context);
}

function line(content: Content, context: ViewContext): HTMLElement {
  const { latest, perDay, units } = content;
  const told = counted(content, context);
  return el(
    'div',
    { class: 'orders' },
    units !== undefined && perDay.length > 0 && tally(units),
    el(
      'p',
      {},
      told.length > 0 && el('span', {}, ...told),
      latest && el('span', { class: told.length > 0 ? 'soft' : '' }, last(latest, context)),
    ),
  );
}

/** It opens upwards, so that nothing below moves. */
function caption(nod: RecentOrdersNod, context: ViewContext): HTMLElement {
  const { content } = nod;
  const { latest, perDay, until } = content;
  const told = counted(content, context);
  const more = el(
    'div',
    { class: 'more' },
    perDay.length > 0 && days(content, context),
    told.length > 0 && latest && el('p', {}, last(latest, context)),
    until && el('p', { class: 'soft' }, say(context, 'until', { until: moment(until, context) })),
    el(
      'button',
      {
        type: 'button',
        class: 'plain',
        click: () => {
          box.hidden = true;
          if (!context.isLookedAt) close(nod.id);
        },
      },
      say(context, 'hide'),
    ),
  );
  more.hidden = true;
  const open = el(
    'button',
    {
      type: 'button',
      class: 'plain',
      'aria-expanded': 'false',
      click: () => {
        more.hidden = !more.hidden;
        open.setAttribute('aria-expanded', String(!more.hidden));
        open.textContent = say(context, more.hidden ? 'when' : 'fold');
      },
    },
    say(context, 'when'),
  );
  const box = el(
    'aside',
    { class: 'caption', 'aria-label': say(context, 'name') },
    more,
    el(
      'p',
      {},
      el('span', {}, ...(told.length > 0 ? told : latest ? [last(latest, context)] : [])),
      open,
    ),
  );
  box.hidden = !context.isLookedAt && isClosed(nod.id);
  return box;
}

const counted = ({ units, days }: Content, context: ViewContext) =>
  units === undefined ? [] : figured(context, days === 1 ? 'today' : 'units', units, { days });

function last(latest: Latest, context: ViewContext): string {
  const place = latest.town ?? (latest.country ? country(context, latest.country) : undefined);
  const { firstName } = latest;
  const values = { who: firstName ?? say(context, 'someone'), when: time(latest, context) };
  const name = firstName ? 'lastBy' : 'last';
  return place ? say(context, `${name}In`, { ...values, place }) : say(context, name, values);
}

function time(latest: Latest, context: ViewContext): string {
  if (latest.at) {
    const hours = Math.floor((context.now() - Date.parse(latest.at)) / HOUR);
    return hours < 1 ? say(context, 'lately') : ago(context, hours, 'hour');
  }
  const day = intl(Intl.DateTimeFormat, locale(context), {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  }).format(new Date(`${latest.on}T00:00:00Z`));
  return say(context, 'onDay', { day });
}

const moment = (instant: string, context: ViewContext) =>
  intl(Intl.DateTimeFormat, locale(context), {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: 'numeric',
    minute: '2-digit',
  }).format(new Date(instant));
