import type { Arrival, Days, Layer } from './queries';
import { DAYS } from '../pages/faces/inputs';

const FULL = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});
const at = (day: string) => new Date(`${day}T00:00:00Z`);

/** Tue 1 – Thu 3 Dec */
export const span = ({ first, last }: { first: string; last: string }) =>
  first === last ? FULL.format(at(first)) : FULL.formatRange(at(first), at(last)).replace(/,/g, '');

/** When it arrives, or that nothing is promised. */
export const arrives = (arrival: Arrival) =>
  arrival.arrives ? span(arrival.arrives) : 'no promise';

/** 3 to 4 */
export const range = ({ least, most }: Days) =>
  least === most ? String(most) : `${least} to ${most}`;

/** In how many working days it leaves, as an owner says it. */
export function leaves({ least, most }: Days): string {
  if (most === 0) return 'the same working day';
  if (least === 0 && most === 1) return 'the same or next working day';
  return `in ${range({ least, most })} working ${most === 1 ? 'day' : 'days'}`;
}

const short = (day: string) => day.charAt(0) + day.slice(1, 3).toLowerCase();

/** Mon–Fri, or the days themselves. */
export function weekdays(days: readonly string[]): string {
  const at = DAYS.flatMap((day, index) => (days.includes(day) ? [index] : []));
  const [first, last] = [at[0], at.at(-1)];
  if (first === undefined || last === undefined) return 'no day';
  const isRun = last - first === at.length - 1 && at.length > 2;
  return isRun
    ? `${short(DAYS[first] ?? '')}–${short(DAYS[last] ?? '')}`
    : at.map((index) => short(DAYS[index] ?? '')).join(', ');
}

/** 16:00, Fri 14:00; closed Sat, Sun */
export function cutOffs(times: Partial<Record<string, string>>): string {
  const set = DAYS.filter((day) => times[day]);
  if (set.length === 0) return 'never: all weekdays are closed';
  const counts = new Map<string, number>();
  set.forEach((day) => counts.set(times[day] ?? '', (counts.get(times[day] ?? '') ?? 0) + 1));
  const [usual] = [...counts.entries()].sort((a, b) => b[1] - a[1])[0] ?? [''];
  const others = set.filter((day) => times[day] !== usual);
  return [usual, ...others.map((day) => `${short(day)} ${times[day] ?? ''}`)].join(', ');
}

export const closedWeekdays = (times: Partial<Record<string, string>>) =>
  weekdays(DAYS.filter((day) => !times[day]));

/** What a layer is for, as its heading. */
export function layerTitle(layer: Layer, names: Map<string, string>): string {
  const name = layer.name ?? '';
  switch (layer.of) {
    case 'SHOP':
      return layer.season ? 'Shop-wide, for a season' : 'Shop-wide';
    case 'CATEGORY':
      return `Category ${names.get(name) ?? name}`;
    case 'TAG':
      return `Tagged ${name}`;
    case 'PRODUCT':
      return names.get(name) ?? name;
  }
}

/** 1 – 24 Dec */
export const season = ({ first, last }: { first: string; last: string }) =>
  new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' }).formatRange(
    at(first),
    at(last),
  );

export const dayAndMonth = (day: string) =>
  new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' }).format(
    at(day),
  );
