import { Link } from 'react-router';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';

import { Shown } from './shown';
import { useClaimRisks, type NodClaimRisk } from './queries';
import { T, t } from '../../shared/t';

/** What could be held against nods, and which numbers shoppers were shown. */
export function Evidence() {
  const doubts = useClaimRisks();
  const found = doubts.data;
  return (
    <div className="min-h-0 flex-1 overflow-y-auto">
      <div className="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)_minmax(0,1fr)] items-start gap-5 px-5 py-5">
        <section
          className="rounded-2xl border border-line bg-paper px-5 py-4"
          aria-label={t('evidence.evidence.claims')}
        >
          <h1 className="text-xl">{t('evidence.evidence.claimsThatCouldBeChallenged')}</h1>
          {isLost(doubts) && <Failure error={doubts.error} again={() => void doubts.refetch()} />}
          {!found && !doubts.error && <Loading />}
          {found && (
            <>
              <p className="mt-1 text-ink-2">
                <T
                  id="evidence.evidence.checkedPublishedNodsOnProducts"
                  values={{
                    doubts:
                      found.doubts.length === 0
                        ? t('evidence.evidence.noneFound')
                        : t('evidence.evidence.theseClaimsAreTrueAs'),
                    nods: found.nods,
                    products: found.products,
                  }}
                />
              </p>
              <ul>
                {found.doubts.map((doubt) => (
                  <Doubt key={`${doubt.nod} ${doubt.rule}`} doubt={doubt} />
                ))}
              </ul>
            </>
          )}
        </section>
        <Shown />
      </div>
    </div>
  );
}

function Doubt({ doubt }: { doubt: NodClaimRisk }) {
  const more = doubt.products - doubt.named.length;
  return (
    <li className="border-t border-line py-3 first:mt-3">
      <p className="font-semibold">
        {doubt.rule} <span className="font-normal text-ink-2">· {doubt.name}</span>
      </p>
      <p className="text-ink-2">{doubt.text}</p>
      {doubt.named.length > 0 && (
        <p className="mt-1 flex flex-wrap gap-x-3">
          {doubt.named.map(({ slug, title }) => (
            <Link key={slug} to={`/pages/product/${slug}`} className="text-plum underline">
              {title}
            </Link>
          ))}
          {more > 0 && (
            <span className="text-ink-2">
              <T id="evidence.evidence.more" values={{ more }} />
            </span>
          )}
        </p>
      )}
    </li>
  );
}
