import { intl } from '../shared/formats';
import { el } from '../../script/lib/create-element';
import type { DeliveryPromiseNod } from '../../script/lib/response-types';
import { nextTick, timeLeft } from '../shared/time-left';
import { locale } from '../shared/text';
import type { ViewContext } from '../shared/view';
import { tickLater } from '../shared/ticking';

const MINUTE = 60_000;
const DAY = 1440 * MINUTE;

/** How long an order still counts, running down by the server's clock. */
export function left(until: string, context: ViewContext): HTMLElement {
  const end = Date.parse(until);
  const host = el('b', { class: 'left' });
  const tick = () => {
    const rest = end - context.now();
    const shown = rest >= DAY ? ['day', 'hour'] : ['hour', 'minute'];
    const told = timeLeft(rest, shown);
    const parts = told
      .filter(({ n }) => n > 0)
      .map(({ unit, n }) =>
        intl(Intl.NumberFormat, locale(context), {
          style: 'unit',
          unit,
          unitDisplay: 'short',
        }).format(n),
      );
    const text = parts.join(' ');
    if (host.textContent !== text) host.textContent = text;
    // the page asks anew at the end itself
    if (rest > 0) tickLater(host, nextTick(rest, told), tick);
  };
  tick();
  return host;
}

/** Until when an order counts, on the shop's clock or the shopper's; its weekday where not today. */
export function clock(
  until: string,
  { zone, clock }: DeliveryPromiseNod['content'],
  context: ViewContext,
): { time: HTMLElement; weekday: string | undefined } {
  const end = new Date(until);
  const timeZone = clock === 'shop' ? zone : undefined;
  const format = (options: Intl.DateTimeFormatOptions, of = end) =>
    intl(Intl.DateTimeFormat, locale(context), { ...options, timeZone }).format(of);
  const time = { hour: 'numeric', minute: '2-digit' } as const;
  const date = { day: 'numeric', month: 'numeric' } as const;
  const isToday = format(date) === format(date, new Date(context.now()));
  // a shopper whose clock shows another time reads which one is meant
  const isElsewhere = format(time) !== intl(Intl.DateTimeFormat, locale(context), time).format(end);
  return {
    time: el(
      'b',
      { class: 'left' },
      format({ ...time, ...(isElsewhere ? { timeZoneName: 'short' } : {}) }),
    ),
    weekday: isToday ? undefined : format({ weekday: 'long' }),
  };
}
