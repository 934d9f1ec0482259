import { describe, expect, it } from 'vitest';
import { nextTick, timeLeft } from './time-left';

const ALL = ['day', 'hour', 'minute', 'second'];
const SECOND = 1000;
const MINUTE = 60 * SECOND;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

const told = (milliseconds: number, shown: string[]) =>
  timeLeft(milliseconds, shown)
    .map(({ unit, n }) => `${n} ${unit}`)
    .join(' ');

describe('time left', () => {
  it('is parted into the units that show', () => {
    expect(told(DAY + 2 * HOUR + 3 * MINUTE + 4 * SECOND, ALL)).toBe(
      '1 day 2 hour 3 minute 4 second',
    );
  });

  it('gives what a hidden unit holds to the next smaller one', () => {
    expect(told(2 * DAY + HOUR, ['hour', 'minute'])).toBe('49 hour 0 minute');
  });

  it('is rounded down, never up', () => {
    expect(told(HOUR - 1, ['hour', 'minute'])).toBe('0 hour 59 minute');
    expect(told(1999, ALL)).toBe('0 day 0 hour 0 minute 1 second');
  });

  it('never reads 0 before the end: less than the smallest unit is told in smaller ones', () => {
    expect(told(59 * MINUTE, ['day', 'hour'])).toBe('0 day 0 hour 59 minute');
    expect(told(42 * SECOND, ['day'])).toBe('0 day 0 hour 0 minute 42 second');
  });

  it('reads 0 at the end and after it', () => {
    expect(told(0, ['minute', 'second'])).toBe('0 minute 0 second');
    expect(told(-5 * DAY, ['day'])).toBe('0 day');
  });

  it('is told in all units where none was chosen', () => {
    expect(told(90 * SECOND, [])).toBe('0 day 0 hour 1 minute 30 second');
  });

  it.each([
    { left: 10 * MINUTE + 250, shown: ALL, wait: 251 },
    { left: 10 * MINUTE + 250, shown: ['hour', 'minute'], wait: 251 },
    { left: 10 * MINUTE + 30_000, shown: ['hour', 'minute'], wait: 30_001 },
  ])('waits $wait ms until it reads otherwise', ({ left, shown, wait }) => {
    expect(nextTick(left, timeLeft(left, shown))).toBe(wait);
    expect(told(left - wait, shown)).not.toBe(told(left, shown));
    expect(told(left - wait + 1, shown)).toBe(told(left, shown));
  });
});
