import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { Empty, Failure, Loading } from '../../ui/empty';
import { useSay } from '../../ui/toasts';
import { useKeys, type ToldKeys } from '../../shared/keys';
import { useBatch } from '../bring-in/queries';
import { useEdit } from '../reviews/edits';
import { ReviewTabs } from '../reviews/tabs';
import { PublishedBatch } from './published-batch';
import {
  useChangeLines,
  usePublishBatch,
  useQueue,
  useStanding,
  type SortingFilter,
} from './queries';
import { useSortActs } from './sort-acts';
import { SortBar } from './sort-bar';
import { SortFoot } from './sort-foot';
import { SortOne } from './sort-one';
import { SortQueue } from './sort-queue';
import { SortQueueFoot } from './sort-queue-foot';

const TOLD: ToldKeys = [
  ['K', 'keep'],
  ['X', 'leave out'],
  ['↑ ↓', 'the review before, the next'],
  ['⇧ ↑ ↓', 'choose several'],
  ['Home End', 'the first, the last'],
  ['Z', 'take the last act back'],
];

/** The sorting table: every review of a batch looked at fast, then all of them published at once. */
export function SortingTable() {
  const batch = Number(useParams()['batch']);
  const about = useBatch(batch);
  const [filter, setFilter] = useState<SortingFilter>({});
  const queue = useQueue(batch, filter);
  const standing = useStanding(batch);
  const publish = usePublishBatch(batch);
  const changeLines = useChangeLines(batch);
  const { sayProblem } = useSay();
  const edit = useEdit((next) =>
    changeLines((line) => (line.id === next.id ? { ...next, sorted: line.sorted } : line)),
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
  const acts = useSortActs({ batch, filter, items, chosen, at: index, goTo });
  const { keep, leave, undo, copy, all } = acts;
  useKeys(
    {
      k: keep,
      x: () => leave(),
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
  const change = (changes: SortingFilter) => {
    setFilter({ ...filter, ...changes });
    setAt(0);
    setAnchor(0);
  };

  if (publish.data) return <PublishedBatch batch={batch} published={publish.data} />;
  const failed = queue.error ?? standing.error ?? about.error;
  return (
    <>
      <h1 className="sr-only">Sorting table</h1>
      {!about.data && <ReviewTabs />}
      {about.data && (
        <SortBar
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
            <SortQueue
              items={items}
              at={index}
              chosen={chosen}
              onOpen={(next, extend) => goTo(next, extend)}
              onEnd={more}
            />
            <SortQueueFoot
              total={total}
              last={acts.last}
              onUndo={undo}
              onAll={(sorted) => void all(sorted)}
            />
          </div>
          <div className="flex min-h-0 flex-col p-4 pb-3">
            <SortOne
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
        <SortFoot
          standing={standing.data}
          busy={publish.isPending || acts.isBusy}
          onLook={() => change({ sorted: 'LEFT_OUT', stars: undefined })}
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
        title={isFiltered ? 'No review of this batch is like that' : 'Nothing of this batch waits'}
      >
        {isFiltered ? (
          <button type="button" className="text-plum underline" onClick={onShowAll}>
            Show all of them
          </button>
        ) : (
          'What came with it is published, left out or taken back.'
        )}
      </Empty>
    </div>
  );
}
