import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { count, number } from '../../shared/words';
import { useSay } from '../../ui/toasts';
import { dropHeld, takeHeld, useFeedAct, useFeedRun } from './queries';
import { StatusWords } from './status-words';

/** What is wrong with the lines of what came; what is held waits for a word. */
export function RunDetail({ id, onDone }: { id: number; onDone: (run: number) => void }) {
  const detail = useFeedRun(id);
  const take = useFeedAct(takeHeld);
  const drop = useFeedAct(dropHeld);
  const { sayProblem } = useSay();
  if (isLost(detail)) return <Failure error={detail.error} />;
  if (!detail.data) return <Loading lines={2} />;
  const { run, problems } = detail.data;
  return (
    <div className="mt-2">
      {run.failure && <p className="text-rust-ink">{run.failure} Nothing was changed.</p>}
      {run.state === 'HELD' && (
        <div role="alert" className="rounded-xl bg-rust-soft px-4 py-3 text-rust-ink">
          {count(run.gone, 'product')} would no longer be sold: half or more of them are missing in
          it. Nothing was taken yet.
          <span className="mt-2 flex gap-3">
            <Button
              disabled={take.isPending}
              onClick={() =>
                take.mutate(id, { onSuccess: (done) => onDone(done.run.id), onError: sayProblem })
              }
            >
              It is right, take it
            </Button>
            <Button
              look="link"
              disabled={drop.isPending}
              onClick={() => drop.mutate(id, { onError: sayProblem })}
            >
              Put it aside
            </Button>
          </span>
        </div>
      )}
      <StatusWords words={unknownStatuses(problems)} />
      {problems.length === 0 ? (
        <p className="text-[13px] text-ink-2">No line had anything wrong.</p>
      ) : (
        <table className="mt-1 w-full text-[13px]">
          <thead>
            <tr className="text-left text-ink-2">
              <th className="w-16 py-1 font-normal">Line</th>
              <th className="w-40 font-normal">Term</th>
              <th className="w-56 font-normal">Value</th>
              <th className="font-normal">Why</th>
            </tr>
          </thead>
          <tbody>
            {problems.map((problem, index) => (
              <tr key={index} className="border-t border-line/60 align-top">
                <td className="py-1 tabular-nums">{number(problem.line)}</td>
                <td>{problem.field}</td>
                <td className="break-all">{problem.value}</td>
                <td>{problem.reason}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {run.wrong > problems.length && (
        <p className="mt-1 text-[13px] text-ink-2">
          and {number(run.wrong - problems.length)} more lines
        </p>
      )}
    </div>
  );
}

const STATUS_TERMS = ['orderStatus', 'orderItemStatus'];

const unknownStatuses = (problems: { field: string; value: string }[]) => [
  ...new Set(
    problems.filter(({ field }) => STATUS_TERMS.includes(field)).map(({ value }) => value),
  ),
];
