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
 * The smallest is rounded up, so that the last of it reads 1 and nothing is left at the end alone.
 */
export function timeLeft(milliseconds: number, shown: string[]): Left[] {
  const units = UNITS.filter(([unit]) => shown.includes(unit));
  const smallest = units.at(-1)?.[1] ?? 1;
  let seconds = Math.ceil(Math.max(0, milliseconds) / 1000 / smallest) * smallest;
  return units.map(([unit, length]) => {
    const n = Math.floor(seconds / length);
    seconds -= n * length;
    return { unit, n };
  });
}
