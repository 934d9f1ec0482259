import { el } from '../../script/lib/el';
import type { DeliveryPromiseNod } from '../../script/page/answer';
import { nextTick, timeLeft } from '../draw/time-left';
import { locale } from '../draw/words';
import type { ViewContext } from '../view';

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
        new Intl.NumberFormat(locale(context), {
          style: 'unit',
          unit,
          unitDisplay: 'short',
        }).format(n),
      );
    const text = parts.join(' ');
    if (host.textContent !== text) host.textContent = text;
    // the page asks anew at the end itself
    if (rest > 0) setTimeout(() => host.isConnected && tick(), nextTick(rest, told));
  };
  tick();
  return host;
}

/** Until when an order counts, on the shop's clock or the shopper's. */
export function clock(
  until: string,
  { zone, clock }: DeliveryPromiseNod['content'],
  context: ViewContext,
): HTMLElement {
  const end = new Date(until);
  const timeZone = clock === 'shop' ? zone : undefined;
  const format = (options: Intl.DateTimeFormatOptions, of = end) =>
    new Intl.DateTimeFormat(locale(context), { ...options, timeZone }).format(of);
  const time = { hour: 'numeric', minute: '2-digit' } as const;
  const date = { day: 'numeric', month: 'numeric' } as const;
  const isToday = format(date) === format(date, new Date(context.now()));
  // a shopper whose clock shows another time reads which one is meant
  const isElsewhere = format(time) !== new Intl.DateTimeFormat(locale(context), time).format(end);
  return el(
    'b',
    { class: 'left' },
    format({
      ...(isToday ? {} : { weekday: 'long' }),
      ...time,
      ...(isElsewhere ? { timeZoneName: 'short' } : {}),
    }),
  );
}
