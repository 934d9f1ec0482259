import { shopToday } from '../../shared/shop-time';
import type { DAYS } from '../../ui/inputs';

/** How long something lasts. */
export interface Length {
  days: number;
  hours: number;
  minutes: number;
}

/** How it comes again. */
export interface Repeat {
  first: string;
  frequency: 'DAY' | 'WEEK' | 'MONTH';
  every: number;
  days: (typeof DAYS)[number][];
  dayOfMonth: number | null;
  months: string[];
  until: string | null;
}

/** When a countdown ends, as it is kept. */
export type Ends =
  | { ends: 'at-moment'; start: string | null; end: string }
  | { ends: 'after-length'; start: string; length: Length }
  | { ends: 'repeating'; repeat: Repeat; length: Length }
  | { ends: 'next-cut-off'; times: Partial<Record<string, string>> }
  | { ends: 'with-price' }
  | { ends: 'with-delivery' };

const WORKDAYS = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY'];
const DAY: Length = { days: 1, hours: 0, minutes: 0 };

/** An ending of another kind, with what can be taken over from the one before. */
export function fresh(kind: Ends['ends'], before: Ends): Ends {
  const start = startOf(before);
  switch (kind) {
    case 'at-moment':
      return { ends: kind, start: null, end: start };
    case 'after-length':
      return { ends: kind, start, length: DAY };
    case 'repeating':
      return {
        ends: kind,
        repeat: {
          first: start,
          frequency: 'DAY',
          every: 1,
          days: [],
          dayOfMonth: null,
          months: [],
          until: null,
        },
        length: { days: 0, hours: 8, minutes: 0 },
      };
    case 'next-cut-off':
      return { ends: kind, times: Object.fromEntries(WORKDAYS.map((day) => [day, '16:00'])) };
    case 'with-price':
    case 'with-delivery':
      return { ends: kind };
  }
}

function startOf(ends: Ends): string {
  switch (ends.ends) {
    case 'at-moment':
      return ends.end;
    case 'after-length':
      return ends.start;
    case 'repeating':
      return ends.repeat.first;
    default:
      return `${shopToday()}T09:00`;
  }
}
