import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useQueryClient } from '@tanstack/react-query';
import { count, number } from '../../shared/words';
import { Loading } from '../../ui/empty';
import { Button } from '../../ui/button';
import { useEndBatch, useProblems, type BatchView } from './queries';

/** What came of a file: what was taken, what not, line by line; and what to do with it now. */
export function BatchResult({ batch }: { batch: BatchView }) {
  const queries = useQueryClient();
  const end = useEndBatch();
  useEffect(
    () => void queries.invalidateQueries({ queryKey: ['reviews'] }),
    [queries, batch.state],
  );
  const gone = batch.state === 'CANCELLED' || batch.state === 'TAKEN_BACK';
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
              ? 'Reading was called off, and nothing of it is here.'
              : 'This batch was taken back: its reviews are gone, from shop pages too. What was left out of it is remembered.'}
          </p>
        )}
        {!gone && (
          <>
            <ul className="my-4 flex flex-col gap-1.5 text-[16px] tabular-nums">
              <Line n={batch.taken} text="came in" good />
              <Line n={batch.bad} text="could not be read" />
              <Line n={batch.hereAlready} text="were here already" />
              <Line n={batch.leftOutBefore} text="were left out before, and stay so" />
              <Line n={batch.notChosen} text="were not chosen" />
              {batch.state === 'READ' && batch.taken > 0 && batch.taken === batch.rowsSeen && (
                <li className="text-ink-2">Every row came in.</li>
              )}
            </ul>
            {batch.taken > 0 ? (
              <Link
                to={`/reviews/sort/${batch.id}`}
                className="inline-flex rounded-lg bg-plum px-3.5 py-1.5 font-semibold text-white hover:bg-plum-2"
              >
                Look through {count(batch.taken, 'review')}
              </Link>
            ) : (
              <p className="text-ink-2">There is nothing new to look through.</p>
            )}
          </>
        )}
        <p className="mt-5 flex flex-wrap gap-x-5 gap-y-2 border-t border-line pt-4">
          <a href={`/api/v1/bring-in/${batch.id}/file`} className="text-plum underline" download>
            The file as it came
          </a>
          {!gone && batch.taken > 0 && (
            <Button
              look="link"
              disabled={end.isPending}
              onClick={() => end.mutate({ id: batch.id, how: 'take-back' })}
            >
              Take the whole batch back
            </Button>
          )}
          {gone && (
            <Link to="/reviews/bring-in" className="text-plum underline">
              Bring it in again
            </Link>
          )}
        </p>
        {end.error && (
          <p role="alert" className="mt-2 text-rust-ink">
            {end.error.message}
          </p>
        )}
      </section>
      {batch.bad > 0 && <Problems batch={batch} />}
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

function Problems({ batch }: { batch: BatchView }) {
  const [page, setPage] = useState(1);
  const problems = useProblems(batch.id, page);
  return (
    <section className="rounded-2xl border border-line bg-paper p-6">
      <h2 className="text-lg">What could not be read</h2>
      <p className="mb-3 text-ink-2">
        The good rows were taken. Mend these in the file and bring it again.
      </p>
      {!problems.data && <Loading lines={3} />}
      <table className="w-full text-left">
        <thead className="text-[13px] text-ink-2">
          <tr>
            <th className="py-1 pr-3 font-medium">Line</th>
            <th className="py-1 pr-3 font-medium">What it says</th>
            <th className="py-1 font-medium">Why not</th>
          </tr>
        </thead>
        <tbody>
          {problems.data?.items.map((problem, index) => (
            <tr key={index} className="border-t border-line align-top">
              <td className="py-1.5 pr-3 tabular-nums">{problem.line}</td>
              <td className="py-1.5 pr-3 break-words">
                {problem.column && <span className="text-ink-2">{problem.column} </span>}
                <b className="text-rust-ink">{problem.value || 'empty'}</b>
              </td>
              <td className="py-1.5">{problem.reason}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {problems.data && problems.data.total > problems.data.size && (
        <p className="mt-3 flex items-center gap-3">
          <Button disabled={page === 1} onClick={() => setPage(page - 1)}>
            Before
          </Button>
          <Button
            disabled={page * problems.data.size >= problems.data.total}
            onClick={() => setPage(page + 1)}
          >
            More
          </Button>
          {batch.bad > problems.data.total && (
            <span className="text-[13px] text-ink-2">
              {number(batch.bad - problems.data.total)} further ones are counted but not listed
            </span>
          )}
        </p>
      )}
    </section>
  );
}
