import { useParams, Link } from 'react-router';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { ReviewTabs } from '../reviews/tabs';
import { ColumnMapping } from './column-mapping';
import { ImportResult } from './import-result';
import { useImport, useChosen } from './queries';
import { ReadingProgress } from './import-progress';
import { T, t } from '../../shared/t';

/** One brought file: what is in it, then how far reading is, then what came of it. */
export function ImportDetail() {
  const id = Number(useParams()['id']);
  const batch = useImport(id);
  const state = batch.data?.state;
  const chosen = useChosen(id, state === 'INSPECTED');
  return (
    <>
      <ReviewTabs>
        <Link to="/reviews/bring-in" className="px-2 text-plum underline">
          {t('imports.importDetail.importAnotherFile')}
        </Link>
      </ReviewTabs>
      <div className="min-h-0 flex-1 overflow-auto">
        {isLost(batch) && <Failure error={batch.error} again={() => void batch.refetch()} />}
        {!batch.data && !batch.error && <Loading />}
        {isLost(chosen) && <Failure error={chosen.error} again={() => void chosen.refetch()} />}
        {batch.data && state === 'INSPECTED' && chosen.data && (
          <ColumnMapping
            key={batch.data.inspection.sheet + batch.data.inspection.encoding}
            batch={batch.data}
            chosen={chosen.data.choices}
          />
        )}
        {batch.data && state === 'RUNNING' && (
          <div className="max-w-xl p-5">
            <h1 className="sr-only">
              <T id="imports.importDetail.reading" values={{ fileName: batch.data.fileName }} />
            </h1>
            <ReadingProgress batch={batch.data} />
          </div>
        )}
        {batch.data && state !== 'INSPECTED' && state !== 'RUNNING' && (
          <div className="p-5">
            <ImportResult batch={batch.data} />
          </div>
        )}
      </div>
    </>
  );
}
