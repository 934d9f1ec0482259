import { number } from '../../shared/format';
import { T, t } from '../../shared/t';
import type { Connection, Sign } from './queries';

const SIGNS: Record<Sign, { text: string; look: string }> = {
  MARKS: { text: t('connect.bar.marks'), look: 'bg-ink' },
  ADDRESS: { text: t('connect.bar.address'), look: 'bg-plum' },
  CANONICAL: { text: t('connect.bar.canonical'), look: 'bg-plum/75' },
  PRODUCT_DATA: { text: t('connect.bar.productData'), look: 'bg-plum/60' },
  SHARING: { text: t('connect.bar.sharing'), look: 'bg-plum/45' },
  META: { text: t('connect.bar.meta'), look: 'bg-plum/35' },
  CARDS: { text: t('connect.bar.cards'), look: 'bg-plum/25' },
};

/** By which signs the pages of a day were known; the parts add up to the number in the heading. */
export function SignBar({ connection: { bySign, known } }: { connection: Connection }) {
  if (known === 0) return null;
  return (
    <div className="px-4 py-3 text-[13px]">
      <div aria-hidden className="flex h-2 gap-0.5 overflow-hidden rounded-full">
        {bySign.map(({ sign, views }) => (
          <span key={sign} className={SIGNS[sign].look} style={{ flexGrow: views }} />
        ))}
      </div>
      <dl className="mt-2 flex flex-wrap gap-x-4">
        <dt className="font-semibold">
          <T id="connect.bar.howWeKnew" values={{ n: number(known) }} />
        </dt>
        {bySign.map(({ sign, views }) => (
          <dd key={sign} className="flex items-center gap-1.5 text-ink-2">
            <span aria-hidden className={`h-2.5 w-2.5 rounded-sm ${SIGNS[sign].look}`} />
            {SIGNS[sign].text} <b className="text-ink">{number(views)}</b>
          </dd>
        ))}
      </dl>
    </div>
  );
}
