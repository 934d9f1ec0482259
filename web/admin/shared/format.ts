import { serverNow } from './shop-time';
import { t } from './t';
import { locale } from './intl';

const NUMBER = new Intl.NumberFormat(locale());

/** 1,204 */
export const number = (value: number) => NUMBER.format(value);

const SHORT = new Intl.NumberFormat(locale(), { notation: 'compact', maximumFractionDigits: 1 });

/** 904, 1.2K: where there is little room */
export const short = (value: number) => SHORT.format(value);

const withDigits = (digits: number) =>
  new Intl.NumberFormat(locale(), {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  });
const DECIMALS = { 1: withDigits(1), 2: withDigits(2) };

/** 4.5, or 4.39 with two digits */
export const decimal = (value: number, digits: 1 | 2 = 1) => DECIMALS[digits].format(value);

type Unit = 'minute' | 'hour' | 'day';

/** How long ago, in the unit that one would say it in. */
function past(instant: string): [number, Unit] {
  const minutes = Math.max(0, Math.round((serverNow() - Date.parse(instant)) / 60_000));
  if (minutes < 60) return [minutes, 'minute'];
  if (minutes < 60 * 36) return [Math.round(minutes / 60), 'hour'];
  return [Math.round(minutes / 1440), 'day'];
}

/** 3 min, 5 h, 2 days: where there is little room */
export function ago(instant: string): string {
  const [value, unit] = past(instant);
  const unitDisplay = unit === 'day' ? 'long' : 'short';
  return new Intl.NumberFormat(locale(), { style: 'unit', unit, unitDisplay }).format(value);
}

/** 5 minutes ago, or just now */
export function since(instant: string): string {
  const [value, unit] = past(instant);
  return value === 0
    ? t('shared.format.justNow')
    : new Intl.RelativeTimeFormat(locale()).format(-value, unit);
}

const ALL = new Intl.ListFormat(locale(), { type: 'conjunction' });

/** Spain, Portugal and France */
export const all = (names: string[]) => ALL.format(names);

/** A Monday, from which the days of the week have their names. */
const MONDAY = Date.UTC(2024, 0, 1);
const WEEK = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'];

/** MONDAY as Mon or Monday, in the language of the screen. */
export const weekdayName = (day: string, weekday: 'short' | 'long' = 'short') =>
  new Intl.DateTimeFormat(locale(), { weekday, timeZone: 'UTC' }).format(
    MONDAY + Math.max(0, WEEK.indexOf(day)) * 86_400_000,
  );

/** 26 November: of a week that everybody knows the year of */
export const dayOfYear = (isoDay: string) =>
  new Intl.DateTimeFormat(locale(), { day: 'numeric', month: 'long', timeZone: 'UTC' }).format(
    new Date(`${isoDay}T00:00:00Z`),
  );

/** Thursday 26 November 2026 at 14:20, of a time that the shop's clock shows */
export const dayAndTime = (shopTime: string) =>
  new Intl.DateTimeFormat(locale(), {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: 'UTC',
  }).format(new Date(`${shopTime}Z`));

/** 12 November 2026 */
export const day = (isoDay: string) =>
  new Intl.DateTimeFormat(locale(), { dateStyle: 'long', timeZone: 'UTC' }).format(
    new Date(`${isoDay}T00:00:00Z`),
  );

/** A review's date: a day, or about which month where no more is known. */
export const writtenOn = (isoDate: string) =>
  isoDate.length > '2026-11'.length
    ? day(isoDate)
    : t('shared.format.aboutMonth', {
        month: new Intl.DateTimeFormat(locale(), {
          month: 'long',
          year: 'numeric',
          timeZone: 'UTC',
        }).format(new Date(`${isoDate}-01T00:00:00Z`)),
      });

/** The year that the shop's clock shows at a moment. */
const yearOf = (moment: Date, timeZone: string) =>
  new Intl.DateTimeFormat('en', { year: 'numeric', timeZone }).format(moment);

/** Thu 26 Nov, 14:20 in the shop's zone; of another year than this one with the year */
export function moment(instant: string, zone: string): string {
  const at = new Date(instant);
  const isOfThisYear = yearOf(at, zone) === yearOf(new Date(serverNow()), zone);
  return new Intl.DateTimeFormat(locale(), {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    ...(isOfThisYear ? {} : { year: 'numeric' }),
    hour: '2-digit',
    minute: '2-digit',
    timeZone: zone,
  }).format(at);
}

const COUNTRIES = new Intl.DisplayNames([locale()], { type: 'region' });
const LANGUAGES = new Intl.DisplayNames([locale()], { type: 'language' });
export const country = (code: string) => COUNTRIES.of(code) ?? code;
export const language = (tag: string) => LANGUAGES.of(tag) ?? tag;
