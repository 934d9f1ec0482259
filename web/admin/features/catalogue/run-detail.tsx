import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { number } from '../../shared/format';
import { useNotify } from '../../ui/toasts';
import { discardUpdate, applyUpdate, useFeedAction, useFeedRun } from './queries';
import { UndoRun } from './undo-run';
import { OrderStatuses } from './order-statuses';
import { UnknownProducts } from './said-products';
import { unknownProducts } from './unknown-products';
import { unknownStatuses } from './unknown-statuses';
import { T, t } from '../../shared/t';

/** What is wrong with the lines of what came; what is held waits for a word. */
export function RunDetail({ id, onDone }: { id: number; onDone: (run: number) => void }) {
  const detail = useFeedRun(id);
  const take = useFeedAction(applyUpdate);
  const drop = useFeedAction(discardUpdate);
  const { sayProblem } = useNotify();
  if (isLost(detail)) return <Failure error={detail.error} />;
  if (!detail.data) return <Loading lines={2} />;
  const { run, problems } = detail.data;
  return (
    <div className="mt-2">
      {run.failure && (
        <p className="text-rust-ink">
          <T id="catalogue.runDetail.nothingWasChanged" values={{ failure: run.failure }} />
        </p>
      )}
      {run.state === 'NEEDS_APPROVAL' && (
        <div role="alert" className="rounded-xl bg-rust-soft px-4 py-3 text-rust-ink">
          <T
            id="catalogue.runDetail.thisFileWouldRemoveProducts"
            values={{
              gone: run.gone,
              span: (
                <span className="mt-2 flex gap-3">
                  <Button
                    disabled={take.isPending}
                    onClick={() =>
                      take.mutate(id, {
                        onSuccess: (done) => onDone(done.run.id),
                        onError: sayProblem,
                      })
                    }
                  >
                    {t('catalogue.runDetail.applyIt')}
                  </Button>
                  <Button
                    look="link"
                    disabled={drop.isPending}
                    onClick={() => drop.mutate(id, { onError: sayProblem })}
                  >
                    {t('catalogue.runDetail.discardIt')}
                  </Button>
                </span>
              ),
            }}
          />
        </div>
      )}
      <UndoRun run={run} />
      <OrderStatuses words={unknownStatuses(problems)} />
      {run.kind === 'ORDERS' && <UnknownProducts names={unknownProducts(problems)} />}
      {problems.length === 0 ? (
        <p className="text-[13px] text-ink-2">{t('catalogue.runDetail.noProblems')}</p>
      ) : (
        <table className="mt-1 w-full text-[13px]">
          <thead>
            <tr className="text-left text-ink-2">
              <th className="w-16 py-1 font-normal">{t('catalogue.runDetail.line')}</th>
              <th className="w-40 font-normal">{t('catalogue.runDetail.column')}</th>
              <th className="w-56 font-normal">{t('catalogue.runDetail.value')}</th>
              <th className="font-normal">{t('catalogue.runDetail.problem')}</th>
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
          <T id="catalogue.runDetail.moreLines" values={{ wrong: run.wrong - problems.length }} />
        </p>
      )}
    </div>
  );
}
