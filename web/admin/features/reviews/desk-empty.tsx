import { Link } from 'react-router';
import { Empty } from '../../ui/empty';
import { isPlain } from './desk-filter';
import { useReviewCounts, type DeskFilter } from './queries';

/** Why the desk is empty, and what to do. */
export function DeskEmpty({ filter }: { filter: DeskFilter }) {
  const counts = useReviewCounts();
  const all = Object.values(counts.data?.byState ?? {}).reduce((sum, n) => sum + n, 0);
  const link = 'text-plum underline underline-offset-2';
  if (all === 0) {
    return (
      <Empty title="Reviews come here first">
        Bring in the ones you have: a spreadsheet, a page that shows them, or one by hand.{' '}
        <Link className={link} to="/reviews/bring-in">
          Bring reviews in
        </Link>
      </Empty>
    );
  }
  if (filter.state === 'WAITING' && isPlain(filter)) {
    return (
      <Empty title="Nothing waits for you">
        No review waits for a decision.{' '}
        <Link className={link} to="/reviews?state=PUBLISHED">
          See the published ones
        </Link>
      </Empty>
    );
  }
  return (
    <Empty title="No review is like that">
      <Link className={link} to="/reviews?state=ANY">
        Show all reviews
      </Link>
    </Empty>
  );
}
