import { count, number } from '../../shared/words';
import { Progress } from '../../ui/progress';
import { useEndBatch, type BatchView } from './queries';

/** How far a reading is, how fast, how long still; and calling it off. */
export function BeingRead({ batch }: { batch: BatchView }) {
  const end = useEndBatch();
  const left = batch.secondsLeft;
  return (
    <section
      role="status"
      className="rounded-2xl bg-plum-deep px-4 py-3.5 text-on-plum"
      aria-label={`Being read: ${batch.fileName}`}
    >
      <p className="truncate font-semibold">Being read: {batch.fileName}</p>
      <p className="my-2">
        <Progress percent={batch.progress} onPlum />
      </p>
      <p className="flex justify-between gap-3 text-[13px]">
        <span>
          <b>{number(batch.rowsSeen)}</b> of {count(batch.look.rows, 'row')}
        </span>
        <span>
          {batch.rowsPerSecond !== undefined && `${number(batch.rowsPerSecond)} a second`}
          {left !== undefined &&
            `, about ${left < 90 ? `${left} s` : `${Math.round(left / 60)} min`} left`}
        </span>
      </p>
      <p className="mt-2 flex items-center justify-between gap-3 text-[13px]">
        You can leave this page; it goes on.
        <button
          type="button"
          className="rounded-lg border border-[#8d6f90] px-3 py-1 font-semibold hover:bg-plum-2"
          disabled={end.isPending}
          onClick={() => end.mutate({ id: batch.id, how: 'cancel' })}
        >
          Cancel
        </button>
      </p>
    </section>
  );
}
