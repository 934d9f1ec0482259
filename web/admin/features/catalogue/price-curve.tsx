import { path, plot, money } from './price-line';
import type { ProductView } from './queries';
import { locale } from '../../shared/intl';

const HEIGHT = 64;

interface PriceCurveProps {
  variant: ProductView['variants'][number];
  now: string;
  zone: string;
  /** about how wide it is drawn, in pixels */
  width: number;
}

/** The variant whose price says most: the asked one, else one that is reduced, else any with a price. */
export function pricedVariant({ variants }: ProductView, sku?: string) {
  const priced = variants.filter((one) => one.price !== undefined);
  return (
    priced.find((one) => one.sku === sku) ??
    priced.find((one) => one.percentOff !== undefined) ??
    priced[0]
  );
}

/** A stepped curve of a variant's prices over ninety days, with the price that a reduction is told from. */
export function PriceCurve({ variant, now, zone, width }: PriceCurveProps) {
  const points = plot(variant.prices, now, width, HEIGHT);
  const shopDay = (at: number) =>
    new Intl.DateTimeFormat(locale(), { day: 'numeric', month: 'short', timeZone: zone }).format(
      at,
    );
  const prior = points.findLast(({ price }) => price === variant.prior);
  const fell = points[points.indexOf(prior!) + 1];
  return (
    <svg viewBox={`0 -14 ${width} ${HEIGHT + 30}`} className="mt-1 w-full" aria-hidden>
      <path d={path(points, width)} className="fill-none stroke-ink-2" strokeWidth="1.5" />
      {prior && fell && (
        <path
          d={`M${prior.x} ${prior.y}H${fell.x}`}
          className="fill-none stroke-saffron"
          strokeWidth="3"
        />
      )}
      {points.map((point, i) => (
        <text
          key={point.at}
          x={i === 0 ? point.x : point.x - 5}
          y={i === 0 ? point.y - 5 : point.y + 4}
          textAnchor={i === 0 ? 'start' : 'end'}
          className={`text-[11px] ${i === points.length - 1 ? 'fill-plum font-bold' : 'fill-ink-2'}`}
        >
          {money(point.price, variant.currency)}
        </text>
      ))}
      {points.map((point, i) => (
        <text
          key={`day ${point.at}`}
          x={Math.min(point.x, width - 40)}
          y={HEIGHT + 14}
          className="fill-ink-2 text-[11px]"
        >
          {i > 0 && point.x - points[i - 1]!.x < 46 ? '' : shopDay(point.at)}
        </text>
      ))}
      {points.length > 0 && (
        <circle cx={width - 3} cy={points.at(-1)!.y} r="3" className="fill-plum" />
      )}
    </svg>
  );
}
