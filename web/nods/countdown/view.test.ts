import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { NOW, onPage, shopper, textOf } from '../../tests/shopper';
import type { CountdownNod } from '../../script/lib/response-types';
import { countdown } from './view';

type Content = CountdownNod['content'];

/** A countdown whose clock goes on by hand. */
function counting(set: Partial<Content> = {}, language = 'en') {
  const context = { ...shopper('countdown', { language }), now: () => Date.now() };
  const content: Content = {
    start: '2026-11-26T00:00:00Z',
    end: '2026-11-27T14:20:00Z',
    zone: 'Europe/Lisbon',
    units: ['day', 'hour', 'minute', 'second'],
    small: false,
    ended: false,
    ...set,
  };
  const nod = {
    id: 'sale',
    kind: 'countdown',
    spot: 'above-buy',
    product: 'pot',
    content,
  } as const;
  const root = onPage(countdown(nod, context) as HTMLElement);
  return {
    root,
    at: (instant: string) => void vi.advanceTimersByTime(Date.parse(instant) - Date.now()),
    clock: () =>
      [...root.querySelectorAll('.unit')].map(
        (unit) => `${textOf(unit.querySelector('.number'))} ${textOf(unit.querySelector('.name'))}`,
      ),
  };
}

describe('a countdown', () => {
  beforeEach(() => void vi.useFakeTimers({ now: NOW }));
  afterEach(() => void vi.useRealTimers());

  it('shows what is left in its units, none before the first that is not nothing', () => {
    expect(counting().clock()).toEqual(['1 day', '00 h', '00 min', '00 s']);
    expect(counting({ end: '2026-11-26T15:25:07Z' }).clock()).toEqual(['1 h', '05 min', '07 s']);
    expect(counting({ end: '2026-11-26T14:20:09Z' }).clock()).toEqual(['9 s']);
  });

  it("ticks by the server's clock to nothing, and says that it is over", () => {
    const { root, at, clock } = counting({ end: '2026-11-26T14:21:02Z' });
    expect(clock()).toEqual(['1 min', '02 s']);
    at('2026-11-26T14:20:03Z');
    expect(clock()).toEqual(['59 s']);
    expect(root.classList.contains('over')).toBe(false);
    // a tick comes a moment after what it shows has come
    at('2026-11-26T14:21:02.100Z');
    expect(clock()).toEqual(['0 s']);
    expect(root.classList.contains('over')).toBe(true);
  });

  it('turns only the digits that change', () => {
    const { root, at } = counting({ end: '2026-11-26T14:20:33Z' });
    const [tens, ones] = root.querySelectorAll('.number i');
    at('2026-11-26T14:20:01Z');
    const [tensNow, onesNow] = root.querySelectorAll('.number i');
    expect(tensNow).toBe(tens);
    expect(onesNow).not.toBe(ones);
    expect(onesNow?.className).toBe('turned');
  });

  it('is heard at most once a minute, in whole words', () => {
    const { root, at } = counting({ end: '2026-11-26T16:22:30Z' });
    const heard = () => textOf(root.querySelector('[role=status]'));
    expect(heard()).toBe('2 hours 2 minutes left');
    at('2026-11-26T14:20:20Z');
    expect(heard()).toBe('2 hours 2 minutes left');
    at('2026-11-26T14:20:31Z');
    expect(heard()).toBe('2 hours 1 minute left');
  });

  it.each<[Partial<Content>, string, string]>([
    [{}, 'en', 'Until Friday, November 27 at 2:20 PM'],
    // the end of a day is that day's, not the next one's beginning
    [{ end: '2026-11-28T00:00:00Z' }, 'en', 'Until end of Friday, November 27'],
    [
      { then: { amount: 39, currency: 'EUR' } },
      'en',
      'Until Friday, November 27 at 2:20 PM, then €39.00',
    ],
    [{}, 'de', 'Freitag, 27. November um 14:20'],
  ])('tells its end on the shop’s clock: %j in %s', (set, language, words) => {
    const { root } = counting(set, language);
    expect(textOf(root.querySelector('.until')).replace(/[\u00a0\u202f]/g, ' ')).toContain(words);
  });

  it('names the zone where the shopper’s clock shows another time', () => {
    const elsewhere = counting({ zone: 'Asia/Tokyo' }).root;
    expect(textOf(elsewhere.querySelector('.until'))).toMatch(/11:20 PM GMT\+9/);
    const midnight = counting({ zone: 'Asia/Tokyo', end: '2026-11-27T15:00:00Z' }).root;
    expect(textOf(midnight.querySelector('.until'))).toBe(
      'Until end of Friday, November 27 (GMT+9)',
    );
  });

  it('says in one sentence that it has ended', () => {
    const { root } = counting({ ended: true });
    expect([root.className, textOf(root)]).toEqual(['ended', 'This offer has ended']);
  });

  it('leaves out when it ends where it is small', () => {
    expect(counting({ small: true }).root.querySelector('.until')).toBe(null);
  });

  it('runs down from its start, or over its last day where it has none', () => {
    const left = (set: Partial<Content>) => counting(set).root.style.getPropertyValue('--left');
    expect(left({ start: '2026-11-26T12:20:00Z', end: '2026-11-26T16:20:00Z' })).toBe('0.5');
    expect(left({ start: '', end: '2026-11-26T20:20:00Z' })).toBe('0.25');
    expect(left({ start: '', end: '2026-12-20T00:00:00Z' })).toBe('1');
  });

  it('stops once it has left the page', () => {
    const { root, at } = counting({ end: '2026-11-26T14:25:00Z' });
    root.remove();
    at('2026-11-26T14:20:05Z');
    expect(vi.getTimerCount()).toBe(0);
  });
});
