import { beforeAll, describe, expect, it, vi } from 'vitest';
import type { Ends } from './countdown-schedule';

vi.mock('../../shared/shop-time', () => ({ shopToday: () => '2026-11-26' }));
let fresh: typeof import('./countdown-schedule').fresh;
beforeAll(async () => {
  ({ fresh } = await import('./countdown-schedule'));
});

const KINDS: Ends['ends'][] = [
  'at-moment',
  'after-length',
  'repeating',
  'next-cut-off',
  'with-price',
  'with-delivery',
];
const FRIDAY = '2026-11-27T18:00';

describe('another kind of ending', () => {
  it('takes over the moment that was typed, wherever it stood', () => {
    const typed: Ends = { ends: 'at-moment', start: null, end: FRIDAY };
    const after = fresh('after-length', typed);
    expect(after).toEqual({
      ends: 'after-length',
      start: FRIDAY,
      length: { days: 1, hours: 0, minutes: 0 },
    });
    const again = fresh('repeating', after);
    expect(again.ends === 'repeating' && again.repeat.first).toBe(FRIDAY);
    expect(fresh('at-moment', again)).toEqual(typed);
  });

  it('begins on the shop’s day where no moment was typed', () => {
    expect(fresh('after-length', { ends: 'with-price' })).toMatchObject({
      start: '2026-11-26T09:00',
    });
  });

  it('can be any after any other', () => {
    for (const before of KINDS)
      for (const kind of KINDS)
        expect(fresh(kind, fresh(before, { ends: 'with-price' })).ends).toBe(kind);
  });

  it('has cut-offs on working days', () => {
    const cutOffs = fresh('next-cut-off', { ends: 'with-price' });
    expect(cutOffs.ends === 'next-cut-off' && Object.keys(cutOffs.times)).toHaveLength(5);
  });
});
