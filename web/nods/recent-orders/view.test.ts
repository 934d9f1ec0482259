import { describe, expect, it } from 'vitest';
import { HOSTILE, onPage, shopper, textOf } from '../../tests/shopper';
import type { RecentOrdersNod } from '../../script/lib/response-types';
import { days, tally } from './counted';
import { recentOrders } from './view';

type Content = RecentOrdersNod['content'];

const content = (set: Partial<Content> = {}): Content => ({
  units: 4,
  days: 7,
  perDay: [
    { on: '2026-11-20', units: 3 },
    { on: '2026-11-26', units: 1 },
  ],
  zone: 'Europe/Lisbon',
  notice: false,
  ...set,
});
const nod = (set?: Partial<Content>): RecentOrdersNod => ({
  id: 'ordered',
  kind: 'recent-orders',
  spot: 'under-buy',
  product: 'pot',
  content: content(set),
});
const drawn = (set?: Partial<Content>, who: Parameters<typeof shopper>[1] = {}) =>
  onPage(recentOrders(nod(set), shopper('recent-orders', who)) as HTMLElement);

describe('recent orders in a line', () => {
  it('counts them, with a stroke for each', () => {
    const line = drawn();
    expect(textOf(line)).toBe('4 ordered in the past 7 days');
    expect(line.querySelectorAll('.tally b')).toHaveLength(4);
    expect(textOf(drawn({ days: 1, units: 1 }))).toBe('1 ordered today');
  });

  it('strikes each fifth through', () => {
    const strokes = (all: number) =>
      [...tally(all).children].map((bundle) => [bundle.className, bundle.childElementCount]);
    expect(strokes(12)).toEqual([
      ['full', 4],
      ['full', 4],
      ['', 2],
    ]);
    expect(strokes(0)).toEqual([]);
  });

  it('draws none where they are too many to draw', () => {
    expect(drawn({ perDay: [], units: 400 }).querySelector('.tally')).toBe(null);
  });

  it.each<[NonNullable<Content['latest']>, string]>([
    [
      { on: '2026-11-26', at: '2026-11-26T13:50:00Z', town: 'Lyon', country: 'FR' },
      'One went to Lyon, in the past hour',
    ],
    [
      { on: '2026-11-26', at: '2026-11-26T11:00:00Z', country: 'FR' },
      'One went to France, 3 hours ago',
    ],
    [{ on: '2026-11-24' }, 'One was ordered on Tuesday, November 24'],
    [
      { on: '2026-11-24', firstName: 'Anaïs', town: 'Lyon' },
      'Anaïs in Lyon ordered one on Tuesday, November 24',
    ],
  ])('tells of the last one no more than it was told: %j', (latest, words) => {
    expect(textOf(drawn({ units: undefined, perDay: [], latest }))).toBe(words);
  });

  it('shows the name of a town as it was written', () => {
    const line = drawn({ latest: { on: '2026-11-24', town: HOSTILE } });
    expect(line.querySelector('img, script')).toBe(null);
    expect(line.textContent).toContain(HOSTILE);
  });
});

describe('recent orders in a caption', () => {
  const opened = (who?: Parameters<typeof shopper>[1]) => {
    const box = drawn({ notice: true }, who);
    return { box, buttons: [...box.querySelectorAll('button')] };
  };

  it('opens and folds, and says which it is', () => {
    const { box, buttons } = opened();
    const when = buttons.find((one) => one.textContent === 'When?')!;
    const more = box.querySelector<HTMLElement>('.more')!;
    expect([more.hidden, when.getAttribute('aria-expanded')]).toEqual([true, 'false']);
    when.click();
    expect([more.hidden, when.getAttribute('aria-expanded')]).toEqual([false, 'true']);
    expect(when.textContent).toBe('Fold');
    when.click();
    expect(more.hidden).toBe(true);
  });

  it('stays hidden for who hid it, but never for the owner who looks', () => {
    const { box, buttons } = opened();
    buttons.find((one) => one.textContent === 'Don’t show this again')!.click();
    expect(box.hidden).toBe(true);
    expect(opened().box.hidden).toBe(true);
    expect(opened({ isLookedAt: true }).box.hidden).toBe(false);
  });

  it('is not hidden by an owner who tries it', () => {
    opened({ isLookedAt: true })
      .buttons.find((one) => one.textContent === 'Don’t show this again')!
      .click();
    expect(opened().box.hidden).toBe(false);
  });

  it('outlives a store that holds what nobody can read', () => {
    localStorage.setItem('nodyes-closed', '{not json');
    expect(opened().box.hidden).toBe(false);
  });
});

describe('the days of recent orders', () => {
  const ORDERED = ['3', '0', '0', '0', '0', '0', '1'];
  const drawnDays = (zone: string, now: string) =>
    [...days(content({ zone }), shopper('recent-orders', { now: Date.parse(now) })).children].map(
      (day) => textOf(day.querySelector('.unseen')),
    );

  it('end with today, and hold what was ordered on each', () => {
    expect(drawnDays('Europe/Lisbon', '2026-11-26T14:20:00Z')).toEqual(ORDERED);
  });

  it("are the shop's: at an evening in Greenwich it is the next day in Tokyo", () => {
    // the 26th was left out, and the 19th stood first
    expect(drawnDays('Asia/Tokyo', '2026-11-25T15:30:00Z')).toEqual(ORDERED);
    expect(drawnDays('America/Los_Angeles', '2026-11-27T07:30:00Z')).toEqual(ORDERED);
  });
});
