import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { pickFile } from '../../ui/pick-file';
import { useNotify } from '../../ui/toasts';
import { isLost } from '../../shared/api';
import { moment, since } from '../../shared/format';
import { T, t } from '../../shared/t';
import { SetupTabs } from '../setup/tabs';
import { BackupList } from './backup-list';
import { size } from './size';
import { Restored } from './restore';
import { useShop } from '../shop/queries';
import { useBackUp, useBackups, useBringBackup, type Backup } from './queries';

/** When all was last backed up, what was in it, and how to go back. */
export function BackupsPage() {
  const backups = useBackups();
  const make = useBackUp();
  const bring = useBringBackup();
  const zone = useShop().data?.zone ?? 'UTC';
  const { say, sayProblem } = useNotify();
  const [last] = backups.data?.items ?? [];
  return (
    <>
      <SetupTabs />
      <div className="min-h-0 flex-1 overflow-auto p-5">
        {isLost(backups) ? (
          <Failure error={backups.error} again={() => void backups.refetch()} />
        ) : !backups.data ? (
          <Loading />
        ) : (
          <div className="mx-auto grid max-w-6xl items-start gap-4 lg:grid-cols-[3fr_2fr]">
            <section
              className="rounded-2xl border border-line bg-paper"
              aria-labelledby="backups-last"
            >
              <div className="px-6 pt-5 pb-4">
                <h1 id="backups-last" className="text-2xl font-normal text-ink-2">
                  {last ? (
                    <T
                      id="backups.backupsPage.theLastOne"
                      values={{
                        b: (chunks) => <b className="font-semibold text-ink">{chunks}</b>,
                        ok: (chunks) => <b className="font-semibold text-fern-ink">{chunks}</b>,
                        since: since(last.madeAt),
                      }}
                    />
                  ) : (
                    t('backups.backupsPage.noneYet')
                  )}
                </h1>
                {last && <Counted backup={last} />}
              </div>
              <Restored restored={backups.data.restored} zone={zone} />
              <BackupList backups={backups.data} />
              <p className="flex flex-wrap items-center gap-3 border-t border-line px-6 py-3">
                <Button
                  disabled={make.isPending}
                  onClick={() =>
                    make.mutate(undefined, {
                      onSuccess: () => say(t('backups.backupsPage.done')),
                      onError: sayProblem,
                    })
                  }
                >
                  {make.isPending
                    ? t('backups.backupsPage.backingUp')
                    : t('backups.backupsPage.backUpNow')}
                </Button>
                <Button
                  look="link"
                  disabled={bring.isPending}
                  onClick={() =>
                    pickFile('.zip,application/zip', (file) =>
                      bring.mutate(file, {
                        onSuccess: ({ madeAt }) =>
                          say(t('backups.backupsPage.brought', { at: moment(madeAt, zone) })),
                        onError: sayProblem,
                      }),
                    )
                  }
                >
                  {bring.isPending
                    ? t('backups.restore.reading')
                    : t('backups.backupsPage.bringOne')}
                </Button>
                <span className="text-[13px] text-ink-2">
                  {t('backups.backupsPage.eachDay', { kept: backups.data.kept })}
                </span>
              </p>
            </section>
            <GoingBack folder={backups.data.folder} data={backups.data.data} name={last?.name} />
          </div>
        )}
      </div>
    </>
  );
}

function Counted({ backup: { counts, bytes } }: { backup: Backup }) {
  return (
    <p className="mt-2 text-ink-2">
      <T
        id="backups.backupsPage.counted"
        values={{
          b: (chunks) => <b className="text-ink">{chunks}</b>,
          ...counts,
          size: size(bytes),
        }}
      />
    </p>
  );
}

interface GoingBackProps {
  folder: string;
  data: string;
  name: string | undefined;
}

/** What restores one, for whoever has the machine: nothing here can undo it for others. */
function GoingBack({ folder, data, name }: GoingBackProps) {
  return (
    <section
      className="rounded-2xl border border-line bg-paper px-6 py-5"
      aria-labelledby="going-back"
    >
      <h2 id="going-back" className="text-xl">
        {t('backups.backupsPage.goBackOrMove')}
      </h2>
      <ol className="mt-2 ml-5 flex list-decimal flex-col gap-2 text-ink-2">
        <li>{t('backups.backupsPage.stopNodYes')}</li>
        <li>
          {t('backups.backupsPage.runThis')}
          <code className="mt-1 block rounded-lg bg-paper-2 px-3 py-2 text-[13px] break-all text-ink">
            {`./nodyes restore ${folder}/${name ?? 'nod-yes.zip'} --data ${data}`}
          </code>
        </li>
        <li>{t('backups.backupsPage.itSaysFirst')}</li>
      </ol>
      <p className="mt-3 text-[13px] text-ink-2">
        <T
          id="backups.backupsPage.theyLieIn"
          values={{ folder: <code className="break-all">{folder}</code> }}
        />
      </p>
      <p className="mt-2 text-[13px] text-ink-2">{t('backups.backupsPage.holdsSecrets')}</p>
    </section>
  );
}
