import { intl } from '../shared/formats';
import { el } from '../../script/lib/create-element';
import type { CountdownNod } from '../../script/lib/response-types';
import { locale, say, sayCount } from '../shared/text';
import type { ViewContext } from '../shared/view';
import { nextTick, timeLeft, type Left } from '../shared/time-left';
import { tickLater } from '../shared/ticking';

/** A countdown that has no start runs down over its last day. */
const LAST_DAY = 86_400_000;

/** What is left until an end, ticking by the server's clock. */
export function countdown(nod: CountdownNod, context: ViewContext): Node {
  const { content } = nod;
  if (content.ended) return el('p', { class: 'ended' }, say(context, 'ended'));
  const end = Date.parse(content.end);
  const length = content.start ? end - Date.parse(content.start) : LAST_DAY;
  const units = new Map<string, { number: HTMLElement; name: HTMLElement }>();
  const clock = el('span', { class: 'clock', 'aria-hidden': 'true' });
  const spoken = el('span', { class: 'unseen', role: 'status' });
  const root = el(
    'div',
    { class: content.small ? 'countdown small' : 'countdown', role: 'timer', 'aria-live': 'off' },
    el('span', { class: 'ring', 'aria-hidden': 'true' }),
    el(
      'p',
      { class: 'line' },
      el('span', {}, say(context, 'before')),
      clock,
      say(context, 'after') && el('span', {}, say(context, 'after')),
    ),
    el('span', { class: 'bar', 'aria-hidden': 'true' }, el('i')),
    !content.small && el('p', { class: 'until soft' }, until(content, context)),
    spoken,
  );
  let said = '';

  const write = (left: Left[]) => {
    for (const [unit, parts] of units) {
      if (left.some((one) => one.unit === unit)) continue;
      parts.number.parentElement?.remove();
      units.delete(unit);
    }
    // what is nothing at the front is left out, but for the smallest
    const first = left.findIndex(({ n }, index) => n > 0 || index === left.length - 1);
    left.forEach(({ unit, n }, index) => {
      const known = units.get(unit);
      if (index < first) {
        known?.number.parentElement?.remove();
        units.delete(unit);
        return;
      }
      const parts = known ?? makeUnit(unit);
      turn(parts.number, digits(context, n, index > first));
      const name = sayCount(context, `${unit}s`, n);
      if (parts.name.textContent !== name) parts.name.textContent = name;
    });
    // a minute is the most often that a screen reader hears of it
    const words = left
      .filter(({ unit, n }) => unit !== 'second' && n > 0)
      .map(({ unit, n }) => spelled(context, unit, n));
    const next = words.length ? say(context, 'left', { time: words.join(' ') }) : '';
    if (next && next !== said) spoken.textContent = said = next;
  };
  const makeUnit = (unit: string) => {
    const parts = { number: el('b', { class: 'number' }), name: el('span', { class: 'name' }) };
    units.set(unit, parts);
    clock.append(el('span', { class: 'unit', 'data-unit': unit }, parts.number, parts.name));
    return parts;
  };
  const tick = () => {
    const now = context.now();
    const rest = end - now;
    const left = timeLeft(rest, content.units);
    write(left);
    root.style.setProperty('--left', String(Math.min(1, Math.max(0, rest / length))));
    if (rest <= 0) {
      root.classList.add('over');
      return;
    }
    tickLater(root, nextTick(rest, left), tick);
  };
  tick();
  return root;
}

/** So many of a unit in whole words, by CLDR. */
const spelled = (context: ViewContext, unit: string, n: number) =>
  intl(Intl.NumberFormat, locale(context), { style: 'unit', unit, unitDisplay: 'long' }).format(n);

/** When it ends on the shop's clock, and what comes after. */
function until({ end, zone, then }: CountdownNod['content'], context: ViewContext): string {
  const at = new Date(end);
  const format = (of: Date, options: Intl.DateTimeFormatOptions) =>
    intl(Intl.DateTimeFormat, locale(context), options).format(of);
  const day = { weekday: 'long', day: 'numeric', month: 'long', timeZone: zone } as const;
  const clock = { hour: 'numeric', minute: '2-digit' } as const;
  const isMidnight = /^(24|0?0):00$/.test(
    intl(Intl.DateTimeFormat, 'en-GB', { ...clock, timeZone: zone }).format(at),
  );
  // a shopper whose clock shows another time reads which one is meant
  const isElsewhere = format(at, { ...clock, timeZone: zone }) !== format(at, clock);
  const named = isElsewhere ? ({ timeZoneName: 'short' } as const) : {};
  const zoneOf = (of: Date, { timeZoneName }: Intl.DateTimeFormatOptions) => {
    if (!timeZoneName) return '';
    const parts = intl(Intl.DateTimeFormat, locale(context), {
      timeZoneName,
      timeZone: zone,
    }).formatToParts(of);
    return ` (${parts.find(({ type }) => type === 'timeZoneName')?.value ?? ''})`;
  };
  // the end of a day reads as that day's, not as the next one's beginning
  const told = isMidnight
    ? say(context, 'midnight', { day: format(new Date(at.getTime() - 1), day) }) + zoneOf(at, named)
    : format(at, { ...day, ...clock, ...named });
  if (!then) return say(context, 'until', { end: told });
  const price = intl(Intl.NumberFormat, locale(context), {
    style: 'currency',
    currency: then.currency,
  }).format(then.amount);
  return say(context, 'untilThen', { end: told, price });
}

function digits(context: ViewContext, n: number, isPadded: boolean): string {
  return intl(Intl.NumberFormat, locale(context), {
    minimumIntegerDigits: isPadded ? 2 : 1,
    useGrouping: false,
  }).format(n);
}

/** Puts a number in, digit by digit, so that the ones that change can turn. */
function turn(host: HTMLElement, text: string): void {
  const signs = [...text];
  while (host.children.length > signs.length) host.firstElementChild?.remove();
  while (host.children.length < signs.length) host.prepend(el('i'));
  signs.forEach((sign, index) => {
    const digit = host.children[index];
    if (!digit || digit.textContent === sign) return;
    const next = el('i', digit.textContent ? { class: 'turned' } : {}, sign);
    digit.replaceWith(next);
  });
}
