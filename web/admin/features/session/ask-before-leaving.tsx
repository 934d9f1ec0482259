import { useBlocker } from 'react-router';
import { isAnythingTyped } from '../../shared/unsaved';
import { Button } from '../../ui/button';
import { Over } from '../../ui/over';

/** Asks whoever goes elsewhere while something typed is not saved. */
export function AskBeforeLeaving() {
  const way = useBlocker(
    ({ currentLocation, nextLocation }) =>
      isAnythingTyped() && currentLocation.pathname !== nextLocation.pathname,
  );
  if (way.state !== 'blocked') return null;
  return (
    <Over isAsking title="Not saved yet" onDone={() => way.reset()}>
      <p className="mt-2">What you typed here is kept nowhere. Going on loses it.</p>
      <div className="mt-4 flex gap-3">
        <Button look="inside" onClick={() => way.reset()}>
          Stay and save it
        </Button>
        <Button onClick={() => way.proceed()}>Go on without it</Button>
      </div>
    </Over>
  );
}
