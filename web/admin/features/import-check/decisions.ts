import { useState } from 'react';
import { useNotify } from '../../ui/toasts';
import { keepSteps, readSteps, type Steps } from '../../shared/steps';

import type { Reason, ReviewLine } from '../reviews/queries';
import { marks, stepsOf, useDecide, type Decision, type ImportFilter } from './queries';
import { t } from '../../shared/t';

interface SortActsGiven {
  batch: number;
  filter: ImportFilter;
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
function together(lines: Pick<ReviewLine, 'id' | 'decision' | 'decisionReason'>[]): Decision[] {
  const groups = new Map<string, Decision>();
  for (const { id, decision, decisionReason } of lines) {
    const key = `${decision} ${decisionReason ?? ''}`;
    const group = groups.get(key) ?? { ids: [], decision, reason: decisionReason };
    group.ids.push(id);
    groups.set(key, group);
  }
  return [...groups.values()];
}

/** What can be decided when an import is checked; the last hundred can be undone, and done again. */
export function useDecisions({ batch, filter, items, chosen, at, goTo }: SortActsGiven) {
  const decide = useDecide(batch);
  const { say, sayProblem } = useNotify();
  const place = stepsOf(batch);
  const [steps, setSteps] = useState(() => readSteps<Made>(place));
  const stepped = (next: (before: Steps<Made>) => Steps<Made>) =>
    setSteps((before) => keepSteps(place, next(before)));
  const made = (one: Made) => stepped(({ done }) => ({ done: [...done, one], undone: [] }));
  const chosenLines = items.slice(chosen.from, chosen.to + 1);
  const act = (lines: ReviewLine[], decision: Decision['decision'], reason?: Reason) => {
    if (lines.length === 0) return;
    const after = [{ ids: lines.map((line) => line.id), decision, reason }];
    made({
      text: t('import-check.decisions.did', { reviews: lines.length, decision }),
      before: together(lines),
      after,
      at,
    });
    decide.mutate(after, { onError: sayProblem });
  };
  const keep = () => {
    act(chosenLines, 'ACCEPTED');
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
    say(t('import-check.decisions.undone', { text: last.text }));
  };
  const redo = () => {
    const next = steps.undone.at(-1);
    if (!next) return;
    stepped(({ done, undone }) => ({ done: [...done, next], undone: undone.slice(0, -1) }));
    decide.mutate(next.after, { onError: sayProblem });
    goTo(next.at);
    say(t('import-check.decisions.redone', { text: next.text }));
  };
  const all = async (decision: Decision['decision']) => {
    try {
      const before = await marks(batch, filter);
      const after = [{ ids: before.map((mark) => mark.id), decision, unseen: true }];
      made({
        text: t('import-check.decisions.did', { reviews: before.length, decision }),
        before: together(before.map((mark) => ({ ...mark, decisionReason: mark.reason }))),
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
    act([review], 'ACCEPTED');
    const other = items.filter((line) => line.id === older);
    if (keepWhich === 'THIS' && other.length > 0) act(other, 'LEFT_OUT', 'A_COPY');
    if (keepWhich === 'THIS' && other.length === 0) {
      say(t('import-check.decisions.theEarlierReviewIsFrom'));
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
