import { useEffect, useState } from 'react';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { useNotify } from '../../ui/toasts';
import { moment } from '../../shared/format';
import { T, t } from '../../shared/t';
import { useRestore, type Backup, type BackupList, type Counts } from './queries';

interface RestoreProps {
  backup: Backup;
  present: Counts;
  zone: string;
  onDone: () => void;
}

/** What going back to a backup replaces, before it does; then the wait until it is done. */
export function Restore({ backup, present, zone, onDone }: RestoreProps) {
  const restore = useRestore();
  const { sayProblem } = useNotify();
  const at = moment(backup.madeAt, zone);
  if (restore.isSuccess) return <GoingBack at={at} />;
  return (
    <Dialog title={t('backups.restore.goBackTo', { at })} isAsking onDone={onDone}>
      <dl className="mt-3 flex flex-col gap-3">
        <Held term={t('backups.restore.storedNow')} counts={present} />
        <Held term={t('backups.restore.storedThen')} counts={backup.counts} />
      </dl>
      <p className="mt-3 text-ink-2">{t('backups.restore.whatHappens')}</p>
      <p className="mt-5 flex items-center gap-4">
        <Button
          look="inside"
          disabled={restore.isPending}
          onClick={() => restore.mutate(backup.name, { onError: sayProblem })}
        >
          {restore.isPending ? t('backups.restore.reading') : t('backups.restore.goBack')}
        </Button>
        <Button look="link" onClick={onDone}>
          {t('backups.restore.cancel')}
        </Button>
      </p>
    </Dialog>
  );
}

function Held({ term, counts }: { term: string; counts: Counts }) {
  return (
    <div className="rounded-xl border border-line px-4 py-3">
      <dt className="font-semibold">{term}</dt>
      <dd className="text-ink-2">
        <T id="backups.restore.counts" values={{ ...counts }} />
      </dd>
    </div>
  );
}

const ASKED_EACH = 500;

/** Nod Yes is away for a while: its door is tried until it has been closed and is open again. */
function GoingBack({ at }: { at: string }) {
  const [wasAway, setWasAway] = useState(false);
  useEffect(() => {
    const timer = setInterval(() => {
      fetch('/healthz', { cache: 'no-store' }).then(
        ({ ok }) => {
          if (ok && wasAway) location.assign('/setup/backups');
          else if (!ok) setWasAway(true);
        },
        () => setWasAway(true),
      );
    }, ASKED_EACH);
    return () => clearInterval(timer);
  }, [wasAway]);
  return (
    <Dialog title={t('backups.restore.goingBackTo', { at })} isAsking onDone={() => undefined}>
      <p role="status" className="mt-3 text-ink-2">
        {wasAway ? t('backups.restore.isAway') : t('backups.restore.isClosing')}
      </p>
    </Dialog>
  );
}

/** What came of the last time. */
export function Restored({ restored, zone }: { restored: BackupList['restored']; zone: string }) {
  if (!restored) return null;
  const { failure, kept } = restored;
  return failure ? (
    <p role="alert" className="mx-6 mb-4 rounded-xl bg-rust-soft px-4 py-3 text-rust-ink">
      <T id="backups.restore.notRestored" values={{ failure }} />
    </p>
  ) : (
    <p role="status" className="mx-6 mb-4 rounded-xl bg-fern-soft px-4 py-3 text-fern-ink">
      <T
        id="backups.restore.restored"
        values={{
          at: moment(restored.at, zone),
          kept: <code className="break-all">{kept ?? ''}</code>,
        }}
      />
    </p>
  );
}
