import { Button } from '../../ui/button';
import { since } from '../../shared/format';
import { T, t } from '../../shared/t';
import { useNotify } from '../../ui/toasts';
import { undoUpdate, useFeedAction, type FeedRun } from './queries';

/** The way back to how all was before a file, or that it was taken. */
export function UndoRun({ run }: { run: FeedRun }) {
  const undo = useFeedAction(undoUpdate);
  const { say, sayProblem } = useNotify();
  const { canUndo, undoneAt, kept } = run.undo;
  if (undoneAt)
    return (
      <p className="my-2 text-ink-2">
        <T id="catalogue.undoRun.undone" values={{ since: since(undoneAt), kept }} />
      </p>
    );
  if (!canUndo) return null;
  return (
    <p className="my-2 flex flex-wrap items-center gap-3">
      <Button
        disabled={undo.isPending}
        onClick={() =>
          undo.mutate(run.id, {
            onSuccess: () => say(t('catalogue.undoRun.isAsBefore', { source: run.source })),
            onError: sayProblem,
          })
        }
      >
        {undo.isPending ? t('catalogue.undoRun.undoing') : t('catalogue.undoRun.undoIt')}
      </Button>
      <span className="text-[13px] text-ink-2">
        {run.kind === 'ORDERS'
          ? t('catalogue.undoRun.ordersAsBefore')
          : t('catalogue.undoRun.productsAsBefore')}
      </span>
    </p>
  );
}
