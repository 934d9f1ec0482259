import { count } from '../../shared/words';
import { Moments } from '../../ui/moments';
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

type Changes = NonNullable<ReturnType<typeof useMoments>['data']>['moments'][number]['changes'];

/** What changes on the page by itself, and when; a moment that is picked is looked at. */
export function MomentsStrip({ kind, products, as, moment, onGo }: MomentsStripProps) {
  const moments = useMoments(kind, products, as);
  const found = moments.data;
  return (
    <Moments
      note={
        moments.error
          ? 'The moments cannot be told just now.'
          : found?.moments.length === 0
            ? 'Nothing on this page changes by itself in the next 60 days.'
            : undefined
      }
      zone={found?.zone ?? 'UTC'}
      moments={(found?.moments ?? []).map((one) => ({
        at: one.at,
        words: told(one.changes),
        isPicked: one.shopTime === moment,
        onGo: () => onGo(one.shopTime),
      }))}
      isCut={found?.isCut}
    />
  );
}

/** Star line appears, review wall goes and 3 more changes */
function told(changes: Changes): string {
  const parts = [...new Set(changes.map((one) => `${one.name} ${WHAT[one.what]}`))];
  const rest = parts.length - NAMED;
  return parts.slice(0, NAMED).join(', ') + (rest > 0 ? ` and ${count(rest, 'more change')}` : '');
}
