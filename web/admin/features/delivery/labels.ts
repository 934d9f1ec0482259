import type { Arrival, Days, DeliveryRule } from './queries';
import { DAYS } from '../../ui/inputs';
import { t } from '../../shared/t';
import { weekdayName } from '../../shared/format';
import { locale } from '../../shared/intl';

const FULL = new Intl.DateTimeFormat(locale(), {
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
  arrival.arrives ? span(arrival.arrives) : t('delivery.labels.noDeliveryDate');

/** 3 to 4 */
export const range = ({ least, most }: Days) =>
  least === most ? String(most) : t('delivery.labels.text', { least, most });

/** In how many working days it leaves, as an owner says it. */
export function leaves({ least, most }: Days): string {
  if (most === 0) return t('delivery.labels.onTheSameWorkingDay');
  if (least === 0 && most === 1) return t('delivery.labels.onTheSameOrNext');
  return t('delivery.labels.withinWorkingDays', {
    range: range({ least, most }),
    most,
  });
}

/** Mon–Fri, or the days themselves. */
export function weekdays(days: readonly string[]): string {
  const at = DAYS.flatMap((day, index) => (days.includes(day) ? [index] : []));
  const [first, last] = [at[0], at.at(-1)];
  if (first === undefined || last === undefined) return t('delivery.labels.noDays');
  const isRun = last - first === at.length - 1 && at.length > 2;
  return isRun
    ? `${weekdayName(DAYS[first] ?? '')}–${weekdayName(DAYS[last] ?? '')}`
    : at.map((index) => weekdayName(DAYS[index] ?? '')).join(', ');
}

/** 16:00, Fri 14:00; closed Sat, Sun */
export function cutOffs(times: Partial<Record<string, string>>): string {
  const set = DAYS.filter((day) => times[day]);
  if (set.length === 0) return t('delivery.labels.neverAllWeekdaysAreClosed');
  const counts = new Map<string, number>();
  set.forEach((day) => counts.set(times[day] ?? '', (counts.get(times[day] ?? '') ?? 0) + 1));
  const [usual] = [...counts.entries()].sort((a, b) => b[1] - a[1])[0] ?? [''];
  const others = set.filter((day) => times[day] !== usual);
  return [usual, ...others.map((day) => `${weekdayName(day)} ${times[day] ?? ''}`)].join(', ');
}

/** The weekdays on which nothing leaves; empty where it leaves on all. */
export function closedWeekdays(times: Partial<Record<string, string>>): string {
  const closed = DAYS.filter((day) => !times[day]);
  return closed.length > 0 ? weekdays(closed) : '';
}

/** What a layer is for, as its heading. */
export function ruleTitle(
  layer: Pick<DeliveryRule, 'of' | 'name' | 'season'>,
  names: Map<string, string>,
): string {
  const name = layer.name ?? '';
  switch (layer.of) {
    case 'SHOP':
      return layer.season
        ? t('delivery.labels.wholeShopForASeason')
        : t('delivery.ruleCard.wholeShop');
    case 'CATEGORY':
      return t('delivery.labels.category', { name: names.get(name) ?? name });
    case 'TAG':
      return t('delivery.labels.tag', { name });
    case 'PRODUCT':
      return names.get(name) ?? name;
  }
}

/** 1 – 24 Dec */
export const season = ({ first, last }: { first: string; last: string }) =>
  new Intl.DateTimeFormat(locale(), {
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  }).formatRange(at(first), at(last));

export const dayAndMonth = (day: string) =>
  new Intl.DateTimeFormat(locale(), { day: 'numeric', month: 'short', timeZone: 'UTC' }).format(
    at(day),
  );

/** 5 January 2027 */
export const fullDay = (day: string) =>
  new Intl.DateTimeFormat(locale(), { dateStyle: 'long', timeZone: 'UTC' }).format(at(day));
