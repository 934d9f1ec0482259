import { DecisionIcon } from './decision-icon';
import type { ImportDecision } from './queries';
import { T, t } from '../../shared/t';
import { number } from '../../shared/format';

interface SortQueueFootProps {
  total: number;
  last: string | undefined;
  onUndo: () => void;
  onAll: (decision: ImportDecision) => void;
}

/** What the marks mean, all at once, and the last act with its undo. */
export function QueueFoot({ total, last, onUndo, onAll }: SortQueueFootProps) {
  const link = 'text-plum underline underline-offset-2 hover:text-ink';
  return (
    <div className="shrink-0 border-t border-line bg-paper-2 px-3.5 py-1.5 text-[13px] text-ink-2">
      <p className="flex items-center gap-1.5" aria-hidden>
        <T
          id="import-check.queueFoot.keptNotCheckedYetLeft"
          values={{
            sortMark: <DecisionIcon decision="ACCEPTED" />,
            span: (
              <span className="ml-2 flex">
                <DecisionIcon decision="OPEN" />
              </span>
            ),
            span2: (
              <span className="ml-2 flex">
                <DecisionIcon decision="LEFT_OUT" />
              </span>
            ),
          }}
        />
      </p>
      <p className="mt-1 flex flex-wrap items-center gap-x-3" role="status">
        {last ? (
          <>
            <span>{last}.</span>
            <button type="button" className={link} onClick={onUndo}>
              {t('import-check.queueFoot.undo')}
            </button>
            <kbd className="rounded border border-line-3 px-1.5 text-[11px]">
              {t('import-check.queueFoot.z')}
            </kbd>
          </>
        ) : (
          <span>{t('import-check.queueFoot.shiftSelectSeveral')}</span>
        )}
      </p>
      <p className="mt-1 flex gap-3">
        <button type="button" className={link} onClick={() => onAll('ACCEPTED')}>
          <T id="import-check.queueFoot.keepAll" values={{ total: total > 1 && number(total) }} />
        </button>
        <button type="button" className={link} onClick={() => onAll('LEFT_OUT')}>
          {t('import-check.queueFoot.leaveAllOut')}
        </button>
      </p>
    </div>
  );
}
