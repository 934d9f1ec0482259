import { moment } from '../../shared/format';
import { PriceCurve, pricedVariant } from '../catalogue/price-curve';
import { useProductView } from '../catalogue/queries';
import type { NodRow } from '../layout/verdict-rows';
import { T, t } from '../../shared/t';

const MOST = 4;

interface EvidenceProps {
  row: NodRow;
  variant: string | undefined;
}

/** What a nod that shows rests on, and until when; of a price its course. */
export function Evidence({ row, variant }: EvidenceProps) {
  const product = useProductView(row.lead).data;
  if (!product) return null;
  const met = row.findings.filter(
    (one) => one.standing === 'MET' && (one.product === undefined || one.product === row.lead),
  );
  const drawn = met.some((one) => one.isOfPrices) ? pricedVariant(product, variant) : undefined;
  return (
    <section
      className="border-t border-line bg-paper-2 px-4.5 py-3"
      aria-label={t('nod.evidence.factsFor', { title: product.title })}
    >
      <h2 className="font-text text-[13px] font-semibold text-ink-2">
        <T id="nod.evidence.factsFor" values={{ title: product.title }} />
      </h2>
      <div className={drawn ? 'grid grid-cols-[minmax(0,3fr)_minmax(0,4fr)] gap-4' : ''}>
        {drawn && <PriceCurve variant={drawn} now={product.now} zone={product.zone} width={195} />}
        <div className="text-[13px] leading-snug">
          <ul>
            {met.slice(0, MOST).map((one) => (
              <li key={one.text} className="mt-1">
                {one.text.charAt(0).toUpperCase() + one.text.slice(1)}{' '}
                <span className="text-ink-2">({one.source})</span>
              </li>
            ))}
          </ul>
          {met.length > MOST && (
            <p className="mt-1 text-ink-2">
              <T id="nod.evidence.moreConditionsMet" values={{ met: met.length - MOST }} />
            </p>
          )}
          {row.validUntil && (
            <p className="mt-1 text-fern-ink">
              <T
                id="nod.evidence.trueUntil"
                values={{ validUntil: moment(row.validUntil, product.zone) }}
              />
            </p>
          )}
        </div>
      </div>
    </section>
  );
}
