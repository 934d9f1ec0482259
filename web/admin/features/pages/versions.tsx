import { useState } from 'react';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { useSay } from '../../ui/toasts';
import { moment, number } from '../../shared/words';
import { GoBack, KeptDrafts } from './go-back';
import { takeBackOf, useDraftAct, useVersions } from './nod-queries';
import { PanelHead } from './panel-head';

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
        title="Versions"
        onBack={() => {
          onShow(undefined);
          onDone();
        }}
      >
        {shown !== undefined && (
          <Button look="link" onClick={() => onShow(undefined)}>
            Look at the draft
          </Button>
        )}
      </PanelHead>
      {items.length === 0 && (
        <p className="px-4.5 text-ink-2">
          Nothing was published yet. The first version comes then.
        </p>
      )}
      <ol className="min-h-0 flex-1 overflow-y-auto pb-3">
        {page === 1 && <KeptDrafts zone={zone} onTaken={onTaken} onChanged={onChanged} />}
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
            Newer
          </Button>
          page {number(page)} of {number(Math.ceil(total / SIZE))}
          <Button disabled={page * SIZE >= total} onClick={() => setPage(page + 1)}>
            Older
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
  const takeBack = useDraftAct(takeBackOf);
  const { sayProblem } = useSay();
  return (
    <li
      className={`border-l-3 px-4 py-2.5 ${isShown ? 'border-plum bg-plum-soft' : 'border-transparent'}`}
    >
      <p className="flex items-baseline gap-2">
        <b>Version {number(one.version)}</b>
        {isNewest && (
          <span className="rounded-full bg-fern-soft px-2 text-[12px] font-semibold text-fern-ink">
            what shoppers see
          </span>
        )}
      </p>
      <p className="text-[13px] text-ink-2">
        {moment(one.publishedAt, zone)}, by {one.publishedBy}
        {one.note && `: ${one.note}`}
      </p>
      <ul className="mt-1 flex flex-col gap-0.5 text-[13px]">
        {one.changes.map((change) => (
          <li key={change.text} className="flex items-baseline gap-2">
            <span className="min-w-0 flex-1">{change.text}</span>
            {change.nod && (
              <button
                type="button"
                className="shrink-0 text-plum underline"
                aria-label={`Take back in the draft: ${change.text}`}
                onClick={() =>
                  takeBack.mutate(
                    { version: one.version, id: change.nod },
                    {
                      onSuccess: (step) => {
                        onTaken('Put back in your draft', step.id);
                        onChanged();
                      },
                      onError: sayProblem,
                    },
                  )
                }
              >
                take back
              </button>
            )}
          </li>
        ))}
        {one.changes.length === 0 && <li className="text-ink-2">the same as before it</li>}
      </ul>
      <p className="mt-1.5 flex gap-4 text-[13px]">
        <Button look="link" onClick={() => onShow(one.version)}>
          Look at it
        </Button>
        <Button look="link" aria-expanded={asks} onClick={() => setAsks(!asks)}>
          Go back to it
        </Button>
      </p>
      {asks && (
        <GoBack
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
