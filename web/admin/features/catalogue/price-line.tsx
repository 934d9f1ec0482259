import { number } from '../../shared/format';
import type { PriceStep } from './queries';
import { t } from '../../shared/t';
import { locale } from '../../shared/intl';

interface LineProps {
  steps: PriceStep[];
  now: string;
  width: number;
  height: number;
}

const DAY = 86_400_000;
export const DAYS_DRAWN = 90;

/** A stepped line of prices over the last ninety days, ending in a dot. */
export function PriceLine({ steps, now, width, height }: LineProps) {
  const points = plot(steps, now, width, height);
  if (points.length === 0)
    return <span className="text-[12px] text-ink-2">{t('catalogue.priceLine.noPrice')}</span>;
  const last = points.at(-1)!;
  const fell = steps.length > 1 && steps.at(-1)!.price < steps.at(-2)!.price;
  return (
    <svg viewBox={`0 0 ${width} ${height}`} width={width} height={height} aria-hidden>
      <path d={path(points, width)} className="fill-none stroke-ink-2" strokeWidth="1.5" />
      {fell && (
        <path
          d={`M${last.x} ${points.at(-2)!.y}V${last.y}H${width - 3}`}
          className="fill-none stroke-plum"
          strokeWidth="1.5"
        />
      )}
      <circle cx={width - 3} cy={last.y} r="2.5" className="fill-plum" />
    </svg>
  );
}

interface Point {
  x: number;
  y: number;
  price: number;
  at: number;
}

/** Where each step begins; the highest price on top. */
export function plot(steps: PriceStep[], now: string, width: number, height: number): Point[] {
  const end = Date.parse(now);
  const start = end - DAYS_DRAWN * DAY;
  const prices = steps.map((step) => step.price);
  const low = Math.min(...prices);
  const span = Math.max(...prices) - low;
  return steps.map((step) => {
    const at = Date.parse(step.from);
    return {
      x: Math.round(Math.max(0, ((at - start) / (end - start)) * (width - 3))),
      y: span === 0 ? height / 2 : Math.round(3 + (1 - (step.price - low) / span) * (height - 6)),
      price: step.price,
      at,
    };
  });
}

export const path = (points: Point[], width: number) =>
  points
    .map((point, i) => (i === 0 ? `M${point.x} ${point.y}` : `H${point.x}V${point.y}`))
    .join('') + `H${width - 3}`;

const MONEY = new Map<string, Intl.NumberFormat>();

/** €25.00 */
export function money(amount: number, currency: string | undefined): string {
  if (!currency) return number(amount);
  const known =
    MONEY.get(currency) ?? new Intl.NumberFormat(locale(), { style: 'currency', currency });
  MONEY.set(currency, known);
  return known.format(amount);
}
