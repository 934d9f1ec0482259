import { useParams, Link } from 'react-router';
import { Failure, Loading } from '../../ui/empty';
import { count } from '../../shared/words';
import { useBatch } from './bring-in-queries';
import { BatchLook } from './batch-look';
import { BatchResult } from './batch-result';
import { Progress } from './bring-in';
import { ReviewTabs } from './tabs';

/** One brought file: what is in it, then how far reading is, then what came of it. */
export function Batch() {
  const id = Number(useParams()['id']);
  const batch = useBatch(id);
  return (
    <>
      <ReviewTabs>
        <Link to="/reviews/bring-in" className="px-2 text-plum underline">
          Take another file
        </Link>
      </ReviewTabs>
      <div className="min-h-0 flex-1 overflow-auto p-5">
        {batch.error && <Failure error={batch.error} again={() => void batch.refetch()} />}
        {!batch.data && !batch.error && <Loading />}
        {batch.data?.state === 'LOOKED' && <BatchLook batch={batch.data} />}
        {batch.data?.state === 'READING' && (
          <section role="status" className="max-w-xl rounded-2xl border border-line bg-paper p-6">
            <h1 className="mb-3 text-xl">Reading {batch.data.fileName}</h1>
            <Progress percent={batch.data.progress} />
            <p className="mt-2">
              {count(batch.data.rowsSeen, 'row')} of {count(batch.data.look.rows, 'row')}. You can
              leave this page; it goes on.
            </p>
          </section>
        )}
        {(batch.data?.state === 'READ' || batch.data?.state === 'FAILED') && (
          <BatchResult batch={batch.data} />
        )}
      </div>
    </>
  );
}
