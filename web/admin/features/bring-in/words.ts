import type { Choice } from '../../ui/pick';
import type { Schemas } from '../../shared/api';
import { day } from '../../shared/words';

export type Column = keyof Schemas['Look']['columns'];

interface ColumnWords {
  value: string;
  text: string;
  verb: string;
}

/** What a column can hold; 'SKU names the product', 'Nota is the rating'. */
export const COLUMNS: ColumnWords[] = [
  { value: 'PRODUCT', text: 'product', verb: 'names the' },
  { value: 'RATING', text: 'rating', verb: 'is the' },
  { value: 'BEST', text: 'best of its scale', verb: 'is the' },
  { value: 'WORST', text: 'worst of its scale', verb: 'is the' },
  { value: 'TITLE', text: 'title', verb: 'is the' },
  { value: 'WORDS', text: 'words', verb: 'holds the' },
  { value: 'REVIEWER', text: 'reviewer', verb: 'is the' },
  { value: 'COUNTRY', text: 'country', verb: 'is the' },
  { value: 'LANGUAGE', text: 'language', verb: 'is the' },
  { value: 'DATE', text: 'date', verb: 'is the' },
  { value: 'VARIANT', text: 'variant', verb: 'is the' },
  { value: 'PICTURE', text: 'pictures', verb: 'holds the' },
  { value: 'ORDER', text: 'order', verb: 'is the' },
  { value: 'REPLY', text: 'shop’s reply', verb: 'is the' },
  { value: 'SOURCE_ID', text: 'id there', verb: 'is its' },
  { value: 'NONE', text: 'not used', verb: 'is' },
];

export const SCALES: Choice<string>[] = [
  { value: '1-5', text: '1 to 5' },
  { value: '0-5', text: '0 to 5' },
  { value: '1-10', text: '1 to 10' },
  { value: '0-10', text: '0 to 10' },
  { value: '0-100', text: '0 to 100' },
];

export const DATE_ORDERS: Choice<'DAY_FIRST' | 'MONTH_FIRST'>[] = [
  { value: 'DAY_FIRST', text: 'day before month' },
  { value: 'MONTH_FIRST', text: 'month before day' },
];

export const ENCODINGS: Choice<string>[] = [
  { value: 'UTF-8', text: 'UTF-8' },
  { value: 'windows-1252', text: 'Latin-1 (Windows)' },
  { value: 'ISO-8859-15', text: 'Latin-9' },
  { value: 'UTF-16LE', text: 'UTF-16, low byte first' },
  { value: 'UTF-16BE', text: 'UTF-16, high byte first' },
];

export const MOSTS: Choice<string>[] = [
  { value: 'ALL', text: 'all' },
  ...['20', '100', '500', '1000', '5000'].map((value) => ({
    value,
    text: `the newest ${Number(value).toLocaleString('en')}`,
  })),
];

/** Which stars a choice of ratings takes. */
export const RATINGS: (Choice<string> & { stars: number[] })[] = [
  { value: 'ANY', text: 'any', stars: [] },
  { value: '5', text: '5 stars', stars: [5] },
  { value: '4+', text: '4 or 5 stars', stars: [4, 5] },
  { value: '3+', text: '3 to 5 stars', stars: [3, 4, 5] },
  { value: '3-', text: '1 to 3 stars', stars: [1, 2, 3] },
];

/** 14 August 2026, of an instant */
export const dayOf = (instant: string) => day(instant.slice(0, 10));
