import { el } from '../../script/lib/el';
import { locale } from '../draw/words';
import type { ViewContext } from '../view';

export interface Days {
  first: string;
  last: string;
}

const at = (day: string) => new Date(`${day}T00:00:00Z`);

/** Days as CLDR writes them; what both ends share is said once. */
export function days(context: ViewContext, { first, last }: Days, isShort = false): string {
  const format = new Intl.DateTimeFormat(locale(context), {
    ...(isShort ? {} : { weekday: 'short' }),
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  });
  if (first === last) return format.format(at(first));
  const range = format.formatRangeToParts(at(first), at(last));
  // some languages write a span in figures alone, where a single day has its month in words
  return monthOf(range) === monthOf(format.formatToParts(at(first)))
    ? range.map(({ value }) => value).join('')
    : `${format.format(at(first))} – ${format.format(at(last))}`;
}

/** How a month is written: in words or figures, and with which sign behind it. */
function monthOf(parts: { type: string; value: string }[]): string {
  const index = parts.findLastIndex(({ type }) => type === 'month');
  const month = parts[index]?.value ?? '';
  return /^\d+$/.test(month) ? (parts[index + 1]?.value.charAt(0) ?? '') : 'words';
}

const MINUTE = 60_000;

/** The shop's day, by the server's clock. */
export function today(zone: string, context: ViewContext): HTMLElement {
  const host = el('b');
  const format = new Intl.DateTimeFormat(locale(context), {
    day: 'numeric',
    month: 'short',
    timeZone: zone,
  });
  const tick = () => {
    const text = format.format(context.now());
    if (host.textContent !== text) host.textContent = text;
    setTimeout(() => host.isConnected && tick(), MINUTE);
  };
  tick();
  return host;
}
