import { NavLink } from 'react-router';
import { Logo } from '../../ui/logo';
import { Button, Key } from '../../ui/button';
import { short } from '../../shared/format';
import { useReviewCounts } from '../reviews/queries';
import { PublishPages } from '../versions/publish';
import type { Role } from '../people/queries';
import { isAtLeast } from '../people/roles';
import { useLeave } from './queries';
import { T, t } from '../../shared/t';

const PLACES = [
  { to: '/today', text: t('session.navigation.today') },
  { to: '/reviews', text: t('session.navigation.reviews') },
  { to: '/pages', text: t('session.navigation.pages') },
  { to: '/catalogue', text: t('session.navigation.catalogue') },
  { to: '/delivery', text: t('session.navigation.delivery') },
  { to: '/evidence', text: t('session.navigation.evidence') },
  { to: '/setup', text: t('session.navigation.setup') },
];

interface RailProps {
  name: string;
  role: Role | undefined;
  demo: boolean;
  onGoTo: () => void;
}

/** The places of the back office, and what is not public yet. */
export function Navigation({ name, role, demo, onGoTo }: RailProps) {
  const counts = useReviewCounts();
  const leave = useLeave();
  const waiting = counts.data?.byStatus['PENDING'] ?? 0;
  return (
    <header className="flex h-[46px] shrink-0 items-center gap-1 border-b border-line bg-paper px-5">
      <p className="mr-5 flex shrink-0 items-center gap-2 font-display text-[19px] font-bold tracking-tight whitespace-nowrap">
        <T id="session.navigation.nodYes" values={{ mark: <Logo /> }} />
      </p>
      <nav aria-label={t('session.navigation.mainMenu')} className="flex h-full">
        {PLACES.map((place) => (
          <NavLink
            key={place.to}
            to={place.to}
            className={({ isActive }) =>
              `relative flex h-full items-center px-3 after:absolute after:inset-x-3 after:bottom-0 after:h-1 after:rounded-sm ${isActive ? 'font-bold after:bg-saffron' : 'font-medium text-ink-2 hover:text-ink hover:after:bg-line-2'}`
            }
          >
            {place.text}
            {place.to === '/reviews' && waiting > 0 && (
              <span className="ml-1.5 rounded-lg bg-shelf px-1.5 text-[13px] font-bold text-ink">
                {short(waiting)}
                <span className="sr-only"> {t('session.navigation.waiting')}</span>
              </span>
            )}
          </NavLink>
        ))}
      </nav>
      <span className="flex-1" />
      <button
        type="button"
        title={t('session.navigation.goTo')}
        className="mr-3 shrink-0 rounded-lg px-2 py-1 whitespace-nowrap text-ink-2 hover:text-ink"
        onClick={onGoTo}
      >
        <span className="sr-only">{t('session.navigation.goTo')}</span>
        <Key>{t('session.navigation.ctrlK')}</Key>
      </button>
      {(!role || isAtLeast(role, 'EDITOR')) && <PublishPages />}
      {demo ? (
        <span className="ml-3 truncate text-[13px] text-ink-2">
          <T id="session.navigation.demo" values={{ name }} />
        </span>
      ) : (
        <NavLink
          to="/account"
          title={t('session.navigation.yourAccount')}
          className="ml-3 rounded px-1 text-[13px] font-medium underline-offset-2 hover:underline"
        >
          {name}
        </NavLink>
      )}
      {!demo && (
        <Button className="ml-2 py-1!" onClick={() => leave.mutate()}>
          {t('session.navigation.signOut')}
        </Button>
      )}
    </header>
  );
}
