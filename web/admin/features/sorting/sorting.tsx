import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { Empty, Failure, Loading } from '../../ui/empty';
import { useSay } from '../../ui/toasts';
import { useKeys } from '../../shared/keys';
import { count } from '../../shared/words';
import { useBatch } from '../bring-in/queries';
import { useEdit } from '../reviews/edits';
import type { Reason, ReviewLine } from '../reviews/queries';
import { ReviewTabs } from '../reviews/tabs';
import { PublishedBatch } from './published-batch';
import {
  marks,
  useChangeLines,
  useDecide,
  usePublishBatch,
  useQueue,
  useStanding,
  type Decision,
  type SortingFilter,
} from './queries';
import { SortBar } from './sort-bar';
import { SortFoot } from './sort-foot';
import { SortOne } from './sort-one';
import { SortQueue } from './sort-queue';
import { SortQueueFoot } from './sort-queue-foot';

/** Puts decisions together that are alike, so that an undo is few calls. */
function together(lines: Pick<ReviewLine, 'id' | 'sorted' | 'sortedBecause'>[]): Decision[] {
  const groups = new Map<string, Decision>();
  for (const { id, sorted, sortedBecause } of lines) {
    const key = `${sorted} ${sortedBecause ?? ''}`;
    const group = groups.get(key) ?? { ids: [], sorted, reason: sortedBecause };
    group.ids.push(id);
    groups.set(key, group);
  }
  return [...groups.values()];
}

/** The sorting table: every review of a batch looked at fast, then all of them published at once. */
export function SortingTable() {
  const batch = Number(useParams()['batch']);
  const about = useBatch(batch);
  const [filter, setFilter] = useState<SortingFilter>({});
  const queue = useQueue(batch, filter);
  const standing = useStanding(batch);
  const decide = useDecide(batch);
  const publish = usePublishBatch(batch);
  const changeLines = useChangeLines(batch);
  const { say, sayProblem } = useSay();
  const edit = useEdit((next) =>
    changeLines((line) => (line.id === next.id ? { ...next, sorted: line.sorted } : line)),
  );
  const [at, setAt] = useState(0);
  const [anchor, setAnchor] = useState(0);
  const [undone, setUndone] = useState<{ text: string; before: Decision[]; at: number }[]>([]);

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
  const act = (lines: ReviewLine[], sorted: Decision['sorted'], reason?: Reason) => {
    if (lines.length === 0) return;
    const many = count(lines.length, 'review');
    setUndone((before) => [
      ...before.slice(-49),
      {
        text: `${many} ${sorted === 'KEPT' ? 'kept' : 'left out'}`,
        before: together(lines),
        at: index,
      },
    ]);
    decide.mutate([{ ids: lines.map((line) => line.id), sorted, reason }], { onError: sayProblem });
  };
  const chosenLines = items.slice(chosen.from, chosen.to + 1);
  const keep = () => {
    act(chosenLines, 'KEPT');
    goTo(chosen.to + 1);
  };
  const leave = (reason?: Reason) => {
    act(chosenLines, 'LEFT_OUT', reason);
    goTo(chosen.to + 1);
  };
  const undo = () => {
    const last = undone.at(-1);
    if (!last) return;
    setUndone(undone.slice(0, -1));
    decide.mutate(last.before, { onError: sayProblem });
    goTo(last.at);
  };
  const all = async (sorted: Decision['sorted']) => {
    try {
      const before = await marks(batch, filter);
      setUndone([
        ...undone,
        {
          text: `${count(before.length, 'review')} ${sorted === 'KEPT' ? 'kept' : 'left out'}`,
          before: together(before.map((mark) => ({ ...mark, sortedBecause: mark.reason }))),
          at: index,
        },
      ]);
      decide.mutate([{ ids: before.map((mark) => mark.id), sorted }], { onError: sayProblem });
    } catch (error) {
      sayProblem(error);
    }
  };
  const copy = (keepWhich: 'BOTH' | 'OLDER' | 'THIS', older: number) => {
    if (!review) return;
    if (keepWhich === 'OLDER') return act([review], 'LEFT_OUT', 'A_COPY');
    act([review], 'KEPT');
    const other = items.filter((line) => line.id === older);
    if (keepWhich === 'THIS' && other.length > 0) act(other, 'LEFT_OUT', 'A_COPY');
    if (keepWhich === 'THIS' && other.length === 0) {
      say('The older one is not in this batch; find it on the desk to leave it out');
    }
  };
  useKeys({
    k: keep,
    x: () => leave(),
    z: undo,
    ArrowDown: () => goTo(index + 1),
    ArrowUp: () => goTo(index - 1),
    'Shift+ArrowDown': () => goTo(index + 1, true),
    'Shift+ArrowUp': () => goTo(index - 1, true),
    Home: () => goTo(0),
    End: () => goTo(items.length - 1),
  });
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
        <div className="min-h-0 flex-1 overflow-auto">
          <Empty
            title={
              filtered ? 'No review of this batch is like that' : 'Nothing of this batch waits'
            }
          >
            {filtered ? (
              <button
                type="button"
                className="text-plum underline"
                onClick={() => {
                  setFilter({});
                  setAt(0);
                }}
              >
                Show all of them
              </button>
            ) : (
              'What came with it is published, left out or taken back.'
            )}
          </Empty>
        </div>
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
              last={undone.at(-1)?.text}
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
              chosen={chosenLines.length}
              onKeep={keep}
              onLeave={leave}
              onMove={(by) => goTo(index + by)}
              onEdit={(change) =>
                edit.mutate({ id: review.id, edit: change }, { onError: sayProblem })
              }
              onCopy={copy}
            />
          </div>
        </div>
      )}
      {standing.data && standing.data.all.reviews > 0 && (
        <SortFoot
          standing={standing.data}
          busy={publish.isPending || decide.isPending}
          onLook={() => change({ sorted: 'LEFT_OUT', stars: undefined })}
          onPublish={() => publish.mutate(undefined, { onError: sayProblem })}
        />
      )}
    </>
  );
}
