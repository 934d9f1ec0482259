import { intl } from '../shared/formats';
import { el } from '../../script/lib/create-element';
import type { DeliveryPromiseNod } from '../../script/lib/response-types';
import { locale, say, sayCount } from '../shared/text';
import type { ViewContext } from '../shared/view';
import { tickLater } from '../shared/ticking';

type Promised = NonNullable<DeliveryPromiseNod['content']['promised']>;
type Way = Promised['way'][number];

const MINUTE = 60_000;
const at = (day: string) => new Date(`${day}T00:00:00Z`);

/** The row of days until it arrives: on which it may leave, may arrive, and which are closed. */
export function way({ way, leaves, arrives }: Promised, zone: string, context: ViewContext): Node {
  const isSure = leaves.first === leaves.last && arrives.first === arrives.last;
  const names = isSure
    ? { leaves: say(context, 'leaves'), arrives: say(context, 'arrives') }
    : { leaves: say(context, 'mayLeave'), arrives: say(context, 'mayArrive') };
  const closed = say(context, 'closed');
  const row = el(
    'ol',
    { class: 'way' },
    ...way.map((part) => cell(part, { ...names, closed }, context)),
  );
  markToday(row, way, zone, context);
  return el(
    'div',
    {},
    row,
    el(
      'p',
      { class: 'key', 'aria-hidden': 'true' },
      el('span', { class: 'leaves' }, el('i'), names.leaves),
      el('span', { class: 'arrives' }, el('i'), names.arrives),
      way.some(({ working }) => working === 0) && el('span', { class: 'closed' }, el('i'), closed),
    ),
  );
}

function cell(
  part: Way,
  names: { leaves: string; arrives: string; closed: string },
  context: ViewContext,
): HTMLElement {
  const { first, last, mayLeave, mayArrive, working } = part;
  const isOne = first === last;
  const said = [
    mayLeave && names.leaves,
    mayArrive && names.arrives,
    working === 0 && names.closed,
  ].filter((name) => name !== false);
  const kind = mayLeave && mayArrive ? 'both' : mayLeave ? 'leaves' : mayArrive ? 'arrives' : '';
  return el(
    'li',
    { class: [kind, working === 0 && 'closed', !isOne && 'several'].filter(Boolean).join(' ') },
    el(
      'span',
      { class: 'weekday' },
      isOne ? write(context, first, { weekday: 'short' }) : sayCount(context, 'working', working),
    ),
    el('b', {}, isOne ? write(context, first, { day: 'numeric' }) : span(context, first, last)),
    said.length > 0 && el('span', { class: 'unseen' }, said.join(', ')),
  );
}

function write(context: ViewContext, day: string, options: Intl.DateTimeFormatOptions): string {
  const format = intl(Intl.DateTimeFormat, locale(context), { ...options, timeZone: 'UTC' });
  // some languages add a sign to a day's number, which has no room here
  return options.day
    ? (format.formatToParts(at(day)).find(({ type }) => type === 'day')?.value ?? '')
    : format.format(at(day));
}

function span(context: ViewContext, first: string, last: string): string {
  return `${write(context, first, { day: 'numeric' })}–${write(context, last, { day: 'numeric' })}`;
}

/** Names the day that it is at the shop, by the server's clock. */
function markToday(row: HTMLElement, way: Way[], zone: string, context: ViewContext): void {
  const format = intl(Intl.DateTimeFormat, 'en-CA', { dateStyle: 'short', timeZone: zone });
  const name = intl(Intl.RelativeTimeFormat, locale(context), { numeric: 'auto' }).format(0, 'day');
  const tick = () => {
    const today = format.format(context.now());
    way.forEach(({ first, last }, index) => {
      const weekday = row.children[index]?.querySelector('.weekday');
      if (!weekday || first !== last) return;
      const text = first === today ? name : write(context, first, { weekday: 'short' });
      if (weekday.textContent !== text) weekday.textContent = text;
    });
    tickLater(row, MINUTE, tick);
  };
  tick();
}
