import { Link } from 'react-router';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { count } from '../../shared/words';
import { Shown } from './shown';
import { useDoubts, type DoubtOfNod } from './queries';

/** What could be held against nods, and which numbers shoppers were shown. */
export function Proof() {
  const doubts = useDoubts();
  const found = doubts.data;
  return (
    <div className="min-h-0 flex-1 overflow-y-auto">
      <div className="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)_minmax(0,1fr)] items-start gap-5 px-5 py-5">
        <section className="rounded-2xl border border-line bg-paper px-5 py-4" aria-label="Doubts">
          <h1 className="text-xl">What could be held against it</h1>
          {isLost(doubts) && <Failure error={doubts.error} again={() => void doubts.refetch()} />}
          {!found && !doubts.error && <Loading />}
          {found && (
            <>
              <p className="mt-1 text-ink-2">
                {found.doubts.length === 0
                  ? 'Nothing.'
                  : 'Allowed and true as it is set, and yet it may mislead or not stand up.'}{' '}
                {count(found.nods, 'published nod')} looked at for{' '}
                {count(found.products, 'product')}.
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

function Doubt({ doubt }: { doubt: DoubtOfNod }) {
  const more = doubt.products - doubt.named.length;
  return (
    <li className="border-t border-line py-3 first:mt-3">
      <p className="font-semibold">
        {doubt.rule} <span className="font-normal text-ink-2">· {doubt.name}</span>
      </p>
      <p className="text-ink-2">{doubt.words}</p>
      {doubt.named.length > 0 && (
        <p className="mt-1 flex flex-wrap gap-x-3">
          {doubt.named.map(({ slug, title }) => (
            <Link key={slug} to={`/pages/product/${slug}`} className="text-plum underline">
              {title}
            </Link>
          ))}
          {more > 0 && <span className="text-ink-2">and {more} more</span>}
        </p>
      )}
    </li>
  );
}
