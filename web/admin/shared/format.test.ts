import { describe, expect, it, vi } from 'vitest';

const clock = vi.hoisted(() => ({ now: '2026-11-26T14:20:00Z' }));
vi.mock('./shop-time', () => ({ serverNow: () => Date.parse(clock.now) }));
vi.mock('./intl', () => ({ locale: () => 'en-GB' }));
vi.mock('./t', () => ({ t: (id: string) => id }));

const { moment } = await import('./format');

describe('a moment', () => {
  it('of this year is told without the year', () => {
    expect(moment('2026-11-28T00:00:00Z', 'Europe/Lisbon')).toBe('Sat 28 Nov, 00:00');
  });

  it('of another year is told with it: a key that ends in a year seemed to end today', () => {
    expect(moment('2027-11-26T14:20:00Z', 'Europe/Lisbon')).toContain('26 Nov 2027, 14:20');
    expect(moment('2025-12-31T23:59:00Z', 'Europe/Lisbon')).toContain('31 Dec 2025, 23:59');
  });

  it("has the year that the shop's clock shows", () => {
    clock.now = '2026-12-31T20:00:00Z';
    // in Tokyo it is the new year already
    expect(moment('2027-01-02T00:00:00Z', 'Asia/Tokyo')).toBe('Sat 2 Jan, 09:00');
    expect(moment('2027-01-02T00:00:00Z', 'Europe/Lisbon')).toContain('2 Jan 2027, 00:00');
  });
});
