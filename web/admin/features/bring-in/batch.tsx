import { useParams, Link } from 'react-router';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { ReviewTabs } from '../reviews/tabs';
import { BatchLook } from './batch-look';
import { BatchResult } from './batch-result';
import { useBatch, useChosen } from './queries';
import { BeingRead } from './being-read';

/** One brought file: what is in it, then how far reading is, then what came of it. */
export function Batch() {
  const id = Number(useParams()['id']);
  const batch = useBatch(id);
  const state = batch.data?.state;
  const chosen = useChosen(id, state === 'LOOKED');
  return (
    <>
      <ReviewTabs>
        <Link to="/reviews/bring-in" className="px-2 text-plum underline">
          Take another file
        </Link>
      </ReviewTabs>
      <div className="min-h-0 flex-1 overflow-auto">
        {isLost(batch) && <Failure error={batch.error} again={() => void batch.refetch()} />}
        {!batch.data && !batch.error && <Loading />}
        {isLost(chosen) && <Failure error={chosen.error} again={() => void chosen.refetch()} />}
        {batch.data && state === 'LOOKED' && chosen.data && (
          <BatchLook
            key={batch.data.look.sheet + batch.data.look.encoding}
            batch={batch.data}
            chosen={chosen.data.choices}
          />
        )}
        {batch.data && state === 'READING' && (
          <div className="max-w-xl p-5">
            <h1 className="sr-only">Reading {batch.data.fileName}</h1>
            <BeingRead batch={batch.data} />
          </div>
        )}
        {batch.data && state !== 'LOOKED' && state !== 'READING' && (
          <div className="p-5">
            <BatchResult batch={batch.data} />
          </div>
        )}
      </div>
    </>
  );
}
