import type { ViewContext } from '../view';

export interface Days {
  first: string;
  last: string;
}

const at = (day: string) => new Date(`${day}T00:00:00Z`);

/** The page's own locale where it is of the language that is spoken: days are written its way. */
export function locale({ language }: Pick<ViewContext, 'language'>): string {
  const own = document.documentElement.lang;
  return own.split('-')[0] === language.split('-')[0] ? own : language;
}

/** Days as CLDR writes them; what both ends share is said once. */
export function days(context: ViewContext, { first, last }: Days, isShort = false): string {
  const format = new Intl.DateTimeFormat(locale(context), {
    ...(isShort ? {} : { weekday: 'short' }),
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  });
  return first === last ? format.format(at(first)) : format.formatRange(at(first), at(last));
}
