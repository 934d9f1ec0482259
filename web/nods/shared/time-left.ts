/** The units that a countdown may show, the largest first, with their length in seconds. */
const UNITS = [
  ['day', 86_400],
  ['hour', 3_600],
  ['minute', 60],
  ['second', 1],
] as const;

export type Unit = (typeof UNITS)[number][0];

/** How much of one unit is left. */
export interface Left {
  unit: Unit;
  n: number;
}

/**
 * What is left, in the units that are shown: what a hidden one holds goes to the next smaller one.
 * It is rounded down, so that nobody reads more time than there is. Where less is left than the
 * smallest of them, that is told in smaller ones, so that nothing reads 0 before the end.
 */
export function timeLeft(milliseconds: number, shown: string[]): Left[] {
  const whole = Math.floor(Math.max(0, milliseconds) / 1000);
  const smallest = UNITS.findLastIndex(([unit]) => shown.includes(unit));
  let last = smallest < 0 ? UNITS.length - 1 : smallest;
  while (last < UNITS.length - 1 && whole > 0 && whole < UNITS[last]![1]) last++;
  let seconds = whole;
  return UNITS.filter(([unit], at) => shown.includes(unit) || (at > smallest && at <= last)).map(
    ([unit, length]) => {
      const n = Math.floor(seconds / length);
      seconds -= n * length;
      return { unit, n };
    },
  );
}

/** How long what is told of it stays so: seconds tick where seconds are told. */
export function nextTick(milliseconds: number, told: Left[]): number {
  const step = told.some(({ unit }) => unit === 'second') ? 1000 : 60_000;
  // told in minutes, it is told in seconds from the last minute on
  return (milliseconds % step) + 1;
}
