import { useState } from 'react';
import { count } from '../../shared/words';
import { useSay } from '../../ui/toasts';
import { useEdit, type Edit } from './edits';
import {
  useLineChanged,
  useMove,
  useTakeBack,
  type ReviewLine,
  type Reason,
  type ReviewState,
} from './queries';
import { DONE } from './words';

interface Acting {
  review: ReviewLine | undefined;
  onMoved: (ids: number[]) => void;
}

/** What is done to reviews on the desk: moved, left out for a reason, taken back, edited. */
export function useDeskActs({ review, onMoved }: Acting) {
  const move = useMove();
  const takeBack = useTakeBack();
  const edit = useEdit(useLineChanged());
  const { say, sayProblem } = useSay();
  const [asks, setAsks] = useState<number[] | undefined>();
  const [last, setLast] = useState<{ move: number; text: string } | undefined>();
  const act = (ids: number[], to: ReviewState, reason?: Reason) => {
    if (ids.length === 0 || move.isPending) return;
    if (to === 'LEFT_OUT' && !reason) {
      setAsks(ids);
      return;
    }
    setAsks(undefined);
    move.mutate(reason ? { ids, to, reason } : { ids, to }, {
      onSuccess: (moved) => {
        setLast({ move: moved.move, text: `${count(moved.moved, 'review')} ${DONE[to]}` });
        onMoved(ids);
      },
      onError: sayProblem,
    });
  };
  return {
    act,
    /** the last move, which can be taken back */
    last,
    /** the reviews that are to be left out, once a reason is given */
    asks,
    isBusy: move.isPending,
    because: (reason: Reason) => asks && act(asks, 'LEFT_OUT', reason),
    keepIn: () => setAsks(undefined),
    undo: () => {
      if (!last) return;
      takeBack.mutate(last.move, {
        onSuccess: (back) => {
          setLast(undefined);
          say(`${count(back.moved, 'review')} taken back`);
        },
        onError: sayProblem,
      });
    },
    edit: (next: Edit) =>
      review &&
      edit.mutate(
        { id: review.id, edit: next },
        {
          onSuccess: () => next.what === 'reply' && say('The reply is kept'),
          onError: sayProblem,
        },
      ),
  };
}
