import { SortMark } from './sort-mark';
import type { Sorted } from './queries';

interface SortQueueFootProps {
  total: number;
  last: string | undefined;
  onUndo: () => void;
  onAll: (sorted: Sorted) => void;
}

/** What the marks mean, all at once, and the last act with its undo. */
export function SortQueueFoot({ total, last, onUndo, onAll }: SortQueueFootProps) {
  const link = 'text-plum underline underline-offset-2 hover:text-plum-deep';
  return (
    <div className="shrink-0 border-t border-line bg-paper-2 px-3.5 py-1.5 text-[13px] text-ink-2">
      <p className="flex items-center gap-1.5" aria-hidden>
        <SortMark sorted="KEPT" /> kept
        <span className="ml-2 flex">
          <SortMark sorted="OPEN" />
        </span>
        kept, not looked at yet
        <span className="ml-2 flex">
          <SortMark sorted="LEFT_OUT" />
        </span>
        left out
      </p>
      <p className="mt-1 flex flex-wrap items-center gap-x-3" role="status">
        {last ? (
          <>
            <span>{last}.</span>
            <button type="button" className={link} onClick={onUndo}>
              Take it back
            </button>
            <kbd className="rounded border border-line-3 px-1.5 text-[11px]">Z</kbd>
          </>
        ) : (
          <span>⇧ and arrows choose several</span>
        )}
      </p>
      <p className="mt-1 flex gap-3">
        <button type="button" className={link} onClick={() => onAll('KEPT')}>
          Keep all {total > 1 && total.toLocaleString('en')}
        </button>
        <button type="button" className={link} onClick={() => onAll('LEFT_OUT')}>
          Leave all out
        </button>
      </p>
    </div>
  );
}
