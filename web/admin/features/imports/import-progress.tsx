import { number } from '../../shared/format';
import { Progress } from '../../ui/progress';
import { useCancelImport, type ImportView } from './queries';
import { T, t } from '../../shared/t';

/** The time left in the unit that one would say it in. */
function remaining(seconds: number | undefined) {
  if (seconds === undefined) return { unit: 'NONE', left: 0 };
  return seconds < 90
    ? { unit: 'SECONDS', left: seconds }
    : { unit: 'MINUTES', left: Math.round(seconds / 60) };
}

/** How far a reading is, how fast, how long still; and calling it off. */
export function ReadingProgress({ batch }: { batch: ImportView }) {
  const end = useCancelImport();
  return (
    <section
      role="status"
      className="rounded-2xl bg-dark px-4 py-3.5 text-on-dark"
      aria-label={t('imports.importProgress.importing', { fileName: batch.fileName })}
    >
      <p className="truncate font-semibold">
        <T id="imports.importProgress.importing" values={{ fileName: batch.fileName }} />
      </p>
      <p className="my-2">
        <Progress percent={batch.progress} onDark />
      </p>
      <p className="flex justify-between gap-3 text-[13px]">
        <span>
          <T
            id="imports.importProgress.ofRows"
            values={{ done: <b>{number(batch.rowsSeen)}</b>, rows: batch.inspection.rows }}
          />
        </span>
        <span>
          {batch.rowsPerSecond !== undefined &&
            t('imports.importProgress.perSecond', {
              rowsPerSecond: batch.rowsPerSecond,
              ...remaining(batch.secondsLeft),
            })}
        </span>
      </p>
      <p className="mt-2 flex items-center justify-between gap-3 text-[13px]">
        <T
          id="imports.importProgress.youCanLeaveThisPage"
          values={{
            button: (chunks) => (
              <button
                type="button"
                className="rounded-lg border border-dark-line px-3 py-1 font-semibold hover:bg-dark-2"
                disabled={end.isPending}
                onClick={() => end.mutate({ id: batch.id, how: 'cancel' })}
              >
                {chunks}
              </button>
            ),
          }}
        />
      </p>
    </section>
  );
}
