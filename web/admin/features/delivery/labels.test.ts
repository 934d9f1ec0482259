import { beforeAll, describe, expect, it } from 'vitest';

let labels: typeof import('./labels');
beforeAll(async () => {
  labels = await import('./labels');
});

const WEEK = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'];

describe('weekdays', () => {
  it.each([
    [WEEK.slice(0, 5), 'Mon–Fri'],
    [WEEK, 'Mon–Sun'],
    [['TUESDAY', 'WEDNESDAY'], 'Tue, Wed'],
    [['FRIDAY', 'MONDAY', 'WEDNESDAY'], 'Mon, Wed, Fri'],
    [['SUNDAY'], 'Sun'],
  ])('%j are %s', (days, text) => {
    expect(labels.weekdays(days)).toBe(text);
  });

  it('that are none are said to be none', () => {
    expect(labels.weekdays([])).toMatch(/no days/i);
  });
});

describe('cut-offs', () => {
  const all = (time: string) => Object.fromEntries(WEEK.map((day) => [day, time]));

  it('say the usual one first, and the days that differ', () => {
    const times = { ...all('16:00'), FRIDAY: '14:00', SATURDAY: undefined, SUNDAY: undefined };
    expect(labels.cutOffs(times)).toBe('16:00, Fri 14:00');
    expect(labels.closedWeekdays(times)).toBe('Sat, Sun');
  });

  it('name no closed day where there is none', () => {
    expect(labels.cutOffs(all('16:00'))).toBe('16:00');
    expect(labels.closedWeekdays(all('16:00'))).toBe('');
  });

  it('say that nothing leaves where all days are closed', () => {
    expect(labels.cutOffs({})).toMatch(/never/i);
  });
});

describe('days of a promise', () => {
  it('are one day or a span', () => {
    expect(labels.span({ first: '2026-12-01', last: '2026-12-01' })).toBe('Tue, Dec 1');
    expect(labels.span({ first: '2026-12-01', last: '2026-12-03' })).toMatch(
      /Tue Dec 1.*Thu Dec 3/,
    );
    // over the new year both months are said
    expect(labels.span({ first: '2026-12-30', last: '2027-01-02' })).toMatch(/Dec.*Jan/);
  });

  it('are none where nothing is promised', () => {
    expect(labels.arrives({})).toMatch(/no delivery date/i);
  });

  it('are counted as an owner says them', () => {
    expect(labels.range({ least: 2, most: 2 })).toBe('2');
    expect(labels.range({ least: 2, most: 4 })).toMatch(/2.*4/);
    expect(labels.leaves({ least: 0, most: 0 })).toMatch(/same working day/i);
    expect(labels.leaves({ least: 0, most: 1 })).toMatch(/same or (the )?next/i);
    expect(labels.leaves({ least: 1, most: 3 })).toMatch(/1.*3/);
  });
});

describe('what a rule is for', () => {
  const names = new Map([
    ['planters', 'Planters'],
    ['slate-pot', 'Slate pot'],
  ]);
  const title = (of: 'SHOP' | 'CATEGORY' | 'TAG' | 'PRODUCT', name?: string) =>
    labels.ruleTitle({ of, ...(name ? { name } : {}) }, names);

  it('is named by what people call it', () => {
    expect(title('SHOP')).toMatch(/whole shop/i);
    expect(title('CATEGORY', 'planters')).toContain('Planters');
    expect(title('PRODUCT', 'slate-pot')).toBe('Slate pot');
    expect(title('TAG', 'heavy')).toContain('heavy');
  });

  it('is named by its own name where nobody knows it any more', () => {
    expect(title('CATEGORY', 'gone')).toContain('gone');
    expect(title('PRODUCT', 'gone')).toBe('gone');
  });
});
