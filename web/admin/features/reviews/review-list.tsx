import { useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { ReviewListFilters } from './review-list-filters';
import { ReviewListEmpty } from './review-list-empty';
import { ReviewListActions } from './review-list-actions';
import { ReviewTable } from './review-table';
import { ReadingPane } from './reading-pane';
import { ReviewTabs } from './tabs';
import { useReviewList, useReviewListCount, type ReviewFilter } from './queries';
import { useReviewActions } from './review-actions';
import { useReviewListKeys } from './review-list-keys';
import { readFilter } from './review-filter';
import { ReviewSearch } from './review-search';
import { t } from '../../shared/t';

const NONE: ReadonlySet<number> = new Set();

/** Reviews with what waits first: read one, decide, go on. */
export function ReviewList() {
  const [params, setParams] = useSearchParams();
  const filter = readFilter(params);
  const desk = useReviewList(filter);
  const total = useReviewListCount(filter).data?.reviews;
  const [at, setAt] = useState(0);
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const search = useRef<HTMLInputElement>(null);
  const reply = useRef<HTMLTextAreaElement>(null);

  const [leaving, setLeaving] = useState<ReadonlySet<number>>(new Set());
  const items = useMemo(
    () => (desk.data?.items ?? []).filter((line) => !leaving.has(line.id)),
    [desk.data, leaving],
  );
  const index = Math.min(at, Math.max(0, items.length - 1));
  const review = items[index];

  const change = (changes: Partial<Record<keyof ReviewFilter, string | undefined>>) => {
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

  const acts = useReviewActions({
    review,
    onMoved: (ids) => {
      setChosen(new Set());
      if (!filter.state && ids.length === 1) setAt(index + 1);
    },
  });
  const { act, undo, last, asks } = acts;
  // where all states are shown what is moved stays
  const gone = filter.state ? acts.leaving : NONE;
  if (gone !== leaving) setLeaving(gone);
  const one = review ? [review.id] : [];
  const many = [...chosen];
  const choose = (next: number) => {
    const line = items[next];
    if (!review || !line) return;
    // going back over what was chosen lets go of it
    const chosenNow = new Set(chosen).add(review.id);
    if (chosen.has(line.id)) chosenNow.delete(review.id);
    setChosen(chosenNow.add(line.id));
    setAt(next);
  };
  useReviewListKeys({
    review,
    chosen: many,
    acts,
    onChoose: (by) => choose(index + by),
    onGo: (by) => setAt(Math.max(0, Math.min(items.length - 1, index + by))),
    onReply: () => reply.current?.focus(),
    onSearch: () => search.current?.focus(),
  });

  return (
    <>
      <h1 className="sr-only">{t('reviews.reviewList.reviews')}</h1>
      <ReviewTabs>
        <ReviewSearch
          field={search}
          text={filter.q}
          // what is searched for may be in any state
          onSearch={(q) => change({ q, state: 'ANY' })}
        />
      </ReviewTabs>
      <ReviewListFilters filter={filter} total={total} onChange={change} />
      {isLost(desk) && <Failure error={desk.error} again={() => void desk.refetch()} />}
      {!desk.error && !desk.data && <Loading lines={9} />}
      {desk.data && items.length === 0 && <ReviewListEmpty filter={filter} />}
      {desk.data && review && (
        <div className="grid min-h-0 flex-1 grid-cols-[600px_minmax(0,1fr)]">
          <section className="flex min-h-0 flex-col" aria-label={t('reviews.reviewList.reviews')}>
            <ReviewTable
              items={items}
              at={index}
              chosen={chosen}
              onOpen={setAt}
              onChoose={setChosen}
            />
            <ReviewListActions
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
            asksReason={!!asks}
            asksFor={asks?.length ?? 0}
            onAct={(to) => act(one, to)}
            onReason={acts.because}
            onKeepOut={acts.keepIn}
            onEdit={acts.edit}
            onReply={() => reply.current?.focus()}
            replyField={reply}
          />
        </div>
      )}
      {desk.data && !review && last && (
        <p className="fixed inset-x-0 bottom-0 flex gap-3 bg-dark px-5 py-3 text-on-dark">
          {last.text}.
          <button type="button" className="underline" onClick={undo}>
            {t('reviews.reviewList.undo')}
          </button>
        </p>
      )}
    </>
  );
}
