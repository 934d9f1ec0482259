import { serverNow } from './shop-time';

const NUMBER = new Intl.NumberFormat('en');

/** 1,204 */
export const number = (value: number) => NUMBER.format(value);

const SHORT = new Intl.NumberFormat('en', { notation: 'compact', maximumFractionDigits: 1 });

/** 904, 1.2K: where there is little room */
export const short = (value: number) => SHORT.format(value);

/** 1 review, 2 reviews */
export const count = (value: number, one: string, many = `${one}s`) =>
  `${number(value)} ${value === 1 ? one : many}`;

/** 3 min, 5 h, 2 days ago */
export function ago(instant: string): string {
  const minutes = Math.max(0, Math.round((serverNow() - Date.parse(instant)) / 60_000));
  if (minutes < 1) return 'now';
  if (minutes < 60) return `${minutes} min`;
  if (minutes < 60 * 36) return `${Math.round(minutes / 60)} h`;
  return `${Math.round(minutes / 1440)} days`;
}

/** 5 min ago, or just now */
export function since(instant: string): string {
  const past = ago(instant);
  return past === 'now' ? 'just now' : `${past} ago`;
}

/** 12 November 2026 */
export const day = (isoDay: string) =>
  new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' }).format(
    new Date(`${isoDay}T00:00:00Z`),
  );

/** Thu 26 Nov, 14:20 in the shop's zone */
export const moment = (instant: string, zone: string) =>
  new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: zone,
  }).format(new Date(instant));

const COUNTRIES = new Intl.DisplayNames(['en'], { type: 'region' });
const LANGUAGES = new Intl.DisplayNames(['en'], { type: 'language' });
export const country = (code: string) => COUNTRIES.of(code) ?? code;
export const language = (tag: string) => LANGUAGES.of(tag) ?? tag;
