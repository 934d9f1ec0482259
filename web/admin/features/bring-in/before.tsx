import { Link } from 'react-router';
import { count, number, since } from '../../shared/words';
import { BeingRead } from './being-read';
import { useBatches, type BatchView } from './queries';

/** What is being read just now, whoever began it and when. */
export function ReadNow() {
  const items = useBatches().data?.items ?? [];
  return items
    .filter((batch) => batch.state === 'READING')
    .map((batch) => (
      <div key={batch.id} className="mb-4 max-w-xl">
        <BeingRead batch={batch} />
      </div>
    ));
}

/** What came in before, batch by batch. */
export function BeforeList() {
  const batches = useBatches();
  const items = batches.data?.items ?? [];
  if (items.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="mb-2 text-lg">What came in before</h2>
      <table className="w-full overflow-hidden rounded-xl border border-line bg-paper text-left">
        <thead className="text-[13px] text-ink-2">
          <tr>
            <th className="px-4 py-2 font-medium">Batch</th>
            <th className="px-4 py-2 font-medium">How it stands</th>
            <th className="px-4 py-2 text-right font-medium">Came in</th>
            <th className="px-4 py-2 text-right font-medium">Not read</th>
            <th className="px-4 py-2 text-right font-medium">Left aside</th>
            <th className="px-4 py-2 text-right font-medium">Brought</th>
          </tr>
        </thead>
        <tbody className="tabular-nums">
          {items.map((batch) => (
            <Row key={batch.id} batch={batch} />
          ))}
        </tbody>
      </table>
      {batches.data && batches.data.total > items.length && (
        <p className="mt-2 text-[13px] text-ink-2">
          and {count(batches.data.total - items.length, 'earlier batch', 'earlier batches')}
        </p>
      )}
    </section>
  );
}

const STANDS: Record<BatchView['state'], string> = {
  LOOKED: 'looked at',
  READING: 'being read',
  READ: 'read',
  FAILED: 'stopped',
  CANCELLED: 'called off',
  TAKEN_BACK: 'taken back',
};

function Row({ batch }: { batch: BatchView }) {
  return (
    <tr className="border-t border-line">
      <td className="px-4 py-2">
        <Link to={`/reviews/bring-in/${batch.id}`} className="text-plum underline">
          {batch.fileName}
        </Link>
      </td>
      <td className={`px-4 py-2 ${batch.state === 'FAILED' ? 'text-rust-ink' : 'text-ink-2'}`}>
        {STANDS[batch.state]}
        {batch.state === 'READ' && batch.waiting > 0 && (
          <>
            ,{' '}
            <Link to={`/reviews/sort/${batch.id}`} className="text-plum underline">
              {number(batch.waiting)} to sort
            </Link>
          </>
        )}
      </td>
      <td className="px-4 py-2 text-right">{number(batch.taken)}</td>
      <td className="px-4 py-2 text-right">{number(batch.bad)}</td>
      <td className="px-4 py-2 text-right">
        {number(batch.hereAlready + batch.leftOutBefore + batch.notChosen)}
      </td>
      <td className="px-4 py-2 text-right text-ink-2">{since(batch.createdAt)}</td>
    </tr>
  );
}
