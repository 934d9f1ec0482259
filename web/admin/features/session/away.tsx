import { useEffect, useRef, useSyncExternalStore } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { useShopTime } from '../../shared/shop-time';
import { Button } from '../../ui/button';

const subscribe = (changed: () => void) => {
  window.addEventListener('online', changed);
  window.addEventListener('offline', changed);
  return () => {
    window.removeEventListener('online', changed);
    window.removeEventListener('offline', changed);
  };
};

/** Says that there is no network, or no server; what is on the screen stays, and goes on after it. */
export function Away() {
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
        You are offline. What you do now waits, in order, and is done when the network is back.
      </p>
    );
  return isAway ? (
    <p role="status" className={STRIP}>
      The server does not answer. What you see is from before, and what you typed stays; it is asked
      again by itself.{' '}
      <Button look="link" onClick={() => void clock.refetch()}>
        Try now
      </Button>
    </p>
  ) : null;
}

const STRIP = 'bg-rust-soft px-5 py-1.5 text-rust-ink';
