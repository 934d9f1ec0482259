import { NavLink } from 'react-router';
import { Mark } from '../../ui/mark';
import { Button, Key } from '../../ui/button';
import { short } from '../../shared/words';
import { useReviewCounts } from '../reviews/queries';
import { PublishPages } from '../pages/publish';
import type { Role } from '../people/queries';
import { isAtLeast } from '../people/roles';
import { useLeave } from './queries';

const PLACES = [
  { to: '/today', text: 'Today' },
  { to: '/reviews', text: 'Reviews' },
  { to: '/pages', text: 'Pages' },
  { to: '/catalogue', text: 'Catalogue' },
  { to: '/delivery', text: 'Delivery' },
  { to: '/proof', text: 'Proof' },
  { to: '/setup', text: 'Setup' },
];

interface RailProps {
  name: string;
  role: Role | undefined;
  demo: boolean;
  onGoTo: () => void;
}

/** The places of the back office, and what is not public yet. */
export function Rail({ name, role, demo, onGoTo }: RailProps) {
  const counts = useReviewCounts();
  const leave = useLeave();
  const waiting = counts.data?.byState['WAITING'] ?? 0;
  return (
    <header className="flex h-[46px] shrink-0 items-center gap-1 bg-plum-deep px-4.5 text-on-plum">
      <p className="mr-5 flex items-center gap-2 font-display text-[19px] font-bold tracking-tight">
        <Mark /> Nod Yes
      </p>
      <nav aria-label="Places" className="flex gap-1">
        {PLACES.map((place) => (
          <NavLink
            key={place.to}
            to={place.to}
            className={({ isActive }) =>
              `rounded-lg px-3 py-1.5 font-medium ${isActive ? 'bg-plum-2 text-white' : 'text-on-plum-2 hover:text-white'}`
            }
          >
            {place.text}
            {place.to === '/reviews' && waiting > 0 && (
              <span className="ml-1.5 rounded-full bg-saffron px-1.5 text-[11px] font-bold text-plum-deep">
                {short(waiting)}
                <span className="sr-only"> waiting</span>
              </span>
            )}
          </NavLink>
        ))}
      </nav>
      <span className="flex-1" />
      <button
        type="button"
        title="Go to or do"
        className="mr-3 rounded-lg px-2 py-1 text-on-plum-2 hover:text-white"
        onClick={onGoTo}
      >
        <span className="sr-only">Go to or do</span>
        <Key>Ctrl K</Key>
      </button>
      {(!role || isAtLeast(role, 'EDITOR')) && <PublishPages />}
      {demo ? (
        <span className="ml-3 text-[13px] text-on-plum-2">{name} (demo)</span>
      ) : (
        <NavLink
          to="/account"
          title="Your account"
          className="ml-3 rounded px-1 text-[13px] text-on-plum-2 underline-offset-2 hover:text-white hover:underline"
        >
          {name}
        </NavLink>
      )}
      {!demo && (
        <Button look="onPlum" className="ml-2 py-1!" onClick={() => leave.mutate()}>
          Sign out
        </Button>
      )}
    </header>
  );
}
