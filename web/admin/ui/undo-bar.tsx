import { t } from '../shared/t';
interface TakeBackStripProps {
  words: string;
  onUndo: () => void;
}

/** What was just done, and the way back. */
export function UndoBar({ words, onUndo }: TakeBackStripProps) {
  return (
    <p
      role="status"
      className="flex items-center gap-3 bg-dark px-4.5 py-2 text-[13px] text-on-dark"
    >
      {words}.
      <button type="button" className="text-saffron underline" onClick={onUndo}>
        {t('ui.undoBar.undo')}
      </button>
      <kbd className="rounded border border-dark-line px-1.5 text-[11px]">{t('ui.undoBar.z')}</kbd>
    </p>
  );
}
