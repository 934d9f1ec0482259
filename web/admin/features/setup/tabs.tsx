import { NavLink } from 'react-router';
import { t } from '../../shared/t';

/** The parts of Setup. */
export function SetupTabs() {
  const tab = ({ isActive }: { isActive: boolean }) =>
    `flex h-full items-center border-b-2 px-3 ${isActive ? 'border-ink font-[650]' : 'border-transparent font-medium text-ink-2 hover:text-ink'}`;
  return (
    <nav
      aria-label={t('session.navigation.setup')}
      className="flex h-[40px] shrink-0 items-center gap-1 border-b border-line-2 bg-shelf px-2.5 text-[13.5px]"
    >
      <NavLink to="/setup/connect" className={tab}>
        {t('setup.tabs.connect')}
      </NavLink>
      <NavLink to="/setup" end className={tab}>
        {t('setup.tabs.shopAndServices')}
      </NavLink>
      <NavLink to="/setup/people" className={tab}>
        {t('setup.setup.people')}
      </NavLink>
      <NavLink to="/setup/backups" className={tab}>
        {t('setup.tabs.backups')}
      </NavLink>
    </nav>
  );
}
