import { count, moment as shown } from '../../shared/words';
import { useMoments } from './queries';

interface MomentsStripProps {
  kind: string;
  products: string[];
  as: Record<string, string>;
  moment: string | undefined;
  onGo: (moment: string) => void;
}

const WHAT = { APPEARS: 'appears', GOES: 'goes', CHANGES: 'changes' };
const NAMED = 2;

type Moments = NonNullable<ReturnType<typeof useMoments>['data']>;
type Changes = Moments['moments'][number]['changes'];

/** What changes on the page by itself, and when; a moment that is picked is looked at. */
export function MomentsStrip({ kind, products, as, moment, onGo }: MomentsStripProps) {
  const moments = useMoments(kind, products, as);
  return (
    <footer
      aria-label="Moments"
      className="flex min-h-14 shrink-0 items-center gap-3 overflow-x-auto bg-plum-deep px-5 text-[13px] text-on-plum"
    >
      <h2 className="shrink-0 text-[14px] text-white">What changes next</h2>
      {moments.error && <p>The moments cannot be told just now.</p>}
      {moments.data?.moments.length === 0 && (
        <p>Nothing on this page changes by itself in the next 60 days.</p>
      )}
      <ol className="flex gap-2">
        {moments.data?.moments.map((one) => (
          <li key={one.at}>
            <button
              type="button"
              aria-pressed={one.shopTime === moment}
              className="rounded-lg border border-plum-2 px-3 py-1 text-left whitespace-nowrap hover:border-on-plum aria-pressed:border-saffron"
              onClick={() => onGo(one.shopTime)}
            >
              <b className="block text-white tabular-nums">{shown(one.at, moments.data.zone)}</b>
              {told(one.changes)}
            </button>
          </li>
        ))}
      </ol>
      {moments.data?.isCut && <p className="shrink-0">and more</p>}
    </footer>
  );
}

/** Star line appears, review wall goes and 3 more changes */
function told(changes: Changes): string {
  const parts = [...new Set(changes.map((one) => `${one.name} ${WHAT[one.what]}`))];
  const rest = parts.length - NAMED;
  return parts.slice(0, NAMED).join(', ') + (rest > 0 ? ` and ${count(rest, 'more change')}` : '');
}
