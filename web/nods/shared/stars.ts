import { el } from '../../script/lib/create-element';

/** A row of five shapes, filled to the quarter; one picture to a screen reader. */
export function stars(value: number, label: string): HTMLElement {
  const row = el('span', { class: 'stars', role: 'img', 'aria-label': label });
  row.style.setProperty('--filled', `${filledWidth(value)}em`);
  return row;
}

/** Quarters are cut by area, not by width: a quarter of a star must be seen to be a quarter. */
function filledWidth(value: number): number {
  const quarters = Math.floor(value * 4) / 4;
  const whole = Math.floor(quarters);
  const rest = quarters - whole;
  return rest === 0 ? whole : whole + 0.125 + 0.75 * (0.5 + (rest - 0.5) * 0.62);
}
