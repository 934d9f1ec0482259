import { Link } from 'react-router';
import { day, moment, number } from '../../shared/format';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { useShopPicture } from '../shop/queries';
import { StatusDrop } from './nod-marks';
import { PriceCurve, pricedVariant } from './price-curve';
import { money } from './price-line';
import { useProductView, type ProductView } from './queries';
import { T, t } from '../../shared/t';

interface ProductPaneProps {
  slug: string;
  onClose: () => void;
}

/** All that is so about a product: prices, stock, sales, and each nod with its because. */
export function ProductPane({ slug, onClose }: ProductPaneProps) {
  const view = useProductView(slug);
  const picture = useShopPicture();
  if (isLost(view)) return <Failure error={view.error} again={() => void view.refetch()} />;
  if (!view.data) return <Loading lines={8} />;
  const product = view.data;
  return (
    <article aria-label={product.title} className="flex min-h-0 flex-1 flex-col">
      <header className="flex items-start gap-3 px-4.5 pt-3.5">
        {product.picture && (
          <img src={picture(product.picture)} alt="" className="size-14 rounded-lg object-cover" />
        )}
        <div className="min-w-0 flex-1">
          <h2 className="text-[18px] leading-tight">{product.title}</h2>
          <p className="text-[13px] text-ink-2">
            {[
              product.brand,
              t('catalogue.productPane.variants', { variants: product.variants.length }),
              product.firstPublished &&
                t('catalogue.productPane.inTheShopSince', {
                  firstPublished: day(product.firstPublished),
                }),
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
        </div>
        <button
          type="button"
          aria-label={t('catalogue.productPane.close')}
          className="rounded-lg border border-line-2 px-2 py-0.5 hover:bg-paper-2"
          onClick={onClose}
        >
          ×
        </button>
      </header>
      <div
        role="region"
        aria-label={t('catalogue.productPane.details')}
        tabIndex={0}
        className="min-h-0 flex-1 overflow-y-auto px-4.5 pb-4"
      >
        <Prices product={product} />
        <Sold product={product} />
        <Variants product={product} />
        <Nods product={product} />
      </div>
      <footer className="flex gap-2 border-t border-line px-4.5 py-3">
        <Link
          className="rounded-lg bg-ink px-4 py-2 font-semibold text-paper hover:bg-dark-2"
          to={`/pages/product/${slug}`}
        >
          {t('catalogue.productPane.viewPage')}
        </Link>
        <Link
          className="rounded-lg border border-line-3 px-4 py-2 hover:bg-paper-2"
          to={`/reviews?product=${slug}`}
        >
          {product.reviews === 0
            ? t('catalogue.productPane.reviews')
            : t('catalogue.productPane.reviews2', { reviews: product.reviews })}
        </Link>
      </footer>
    </article>
  );
}

function Nods({ product }: { product: ProductView }) {
  const shown = product.nods.filter((nod) => nod.shown).length;
  return (
    <section
      className="mt-3 border-t border-line pt-2.5"
      aria-label={t('catalogue.productPane.nodsAndReasons')}
    >
      <p className="flex justify-between">
        <b>{t('catalogue.productPane.nodsAndReasons')}</b>
        <span className="text-[13px] text-ink-2">
          <T
            id="catalogue.productPane.shownNotShown"
            values={{ shown, nods: product.nods.length - shown }}
          />
        </span>
      </p>
      <ul>
        {product.nods.map((nod) => (
          <li key={nod.nod} className="flex gap-2.5 border-b border-line/60 py-1.5 last:border-0">
            <span className="pt-0.5">
              <StatusDrop shown={nod.shown} />
            </span>
            <div className="min-w-0 flex-1">
              <p className="flex justify-between gap-2">
                <span className="font-semibold">{nod.name}</span>
                {nod.until && (
                  <span className="shrink-0 text-[13px] text-ink-2">
                    <T
                      id="catalogue.productPane.until"
                      values={{ until: moment(nod.until, product.zone) }}
                    />
                  </span>
                )}
              </p>
              <p className="text-[13px] leading-snug text-ink-2">{nod.because}</p>
              {nod.doubts.map((doubt) => (
                <p key={doubt.rule} className="text-[13px] text-rust-ink">
                  <b>{doubt.rule}.</b> {doubt.text}
                </p>
              ))}
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Prices({ product }: { product: ProductView }) {
  const drawn = pricedVariant(product);
  if (!drawn) return <p className="mt-3 text-ink-2">{t('catalogue.productPane.noPriceKnown')}</p>;
  return (
    <section
      className="mt-3 border-t border-line pt-2.5"
      aria-label={t('catalogue.productPane.price')}
    >
      <p className="flex justify-between">
        <b>{t('catalogue.productPane.price')}</b>
        <span className="text-[13px] text-ink-2">
          <T id="catalogue.productPane.past90Days" values={{ sku: drawn.sku }} />
        </span>
      </p>
      <PriceCurve variant={drawn} now={product.now} zone={product.zone} width={340} />
      <table className="sr-only">
        <caption>
          <T id="catalogue.productPane.priceOf" values={{ sku: drawn.sku }} />
        </caption>
        <tbody>
          {drawn.prices.map((step) => (
            <tr key={step.from}>
              <td>
                <T
                  id="catalogue.productPane.from"
                  values={{ from: moment(step.from, product.zone) }}
                />
              </td>
              <td>{money(step.price, drawn.currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Sold({ product }: { product: ProductView }) {
  const most = Math.max(1, ...product.weeks.map((week) => week.units));
  const place = product.sold;
  return (
    <section
      className="mt-3 border-t border-line pt-2.5"
      aria-label={t('catalogue.productPane.soldPerWeek')}
    >
      <p className="flex justify-between gap-3">
        <b>{t('catalogue.productPane.soldPerWeek')}</b>
        {place && (
          <span className="text-right text-[13px] text-ink-2">
            <T
              id="catalogue.productPane.noOfInSoldIn"
              values={{
                rank: place.rank,
                of: place.of,
                group: place.group || t('catalogue.productPane.theShop'),
                units: place.units,
                next:
                  place.next !== undefined &&
                  t('catalogue.productPane.theNextBest', { next: place.next }),
              }}
            />
          </span>
        )}
      </p>
      <ol className="mt-1 grid h-16 grid-cols-12 items-end gap-1.5">
        {product.weeks.map((week, i) => (
          <li key={week.from} className="text-center text-[11px] text-ink-2">
            <span
              aria-label={t('catalogue.productPane.weekOfSold', {
                from: day(week.from),
                units: week.units,
              })}
            >
              {number(week.units)}
            </span>
            <span
              aria-hidden
              ref={(el) => el?.style.setProperty('height', `${(week.units / most) * 40 + 1}px`)}
              className={`block rounded-t-sm ${i === product.weeks.length - 1 ? 'bg-saffron' : 'bg-line-3'}`}
            />
          </li>
        ))}
      </ol>
    </section>
  );
}

function Variants({ product }: { product: ProductView }) {
  return (
    <section
      className="mt-3 border-t border-line pt-2.5"
      aria-label={t('catalogue.productPane.variants2')}
    >
      <table className="w-full text-[13px]">
        <thead className="sr-only">
          <tr>
            <th>{t('catalogue.productPane.sku')}</th>
            <th>{t('catalogue.productPane.price')}</th>
            <th>{t('catalogue.productPane.previousPrice')}</th>
            <th>{t('catalogue.productPane.stock')}</th>
          </tr>
        </thead>
        <tbody>
          {product.variants.map((variant) => (
            <tr key={variant.sku} className="border-b border-line/60 last:border-0">
              <td className="py-1">{variant.sku}</td>
              <td className="tabular-nums">
                {variant.price === undefined
                  ? t('catalogue.productPane.notKnown')
                  : money(variant.price, variant.currency)}
              </td>
              <td className="text-ink-2 tabular-nums">
                {variant.prior !== undefined && (
                  <>
                    <T
                      id="catalogue.productPane.off"
                      values={{
                        s: <s>{money(variant.prior, variant.currency)}</s>,
                        percentOff: variant.percentOff,
                      }}
                    />
                  </>
                )}
              </td>
              <td className="text-right">
                {variant.madeToOrder
                  ? t('catalogue.productPane.madeToOrder')
                  : variant.stock === undefined
                    ? t('catalogue.productPane.stockUnknown')
                    : variant.stock === 0 && variant.availableFrom
                      ? t('catalogue.productPane.soldOutBack', {
                          backOn: day(variant.availableFrom),
                        })
                      : t('catalogue.productPane.inStock', { stock: variant.stock })}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
