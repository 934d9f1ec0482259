import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useQueryClient } from '@tanstack/react-query';
import { number } from '../../shared/format';
import { Loading } from '../../ui/empty-state';
import { Button } from '../../ui/button';
import { useCancelImport, useProblems, type ImportView } from './queries';
import { T, t } from '../../shared/t';

/** What came of a file: what was taken, what not, line by line; and what to do with it now. */
export function ImportResult({ batch }: { batch: ImportView }) {
  const queries = useQueryClient();
  const end = useCancelImport();
  useEffect(
    () => void queries.invalidateQueries({ queryKey: ['reviews'] }),
    [queries, batch.state],
  );
  const gone = batch.state === 'CANCELLED' || batch.state === 'UNDONE';
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)] items-start gap-5 max-lg:grid-cols-1">
      <section className="rounded-2xl border border-line bg-paper p-6">
        <h1 className="mb-1 text-xl break-words">{batch.fileName}</h1>
        {batch.failure && (
          <p role="alert" className="my-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
            {batch.failure}
          </p>
        )}
        {gone && (
          <p role="status" className="my-3">
            {batch.state === 'CANCELLED'
              ? t('imports.importResult.importCancelledNothingWasImported')
              : t('imports.importResult.importRemovedItsReviewsAre')}
          </p>
        )}
        {!gone && (
          <>
            <ul className="my-4 flex flex-col gap-1.5 text-[16px] tabular-nums">
              <Line n={batch.imported} text={t('imports.importResult.imported')} good />
              <Line n={batch.unreadable} text={t('imports.importResult.notReadable')} />
              <Line n={batch.duplicates} text={t('imports.importResult.alreadyImported')} />
              <Line n={batch.leftOutBefore} text={t('imports.importResult.leftOutBefore')} />
              <Line n={batch.notSelected} text={t('imports.importResult.notSelected')} />
              {batch.state === 'DONE' &&
                batch.imported > 0 &&
                batch.imported === batch.rowsSeen && (
                  <li className="text-ink-2">{t('imports.importResult.allRowsWereImported')}</li>
                )}
            </ul>
            {batch.imported > 0 ? (
              <Link
                to={`/reviews/sort/${batch.id}`}
                className="inline-flex rounded-lg bg-ink px-3.5 py-1.5 font-semibold text-paper hover:bg-dark-2"
              >
                <T id="imports.importResult.checkReviews" values={{ taken: batch.imported }} />
              </Link>
            ) : (
              <p className="text-ink-2">{t('imports.importResult.noNewReviewsInThis')}</p>
            )}
          </>
        )}
        <p className="mt-5 flex flex-wrap gap-x-5 gap-y-2 border-t border-line pt-4">
          <a href={`/api/v1/imports/${batch.id}/file`} className="text-plum underline" download>
            {t('imports.importResult.downloadOriginalFile')}
          </a>
          {!gone && batch.imported > 0 && (
            <Button
              look="link"
              disabled={end.isPending}
              onClick={() => end.mutate({ id: batch.id, how: 'take-back' })}
            >
              {t('imports.importResult.removeThisImport')}
            </Button>
          )}
          {gone && (
            <Link to="/reviews/bring-in" className="text-plum underline">
              {t('imports.importResult.importAgain')}
            </Link>
          )}
        </p>
        {end.error && (
          <p role="alert" className="mt-2 text-rust-ink">
            {end.error.message}
          </p>
        )}
      </section>
      {batch.unreadable > 0 && <Problems batch={batch} />}
    </div>
  );
}

function Line({ n, text, good = false }: { n: number; text: string; good?: boolean }) {
  if (n === 0 && !good) return null;
  return (
    <li>
      <b className={`mr-1.5 ${good && n > 0 ? 'text-fern' : ''}`}>{number(n)}</b>
      {text}
    </li>
  );
}

function Problems({ batch }: { batch: ImportView }) {
  const [page, setPage] = useState(1);
  const problems = useProblems(batch.id, page);
  return (
    <section className="rounded-2xl border border-line bg-paper p-6">
      <h2 className="text-lg">{t('imports.importResult.rowsWithProblems')}</h2>
      <p className="mb-3 flex flex-wrap gap-x-4 text-ink-2">
        {t('imports.importResult.allOtherRowsWereImported')}
        <a
          href={`/api/v1/imports/${batch.id}/problems/file`}
          className="text-plum underline"
          download
        >
          {t('imports.importErrors.saveTheseRows')}
        </a>
      </p>
      {!problems.data && <Loading lines={3} />}
      <table className="w-full text-left">
        <thead className="text-[13px] text-ink-2">
          <tr>
            <th className="py-1 pr-3 font-medium">{t('imports.importResult.line')}</th>
            <th className="py-1 pr-3 font-medium">{t('imports.importResult.value')}</th>
            <th className="py-1 font-medium">{t('imports.importResult.problem')}</th>
          </tr>
        </thead>
        <tbody>
          {problems.data?.items.map((problem, index) => (
            <tr key={index} className="border-t border-line align-top">
              <td className="py-1.5 pr-3 tabular-nums">{problem.line}</td>
              <td className="py-1.5 pr-3 break-words">
                {problem.column && <span className="text-ink-2">{problem.column} </span>}
                <b className="text-rust-ink">{problem.value || t('imports.fileTable.empty')}</b>
              </td>
              <td className="py-1.5">{problem.reason}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {problems.data && problems.data.total > problems.data.size && (
        <p className="mt-3 flex items-center gap-3">
          <Button disabled={page === 1} onClick={() => setPage(page - 1)}>
            {t('imports.importResult.previous')}
          </Button>
          <Button
            disabled={page * problems.data.size >= problems.data.total}
            onClick={() => setPage(page + 1)}
          >
            {t('imports.importResult.next')}
          </Button>
          {batch.unreadable > problems.data.total && (
            <span className="text-[13px] text-ink-2">
              <T
                id="imports.importResult.moreNotListed"
                values={{ bad: batch.unreadable - problems.data.total }}
              />
            </span>
          )}
        </p>
      )}
    </section>
  );
}
