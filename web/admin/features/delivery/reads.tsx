import { Link } from 'react-router';
import { language } from '../../shared/words';
import { usePreviewToken } from '../pages/queries';
import type { Ordered } from './queries';

const LANGUAGES = ['en', 'de'];

/** The promise as shoppers read it in some languages, drawn by the shop's own script. */
export function Reads({ order, none }: { order: Ordered; none: string | undefined }) {
  const token = usePreviewToken();
  const [product] = order.products;
  return (
    <section
      aria-label="What shoppers read"
      className="min-w-0 rounded-xl border border-line bg-paper px-4 pt-2.5 pb-3"
    >
      <div className="flex items-baseline gap-2">
        <h2 className="text-base">What shoppers read</h2>
        <span className="ml-auto text-[12.5px]">
          <Link to={`/pages/product/${product ?? ''}`} className="text-plum underline">
            Word it on the page
          </Link>
        </span>
      </div>
      {none !== undefined && <p className="mt-1 text-ink-2">Nothing: {none}.</p>}
      {LANGUAGES.filter(() => none === undefined).map((tag) => (
        <div key={tag} className="mt-1.5">
          <p className="text-[12.5px] font-semibold text-ink-2">{language(tag)}</p>
          {token.data && product && (
            <iframe
              key={JSON.stringify(order)}
              title={`The promise in ${language(tag)}`}
              className="h-[112px] w-full rounded-lg border border-line bg-white"
              src={`/embed/neutral/product?product=${product}&only=under-buy#${new URLSearchParams({
                'nodyes-preview': token.data.token,
                trial: 'delivery-promise',
                lang: tag,
                ...(order.country ? { country: order.country } : {}),
                ...(order.variant ? { variant: order.variant } : {}),
                ...(order.at ? { at: order.at } : {}),
              }).toString()}`}
            />
          )}
        </div>
      ))}
    </section>
  );
}
