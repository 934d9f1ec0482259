import { moment } from '../../shared/format';
import { useState } from 'react';
import { t } from '../../shared/t';
import { Restore } from './restore';
import { useShop } from '../shop/queries';
import { size } from './size';
import type { Backup, BackupList as Backups } from './queries';

/** Those that are here, newest first, each opened and counted when it was made. */
export function BackupList({ backups: { items, present, canRestore } }: { backups: Backups }) {
  const [goingTo, setGoingTo] = useState<Backup>();
  const zone = useShop().data?.zone ?? 'UTC';
  return (
    <>
      <ul className="max-h-96 overflow-y-auto border-t border-line">
        {items.map((backup) => (
          <li
            key={backup.name}
            className="flex items-baseline gap-3 border-b border-line/70 px-6 py-2 last:border-0"
          >
            <span aria-hidden className="size-3 rounded-[50%_50%_50%_2px] bg-fern" />
            <b className="font-semibold">{moment(backup.madeAt, zone)}</b>
            <span className="flex-1 text-[13px] text-ink-2">
              {t('backups.backupList.openedAndRead')} · {size(backup.bytes)}
            </span>
            {canRestore && (
              <button
                type="button"
                className="text-plum underline"
                onClick={() => setGoingTo(backup)}
                aria-label={t('backups.restore.goBackTo', { at: moment(backup.madeAt, zone) })}
              >
                {t('backups.restore.goBack')}
              </button>
            )}
            <a
              className="text-plum underline"
              href={`/api/v1/backups/${encodeURIComponent(backup.name)}/file`}
              download
              aria-label={t('backups.backupList.downloadOf', { at: moment(backup.madeAt, zone) })}
            >
              {t('backups.backupList.download')}
            </a>
          </li>
        ))}
      </ul>
      {goingTo && (
        <Restore
          backup={goingTo}
          present={present}
          zone={zone}
          onDone={() => setGoingTo(undefined)}
        />
      )}
    </>
  );
}
