import { useState } from 'react';
import { useSay } from '../../ui/toasts';
import { keepSteps, readSteps, type Steps } from '../../shared/steps';
import { count } from '../../shared/words';
import type { Reason, ReviewLine } from '../reviews/queries';
import { marks, stepsOf, useDecide, type Decision, type SortingFilter } from './queries';

interface SortActsGiven {
  batch: number;
  filter: SortingFilter;
  items: ReviewLine[];
  /** the first and the last that are chosen */
  chosen: { from: number; to: number };
  at: number;
  goTo: (next: number) => void;
}

/** Decisions that were made, with what was there before and where they were made. */
interface Made {
  text: string;
  before: Decision[];
  after: Decision[];
  at: number;
}

type Keeps = 'BOTH' | 'OLDER' | 'THIS';

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

/** What can be decided at the sorting table; the last hundred can be taken back, and done again. */
export function useSortActs({ batch, filter, items, chosen, at, goTo }: SortActsGiven) {
  const decide = useDecide(batch);
  const { say, sayProblem } = useSay();
  const place = stepsOf(batch);
  const [steps, setSteps] = useState(() => readSteps<Made>(place));
  const stepped = (next: (before: Steps<Made>) => Steps<Made>) =>
    setSteps((before) => keepSteps(place, next(before)));
  const made = (one: Made) => stepped(({ done }) => ({ done: [...done, one], undone: [] }));
  const chosenLines = items.slice(chosen.from, chosen.to + 1);
  const act = (lines: ReviewLine[], sorted: Decision['sorted'], reason?: Reason) => {
    if (lines.length === 0) return;
    const many = count(lines.length, 'review');
    const after = [{ ids: lines.map((line) => line.id), sorted, reason }];
    made({
      text: `${many} ${sorted === 'KEPT' ? 'kept' : 'left out'}`,
      before: together(lines),
      after,
      at,
    });
    decide.mutate(after, { onError: sayProblem });
  };
  const keep = () => {
    act(chosenLines, 'KEPT');
    goTo(chosen.to + 1);
  };
  const leave = (reason?: Reason) => {
    act(chosenLines, 'LEFT_OUT', reason);
    goTo(chosen.to + 1);
  };
  const undo = () => {
    const last = steps.done.at(-1);
    if (!last) return;
    stepped(({ done, undone }) => ({ done: done.slice(0, -1), undone: [...undone, last] }));
    decide.mutate(last.before, { onError: sayProblem });
    goTo(last.at);
    say(`Taken back: ${last.text}`);
  };
  const redo = () => {
    const next = steps.undone.at(-1);
    if (!next) return;
    stepped(({ done, undone }) => ({ done: [...done, next], undone: undone.slice(0, -1) }));
    decide.mutate(next.after, { onError: sayProblem });
    goTo(next.at);
    say(`Done again: ${next.text}`);
  };
  const all = async (sorted: Decision['sorted']) => {
    try {
      const before = await marks(batch, filter);
      const after = [{ ids: before.map((mark) => mark.id), sorted, unseen: true }];
      made({
        text: `${count(before.length, 'review')} ${sorted === 'KEPT' ? 'kept' : 'left out'}`,
        before: together(before.map((mark) => ({ ...mark, sortedBecause: mark.reason }))),
        after,
        at,
      });
      decide.mutate(after, { onError: sayProblem });
    } catch (error) {
      sayProblem(error);
    }
  };
  const copy = (review: ReviewLine, keepWhich: Keeps, older: number) => {
    if (keepWhich === 'OLDER') return act([review], 'LEFT_OUT', 'A_COPY');
    act([review], 'KEPT');
    const other = items.filter((line) => line.id === older);
    if (keepWhich === 'THIS' && other.length > 0) act(other, 'LEFT_OUT', 'A_COPY');
    if (keepWhich === 'THIS' && other.length === 0) {
      say('The older one is not in this batch; find it on the desk to leave it out');
    }
  };
  return {
    keep,
    leave,
    undo,
    redo,
    all,
    copy,
    chosen: chosenLines.length,
    last: steps.done.at(-1)?.text,
    isBusy: decide.isPending,
  };
}
