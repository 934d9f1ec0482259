import type { Choice } from '../../ui/inline-select';
import type { Schemas } from '../../shared/api';
import { day, number } from '../../shared/format';
import { t } from '../../shared/t';

export type Column = keyof Schemas['FileInspection']['columns'];

interface ColumnWords {
  value: string;
  text: string;
}

/** What a column can hold. */
export const COLUMNS: ColumnWords[] = [
  { value: 'PRODUCT', text: t('imports.labels.product') },
  { value: 'RATING', text: t('imports.labels.rating') },
  {
    value: 'BEST',
    text: t('imports.labels.highestPossibleRating'),
  },
  {
    value: 'WORST',
    text: t('imports.labels.lowestPossibleRating'),
  },
  { value: 'TITLE', text: t('imports.labels.title') },
  { value: 'WORDS', text: t('imports.labels.textColumn') },
  { value: 'REVIEWER', text: t('imports.labels.reviewer') },
  { value: 'COUNTRY', text: t('imports.labels.country') },
  { value: 'LANGUAGE', text: t('imports.labels.language') },
  { value: 'DATE', text: t('imports.labels.date') },
  { value: 'VARIANT', text: t('imports.labels.variant') },
  { value: 'PICTURE', text: t('imports.labels.photos') },
  { value: 'ORDER', text: t('imports.labels.order') },
  { value: 'REPLY', text: t('imports.labels.yourReply') },
  { value: 'REPLY_DATE', text: t('imports.labels.replyDate') },
  { value: 'PROS', text: t('imports.labels.pros') },
  { value: 'CONS', text: t('imports.labels.cons') },
  { value: 'CRITERIA', text: t('imports.labels.criteria') },
  { value: 'HELPFUL', text: t('imports.labels.helpfulVotes') },
  { value: 'NOT_HELPFUL', text: t('imports.labels.notHelpfulVotes') },
  { value: 'VERIFIED', text: t('imports.labels.verifiedAtTheSource') },
  { value: 'INCENTIVE', text: t('imports.labels.incentive') },
  { value: 'STATE', text: t('imports.labels.earlierState') },
  { value: 'REASON', text: t('imports.labels.earlierReason') },
  { value: 'FEATURED', text: t('imports.labels.featured') },
  {
    value: 'SOURCE_ID',
    text: t('imports.labels.reviewIdAtTheSource'),
  },
  { value: 'NONE', text: t('imports.labels.ignore') },
];

/** A column of stars for one single thing; a file may have several. */
export const CRITERION = 'CRITERION';
export const LONGEST_NAME = 60;

export const MEANINGS: Choice<string>[] = COLUMNS.flatMap((one) =>
  one.value === 'CRITERIA'
    ? [one, { value: CRITERION, text: t('imports.labels.criterion') }]
    : [one],
);

export const SCALES: Choice<string>[] = [
  { value: '1-5', text: t('imports.labels.15') },
  { value: '0-5', text: t('imports.labels.05') },
  { value: '1-10', text: t('imports.labels.110') },
  { value: '0-10', text: t('imports.labels.010') },
  { value: '0-100', text: t('imports.labels.0100') },
];

export const DATE_ORDERS: Choice<'DAY_FIRST' | 'MONTH_FIRST'>[] = [
  { value: 'DAY_FIRST', text: t('imports.labels.dayMonthYear') },
  { value: 'MONTH_FIRST', text: t('imports.labels.monthDayYear') },
];

export const ENCODINGS: Choice<string>[] = [
  { value: 'UTF-8', text: t('imports.labels.utf8') },
  { value: 'windows-1252', text: t('imports.labels.latin1Windows') },
  { value: 'ISO-8859-15', text: t('imports.labels.latin9') },
  { value: 'UTF-16LE', text: t('imports.labels.utf16LittleEndian') },
  { value: 'UTF-16BE', text: t('imports.labels.utf16BigEndian') },
];

export const MOSTS: Choice<string>[] = [
  { value: 'ALL', text: t('imports.labels.all') },
  ...['20', '100', '500', '1000', '5000'].map((value) => ({
    value,
    text: t('imports.labels.theNewest', { count: number(Number(value)) }),
  })),
];

/** Which stars a choice of ratings takes. */
export const RATINGS: (Choice<string> & { stars: number[] })[] = [
  { value: 'ANY', text: t('imports.labels.anyRating'), stars: [] },
  { value: '5', text: t('imports.labels.5Stars'), stars: [5] },
  { value: '4+', text: t('imports.labels.4Or5Stars'), stars: [4, 5] },
  { value: '3+', text: t('imports.labels.3To5Stars'), stars: [3, 4, 5] },
  { value: '3-', text: t('imports.labels.1To3Stars'), stars: [1, 2, 3] },
];

/** 14 August 2026, of an instant */
export const dayOf = (instant: string) => day(instant.slice(0, 10));
