import { intl } from '../shared/formats';
import { locale } from '../shared/text';
import type { ViewContext } from '../shared/view';

interface Days {
  first: string;
  last: string;
}

const at = (day: string) => new Date(`${day}T00:00:00Z`);

/** Days as CLDR writes them; what both ends share is said once. */
export function days(context: ViewContext, { first, last }: Days): string {
  const format = intl(Intl.DateTimeFormat, locale(context), {
    weekday: 'short',
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
