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
      className="flex min-h-16 shrink-0 items-center gap-4 overflow-x-auto bg-plum-deep px-5 text-[13px] text-on-plum"
    >
      <h2 className="w-28 shrink-0 text-[14px] leading-tight text-white">
        What changes by itself next
      </h2>
      {moments.error && <p>The moments cannot be told just now.</p>}
      {moments.data?.moments.length === 0 && (
        <p>Nothing on this page changes by itself in the next 60 days.</p>
      )}
      <ol className="flex bg-[linear-gradient(var(--color-plum-2),var(--color-plum-2))] bg-[length:100%_2px] bg-[position:0_11px] bg-no-repeat">
        {moments.data?.moments.map((one) => (
          <li key={one.at}>
            <button
              type="button"
              aria-pressed={one.shopTime === moment}
              className="group block px-4 pt-1.5 pb-1 text-center whitespace-nowrap"
              onClick={() => onGo(one.shopTime)}
            >
              <span className="mx-auto block size-3 rounded-full border-2 border-on-plum bg-plum-deep group-hover:bg-on-plum group-aria-pressed:border-saffron group-aria-pressed:bg-saffron" />
              <b className="mt-1 block text-white tabular-nums group-hover:underline">
                {shown(one.at, moments.data.zone)}
              </b>
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
