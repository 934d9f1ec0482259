import { useEffect, useRef, useSyncExternalStore } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { useShopTime } from '../../shared/shop-time';
import { Button } from '../../ui/button';
import { t } from '../../shared/t';

const subscribe = (changed: () => void) => {
  window.addEventListener('online', changed);
  window.addEventListener('offline', changed);
  return () => {
    window.removeEventListener('online', changed);
    window.removeEventListener('offline', changed);
  };
};

/** Says that there is no network, or no server; what is on the screen stays, and goes on after it. */
export function OfflineBar() {
  const isOn = useSyncExternalStore(subscribe, () => navigator.onLine);
  const queries = useQueryClient();
  // the clock is asked again and again: it is the first to hear that the server is back
  const clock = useShopTime();
  const isAway = clock.isRefetchError;
  const wasAway = useRef(false);
  useEffect(() => {
    if (wasAway.current && !isAway)
      void queries.invalidateQueries({ predicate: ({ state }) => state.status === 'error' });
    wasAway.current = isAway;
  }, [isAway, queries]);
  if (!isOn)
    return (
      <p role="status" className={STRIP}>
        {t('session.offlineBar.youAreOfflineYourChanges')}
      </p>
    );
  return isAway ? (
    <p role="status" className={STRIP}>
      {t('session.offlineBar.noConnectionToNodYes')}{' '}
      <Button look="link" onClick={() => void clock.refetch()}>
        {t('session.offlineBar.tryNow')}
      </Button>
    </p>
  ) : null;
}

const STRIP = 'bg-rust-soft px-5 py-1.5 text-rust-ink';
