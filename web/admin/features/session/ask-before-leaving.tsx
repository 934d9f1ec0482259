import { useBlocker } from 'react-router';
import { isAnythingTyped } from '../../shared/unsaved';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { t } from '../../shared/t';

/** Asks whoever goes elsewhere while something typed is not saved. */
export function AskBeforeLeaving() {
  const way = useBlocker(
    ({ currentLocation, nextLocation }) =>
      isAnythingTyped() && currentLocation.pathname !== nextLocation.pathname,
  );
  if (way.state !== 'blocked') return null;
  return (
    <Dialog
      isAsking
      title={t('session.askBeforeLeaving.unsavedChanges')}
      onDone={() => way.reset()}
    >
      <p className="mt-2">{t('session.askBeforeLeaving.whatYouTypedHereIs')}</p>
      <div className="mt-4 flex gap-3">
        <Button look="inside" onClick={() => way.reset()}>
          {t('session.askBeforeLeaving.stayOnThisPage')}
        </Button>
        <Button onClick={() => way.proceed()}>
          {t('session.askBeforeLeaving.leaveWithoutSaving')}
        </Button>
      </div>
    </Dialog>
  );
}
