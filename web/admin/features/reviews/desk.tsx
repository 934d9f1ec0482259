import { useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Failure, Loading } from '../../ui/empty';
import { useKeys } from '../../shared/keys';
import { count } from '../../shared/words';
import { useSay } from '../../ui/toasts';
import { DeskBar } from './desk-bar';
import { DeskEmpty } from './desk-empty';
import { DeskFoot } from './desk-foot';
import { DeskList } from './desk-list';
import { ReadingPane } from './reading-pane';
import { ReviewTabs } from './tabs';
import {
  useDesk,
  useDeskCount,
  useMove,
  useTakeBack,
  useLineChanged,
  type DeskFilter,
  type Reason,
  type ReviewState,
} from './queries';
import { readFilter } from './desk-filter';
import { useEdit, type Edit } from './edits';
import { DONE, REASONS } from './words';

/** Reviews with what waits first: read one, decide, go on. */
export function Desk() {
  const [params, setParams] = useSearchParams();
  const filter = readFilter(params);
  const desk = useDesk(filter);
  const total = useDeskCount(filter).data?.reviews;
  const move = useMove();
  const takeBack = useTakeBack();
  const { say, sayProblem } = useSay();
  const [at, setAt] = useState(0);
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const [asksReasonFor, setAsksReasonFor] = useState<number[] | undefined>();
  const [last, setLast] = useState<{ move: number; text: string } | undefined>();
  const search = useRef<HTMLInputElement>(null);
  const reply = useRef<HTMLTextAreaElement>(null);
  const edit = useEdit(useLineChanged());

  const items = useMemo(() => desk.data?.items ?? [], [desk.data]);
  const index = Math.min(at, Math.max(0, items.length - 1));
  const review = items[index];

  const change = (changes: Partial<Record<keyof DeskFilter, string | undefined>>) => {
    const next = new URLSearchParams(params);
    next.delete('page');
    for (const [name, value] of Object.entries(changes)) {
      if (value === undefined) next.delete(name);
      else next.set(name, value);
    }
    setAt(0);
    setChosen(new Set());
    setParams(next);
  };

  const act = (ids: number[], to: ReviewState, reason?: Reason) => {
    if (ids.length === 0 || move.isPending) return;
    if (to === 'LEFT_OUT' && !reason) {
      setAsksReasonFor(ids);
      return;
    }
    setAsksReasonFor(undefined);
    move.mutate(reason ? { ids, to, reason } : { ids, to }, {
      onSuccess: (moved) => {
        setChosen(new Set());
        setLast({ move: moved.move, text: `${count(moved.moved, 'review')} ${DONE[to]}` });
        if (!filter.state && ids.length === 1) setAt(index + 1);
      },
      onError: sayProblem,
    });
  };
  const undo = () => {
    if (!last) return;
    takeBack.mutate(last.move, {
      onSuccess: (back) => {
        setLast(undefined);
        say(`${count(back.moved, 'review')} taken back`);
      },
      onError: sayProblem,
    });
  };

  const editOpen = (next: Edit) =>
    review &&
    edit.mutate(
      { id: review.id, edit: next },
      {
        onSuccess: () => next.what === 'reply' && say('The reply is kept'),
        onError: sayProblem,
      },
    );
  const one = review ? [review.id] : [];
  const many = [...chosen];
  const reasonKeys = Object.fromEntries(
    REASONS.map((reason, i) => [
      String(i + 1),
      () => asksReasonFor && act(asksReasonFor, 'LEFT_OUT', reason.value),
    ]),
  );
  useKeys({
    ArrowDown: () => setAt(Math.min(items.length - 1, index + 1)),
    ArrowUp: () => setAt(Math.max(0, index - 1)),
    p: () => act(one, 'PUBLISHED'),
    h: () => act(one, 'HELD'),
    x: () => act(one, 'LEFT_OUT'),
    s: () => act(one, 'SPAM'),
    f: () => review && editOpen({ what: 'featured', featured: !review.isFeatured }),
    r: () => reply.current?.focus(),
    'Shift+s': () => act(many, 'SPAM'),
    'Shift+p': () => act(many, 'PUBLISHED'),
    'Shift+h': () => act(many, 'HELD'),
    'Shift+x': () => act(many, 'LEFT_OUT'),
    z: undo,
    '/': () => search.current?.focus(),
    Escape: () => setAsksReasonFor(undefined),
    ...reasonKeys,
  });

  return (
    <>
      <h1 className="sr-only">Reviews</h1>
      <ReviewTabs>
        <input
          ref={search}
          type="search"
          aria-label="Search words and names"
          placeholder="Search words and names   /"
          defaultValue={filter.q}
          className="w-80 rounded-lg border border-line-3 bg-white px-3 py-1"
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              // what is searched for may be in any state
              change({ q: event.currentTarget.value || undefined, state: 'ANY' });
              event.currentTarget.blur();
            }
            if (event.key === 'Escape') event.currentTarget.blur();
          }}
        />
      </ReviewTabs>
      <DeskBar filter={filter} total={total} onChange={change} />
      {desk.error && <Failure error={desk.error} again={() => void desk.refetch()} />}
      {!desk.error && !desk.data && <Loading lines={9} />}
      {desk.data && items.length === 0 && <DeskEmpty filter={filter} />}
      {desk.data && review && (
        <div className="grid min-h-0 flex-1 grid-cols-[600px_minmax(0,1fr)]">
          <section className="flex min-h-0 flex-col" aria-label="Reviews">
            <DeskList
              items={items}
              at={index}
              chosen={chosen}
              onOpen={setAt}
              onChoose={setChosen}
            />
            <DeskFoot
              chosen={many.length}
              last={last?.text}
              page={desk.data.page}
              pages={total === undefined ? undefined : Math.ceil(total / desk.data.size)}
              hasMore={desk.data.hasMore}
              onAct={(to) => act(many, to)}
              onUndo={undo}
              onPage={(page) => change({ page: String(page) })}
            />
          </section>
          <ReadingPane
            review={review}
            place={(filter.page - 1) * desk.data.size + index + 1}
            total={total}
            asksReason={!!asksReasonFor}
            asksFor={asksReasonFor?.length ?? 0}
            busy={move.isPending}
            onAct={(to) => act(one, to)}
            onReason={(reason) => asksReasonFor && act(asksReasonFor, 'LEFT_OUT', reason)}
            onKeepOut={() => setAsksReasonFor(undefined)}
            onEdit={editOpen}
            onReply={() => reply.current?.focus()}
            replyField={reply}
          />
        </div>
      )}
      {desk.data && !review && last && (
        <p className="fixed inset-x-0 bottom-0 flex gap-3 bg-plum-deep px-5 py-3 text-on-plum">
          {last.text}.
          <button type="button" className="underline" onClick={undo}>
            Take it back
          </button>
        </p>
      )}
    </>
  );
}
