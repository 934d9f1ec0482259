import { useState } from 'react';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { useNotify } from '../../ui/toasts';
import { moment } from '../../shared/format';
import { RestoreVersion, ReplacedDrafts } from './restore-version';
import { undoChangeOf, useDraftAct, useVersions } from '../layout/nod-queries';
import { PanelHead } from '../layout/panel-head';
import { T, t } from '../../shared/t';

interface VersionsProps {
  zone: string;
  shown: number | undefined;
  onShow: (version: number | undefined) => void;
  onDone: () => void;
  onChanged: () => void;
  onTaken: (words: string, step: number) => void;
}

const SIZE = 20;

/** What was published, by whom and when: look at any, go back to any, take back one nod's change. */
export function Versions({ zone, shown, onShow, onDone, onChanged, onTaken }: VersionsProps) {
  const [page, setPage] = useState(1);
  const versions = useVersions(page);
  if (isLost(versions))
    return <Failure error={versions.error} again={() => void versions.refetch()} />;
  if (!versions.data) return <Loading />;
  const { items, total } = versions.data;
  const newest = page === 1 ? items[0]?.version : undefined;
  return (
    <>
      <PanelHead
        title={t('pages.versions.versions')}
        onBack={() => {
          onShow(undefined);
          onDone();
        }}
      >
        {shown !== undefined && (
          <Button look="link" onClick={() => onShow(undefined)}>
            {t('pages.versions.previewTheDraft')}
          </Button>
        )}
      </PanelHead>
      {items.length === 0 && (
        <p className="px-4.5 text-ink-2">{t('pages.versions.nothingPublishedYetEachTime')}</p>
      )}
      <ol className="min-h-0 flex-1 overflow-y-auto pb-3">
        {page === 1 && <ReplacedDrafts zone={zone} onTaken={onTaken} onChanged={onChanged} />}
        {items.map((one) => (
          <OneVersion
            key={one.version}
            one={one}
            zone={zone}
            isShown={shown === one.version}
            isNewest={one.version === newest}
            onShow={onShow}
            onChanged={onChanged}
            onTaken={onTaken}
          />
        ))}
      </ol>
      {total > SIZE && (
        <p className="flex items-center justify-end gap-3 border-t border-line px-4.5 py-2 text-[13px]">
          <Button disabled={page <= 1} onClick={() => setPage(page - 1)}>
            {t('pages.versions.newer')}
          </Button>
          <T id="pages.versions.pageOf" values={{ page, pages: Math.ceil(total / SIZE) }} />
          <Button disabled={page * SIZE >= total} onClick={() => setPage(page + 1)}>
            {t('pages.versions.older')}
          </Button>
        </p>
      )}
    </>
  );
}

interface OneVersionProps extends Pick<VersionsProps, 'zone' | 'onShow' | 'onChanged' | 'onTaken'> {
  one: NonNullable<ReturnType<typeof useVersions>['data']>['items'][number];
  isShown: boolean;
  isNewest: boolean;
}

function OneVersion(props: OneVersionProps) {
  const { one, zone, isShown, isNewest, onShow, onChanged, onTaken } = props;
  const [asks, setAsks] = useState(false);
  const takeBack = useDraftAct(undoChangeOf);
  const { sayProblem } = useNotify();
  return (
    <li
      className={`border-l-3 px-4 py-2.5 ${isShown ? 'border-plum bg-plum-soft' : 'border-transparent'}`}
    >
      <p className="flex items-baseline gap-2">
        <b>
          <T id="pages.versions.version" values={{ version: one.version }} />
        </b>
        {isNewest && (
          <span className="rounded-full bg-fern-soft px-2 text-[12px] font-semibold text-fern-ink">
            {t('pages.versions.live')}
          </span>
        )}
      </p>
      <p className="text-[13px] text-ink-2">
        <T
          id="pages.versions.by"
          values={{
            publishedAt: moment(one.publishedAt, zone),
            publishedBy: one.publishedBy,
            note: one.note && `: ${one.note}`,
          }}
        />
      </p>
      <ul className="mt-1 flex flex-col gap-0.5 text-[13px]">
        {one.changes.map((change) => (
          <li key={change.text} className="flex items-baseline gap-2">
            <span className="min-w-0 flex-1">{change.text}</span>
            {change.nod && (
              <button
                type="button"
                className="shrink-0 text-plum underline"
                aria-label={t('pages.versions.undoInTheDraft', { text: change.text })}
                onClick={() =>
                  takeBack.mutate(
                    { version: one.version, id: change.nod },
                    {
                      onSuccess: (step) => {
                        onTaken(t('pages.versions.undoneInYourDraft'), step.id);
                        onChanged();
                      },
                      onError: sayProblem,
                    },
                  )
                }
              >
                {t('pages.versions.undoThisChange')}
              </button>
            )}
          </li>
        ))}
        {one.changes.length === 0 && (
          <li className="text-ink-2">{t('pages.versions.noChanges')}</li>
        )}
      </ul>
      <p className="mt-1.5 flex gap-4 text-[13px]">
        <Button look="link" onClick={() => onShow(one.version)}>
          {t('pages.versions.preview')}
        </Button>
        <Button look="link" aria-expanded={asks} onClick={() => setAsks(!asks)}>
          {t('pages.versions.restore')}
        </Button>
      </p>
      {asks && (
        <RestoreVersion
          version={one.version}
          onTaken={onTaken}
          onChanged={onChanged}
          onDone={() => {
            setAsks(false);
            onShow(undefined);
          }}
        />
      )}
    </li>
  );
}
