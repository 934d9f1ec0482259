import { useEffect, useRef, useState } from 'react';
import { mayComeBack } from '../../shared/api';
import { keepSteps, readSteps, type Steps } from '../../shared/steps';

import { useNotify } from '../../ui/toasts';
import { useEdit, type Edit } from './review-edits';
import {
  useLineChanged,
  useMove,
  useUndo,
  type ReviewLine,
  type Reason,
  type ReviewState,
} from './queries';
import { sendReplies } from './reply-draft';
import { t } from '../../shared/t';

interface Acting {
  review: ReviewLine | undefined;
  onMoved: (ids: number[]) => void;
}

/** Where its steps are kept. */
const DESK = 'desk';

/** A move that was made, and what it takes to make it again. */
interface Done {
  move: number;
  text: string;
  ids: number[];
  to: ReviewState;
  reason?: Reason | undefined;
}

/**
 * What is done to reviews on the desk: moved, left out for a reason, undone, edited. Acts are
 * done in the order in which they were asked for, each on the reviews that it was asked for; these
 * leave the list at once, so that the next key is for the next review.
 */
export function useReviewActions({ review, onMoved }: Acting) {
  const move = useMove();
  const takeBack = useUndo();
  const edit = useEdit(useLineChanged());
  const { say, sayProblem } = useNotify();
  const [asks, setAsks] = useState<number[] | undefined>();
  const [leaving, setLeaving] = useState<ReadonlySet<number>>(new Set());
  const steps = useRef<Steps<Done>>({ done: [], undone: [] });
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  const [last, setLast] = useState(() => readSteps<Done>(DESK).done.at(-1));
  useEffect(() => {
    steps.current = readSteps(DESK);
  }, []);
  const stepped = (next: Partial<Steps<Done>>) => {
    steps.current = keepSteps(DESK, { ...steps.current, ...next });
  };

  // with the server away a step stays what it was, to be tried again
  const orElse = (before: Steps<Done>) => (error: unknown) => {
    if (mayComeBack(error)) stepped(before);
    throw error;
  };

  const inTurn = (task: () => Promise<unknown>) => {
    queue.current = queue.current
      .then(task)
      .catch(sayProblem)
      .finally(() => setLast(steps.current.done.at(-1)));
  };
  const leave = (ids: number[]) => setLeaving((before) => new Set([...before, ...ids]));
  const stay = (ids: number[]) =>
    setLeaving((before) => new Set([...before].filter((id) => !ids.includes(id))));
  const moveTo = async (wanted: Omit<Done, 'move' | 'text'>) => {
    const { ids, to, reason } = wanted;
    try {
      await sendReplies();
      const moved = await move.mutateAsync(reason ? { ids, to, reason } : { ids, to });
      const text = t('reviews.reviewActions.did', { to, moved: moved.moved });
      stepped({ done: [...steps.current.done, { ...wanted, move: moved.move, text }] });
      return text;
    } finally {
      stay(ids);
    }
  };
  const act = (ids: number[], to: ReviewState, reason?: Reason) => {
    if (ids.length === 0) return;
    if (to === 'LEFT_OUT' && !reason) {
      setAsks(ids);
      return;
    }
    setAsks(undefined);
    leave(ids);
    onMoved(ids);
    inTurn(async () => {
      await moveTo({ ids, to, reason });
      stepped({ undone: [] });
    });
  };
  return {
    act,
    /** reviews that were acted on and whose answer is awaited */
    leaving,
    /** the last move, which can be undone */
    last,
    /** the reviews that are to be left out, once a reason is given */
    asks,
    because: (reason: Reason) => asks && act(asks, 'LEFT_OUT', reason),
    keepIn: () => setAsks(undefined),
    undo: () =>
      inTurn(async () => {
        const newest = steps.current.done.at(-1);
        if (!newest) return;
        const before = steps.current;
        // what cannot be undone any more is not offered again
        stepped({ done: before.done.slice(0, -1) });
        const back = await takeBack.mutateAsync(newest.move).catch(orElse(before));
        stepped({ undone: [...steps.current.undone, newest] });
        say(t('reviews.reviewActions.undoneReviews', { text: newest.text, moved: back.moved }));
      }),
    /** does again what was undone last */
    redo: () =>
      inTurn(async () => {
        const again = steps.current.undone.at(-1);
        if (!again) return;
        const before = steps.current;
        stepped({ undone: before.undone.slice(0, -1) });
        const { ids, to, reason } = again;
        leave(ids);
        say(
          t('reviews.reviewActions.redone', {
            value: await moveTo({ ids, to, reason }).catch(orElse(before)),
          }),
        );
      }),
    edit: (next: Edit) =>
      review &&
      edit.mutate(
        { id: review.id, edit: next },
        {
          onSuccess: () => next.what === 'reply' && say(t('reviews.reviewActions.replyPublished')),
          onError: sayProblem,
        },
      ),
  };
}
