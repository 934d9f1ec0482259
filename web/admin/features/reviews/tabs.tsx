import type { ReactNode } from 'react';
import { Link, NavLink } from 'react-router';
import { number } from '../../shared/words';
import { useOwnRule } from '../setup/own-rule';
import { useReviewCounts } from './queries';

const NEW_ONES = {
  AFTER_A_LOOK: 'New reviews wait for you',
  UNLESS_CONTACT: 'New reviews are published, unless they hold contact details',
  AT_ONCE: 'New reviews are published at once',
};

/** The parts of Reviews. */
export function ReviewTabs({ children }: { children?: ReactNode }) {
  const counts = useReviewCounts();
  const rule = useOwnRule();
  const tab = ({ isActive }: { isActive: boolean }) =>
    `flex h-full items-center border-b-2 px-3 font-medium ${isActive ? 'border-plum text-plum' : 'border-transparent text-ink-2 hover:text-ink'}`;
  return (
    <div className="flex h-[42px] shrink-0 items-center gap-1 border-b border-line bg-paper-2 px-2.5">
      <nav aria-label="Reviews" className="flex h-full">
        <NavLink to="/reviews" end className={tab}>
          Desk
          <b className="ml-1.5 text-[13px]">
            {counts.data && number(counts.data.byState['WAITING'] ?? 0)}
          </b>
        </NavLink>
        <NavLink to="/reviews/bring-in" className={tab}>
          Bring in
        </NavLink>
        <NavLink to="/reviews/by-product" className={tab}>
          By product
        </NavLink>
        <NavLink to="/reviews/listing" className={tab}>
          The shop itself
        </NavLink>
      </nav>
      <span className="flex-1" />
      <Link to="/setup#new-reviews" className="px-2.5 text-[13px] text-ink-2 underline">
        {rule.data && NEW_ONES[rule.data.admission]}
      </Link>
      {children}
    </div>
  );
}
