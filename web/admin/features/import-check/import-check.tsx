import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { Empty, Failure, Loading } from '../../ui/empty-state';
import { useNotify } from '../../ui/toasts';
import { useKeys, type KeyNames } from '../../shared/keys';
import { useImport } from '../imports/queries';
import { useEdit } from '../reviews/review-edits';
import { ReviewTabs } from '../reviews/tabs';
import { PublishedImport } from './published-import';
import {
  useChangeLines,
  usePublishImport,
  useQueue,
  useImportProgress,
  type ImportFilter,
} from './queries';
import { useDecisions } from './decisions';
import { FilterBar } from './filter-bar';
import { PublishBar } from './publish-bar';
import { ReviewCard } from './review-card';
import { Queue } from './queue';
import { QueueFoot } from './queue-foot';
import { t } from '../../shared/t';

const TOLD: KeyNames = [
  ['K', t('import-check.importCheck.keep')],
  ['L', t('import-check.importCheck.leaveOut')],
  ['↑ ↓', t('import-check.importCheck.previousOrNextReview')],
  ['⇧ ↑ ↓', t('import-check.importCheck.selectSeveral')],
  ['Home End', t('import-check.importCheck.firstOrLastReview')],
  ['Z', t('import-check.importCheck.undo')],
];

/** The check of an import: every review of an import looked at fast, then all of them published at once. */
export function ImportCheck() {
  const batch = Number(useParams()['batch']);
  const about = useImport(batch);
  const [filter, setFilter] = useState<ImportFilter>({});
  const queue = useQueue(batch, filter);
  const standing = useImportProgress(batch);
  const publish = usePublishImport(batch);
  const changeLines = useChangeLines(batch);
  const { sayProblem } = useNotify();
  const edit = useEdit((next) =>
    changeLines((line) => (line.id === next.id ? { ...next, decision: line.decision } : line)),
  );
  const [at, setAt] = useState(0);
  const [anchor, setAnchor] = useState(0);

  const items = useMemo(() => queue.data?.pages.flatMap((page) => page.items) ?? [], [queue.data]);
  const total = queue.data?.pages[0]?.total ?? 0;
  const index = Math.min(at, Math.max(0, items.length - 1));
  const chosen = { from: Math.min(index, anchor), to: Math.max(index, anchor) };
  const review = items[index];

  const more = () => {
    if (queue.hasNextPage && !queue.isFetchingNextPage) void queue.fetchNextPage();
  };
  const goTo = (next: number, extend = false) => {
    const to = Math.max(0, Math.min(items.length - 1, next));
    setAt(to);
    if (!extend) setAnchor(to);
    if (to > items.length - 20) more();
  };
  const acts = useDecisions({ batch, filter, items, chosen, at: index, goTo });
  const { keep, leave, undo, copy, all } = acts;
  useKeys(
    {
      k: keep,
      l: () => leave(),
      z: undo,
      'Shift+z': acts.redo,
      ArrowDown: () => goTo(index + 1),
      ArrowUp: () => goTo(index - 1),
      'Shift+ArrowDown': () => goTo(index + 1, true),
      'Shift+ArrowUp': () => goTo(index - 1, true),
      Home: () => goTo(0),
      End: () => goTo(items.length - 1),
    },
    TOLD,
  );
  const filtered = Object.values(filter).some((value) => value !== undefined);
  const change = (changes: ImportFilter) => {
    setFilter({ ...filter, ...changes });
    setAt(0);
    setAnchor(0);
  };

  if (publish.data) return <PublishedImport batch={batch} published={publish.data} />;
  const failed = queue.error ?? standing.error ?? about.error;
  return (
    <>
      <h1 className="sr-only">{t('import-check.importCheck.checkThisImport')}</h1>
      {!about.data && <ReviewTabs />}
      {about.data && (
        <FilterBar
          batch={about.data}
          filter={filter}
          total={total}
          standing={standing.data}
          onChange={change}
        />
      )}
      {failed && <Failure error={failed} again={() => void queue.refetch()} />}
      {!failed && !queue.data && <Loading lines={9} />}
      {!failed && queue.data && items.length === 0 && (
        <NothingHere
          isFiltered={filtered}
          onShowAll={() => {
            setFilter({});
            setAt(0);
          }}
        />
      )}
      {review && (
        <div className="grid min-h-0 flex-1 grid-cols-[396px_minmax(0,1fr)]">
          <div className="flex min-h-0 flex-col border-r border-line">
            <Queue
              items={items}
              at={index}
              chosen={chosen}
              onOpen={(next, extend) => goTo(next, extend)}
              onEnd={more}
            />
            <QueueFoot
              total={total}
              last={acts.last}
              onUndo={undo}
              onAll={(decision) => void all(decision)}
            />
          </div>
          <div className="flex min-h-0 flex-col p-4 pb-3">
            <ReviewCard
              key={review.id}
              review={review}
              place={index + 1}
              total={total}
              chosen={acts.chosen}
              onKeep={keep}
              onLeave={leave}
              onMove={(by) => goTo(index + by)}
              onEdit={(change) =>
                edit.mutate({ id: review.id, edit: change }, { onError: sayProblem })
              }
              onCopy={(which, older) => copy(review, which, older)}
            />
          </div>
        </div>
      )}
      {standing.data && standing.data.all.reviews > 0 && (
        <PublishBar
          standing={standing.data}
          busy={publish.isPending || acts.isBusy}
          onLook={() => change({ decision: 'LEFT_OUT', stars: undefined })}
          onPublish={() => publish.mutate(undefined, { onError: sayProblem })}
        />
      )}
    </>
  );
}

interface NothingHereProps {
  isFiltered: boolean;
  onShowAll: () => void;
}

function NothingHere({ isFiltered, onShowAll }: NothingHereProps) {
  return (
    <div className="min-h-0 flex-1 overflow-auto">
      <Empty
        title={
          isFiltered
            ? t('import-check.importCheck.noMatchingReviews')
            : t('import-check.importCheck.nothingLeftToCheck')
        }
      >
        {isFiltered ? (
          <button type="button" className="text-plum underline" onClick={onShowAll}>
            {t('import-check.importCheck.clearFilters')}
          </button>
        ) : (
          t('import-check.importCheck.allReviewsOfThisImport')
        )}
      </Empty>
    </div>
  );
}
