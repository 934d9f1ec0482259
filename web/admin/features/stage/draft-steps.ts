import { doNewestAgain, takeBackNewest, useDraftAct } from '../layout/nod-queries';
import { useNotify } from '../../ui/toasts';
import { t } from '../../shared/t';

/** Undo and redo of the draft's changes, each said and seen on the page. */
export function useDraftSteps(onTakenBack: () => void, refresh: () => void) {
  const takeBack = useDraftAct(takeBackNewest);
  const doAgain = useDraftAct(doNewestAgain);
  const { say, sayProblem } = useNotify();
  const undo = () => {
    if (takeBack.isPending) return;
    takeBack.mutate(undefined, {
      onSuccess: (words) => {
        onTakenBack();
        refresh();
        if (words) say(t('pages.previewStage.undone', { words }));
      },
      onError: (error) => {
        onTakenBack();
        sayProblem(error);
      },
    });
  };
  const redo = () => {
    if (doAgain.isPending) return;
    doAgain.mutate(undefined, {
      onSuccess: (words) => {
        refresh();
        if (words) say(t('pages.previewStage.redone', { words }));
      },
      onError: sayProblem,
    });
  };
  return { undo, redo };
}
