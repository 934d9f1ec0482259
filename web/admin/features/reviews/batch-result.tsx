import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useQueryClient } from '@tanstack/react-query';
import { count, number } from '../../shared/words';
import { Loading } from '../../ui/empty';
import { Button } from '../../ui/button';
import { useProblems, type BatchView } from './bring-in-queries';

/** What came of reading a file: what was taken, and what not, line by line. */
export function BatchResult({ batch }: { batch: BatchView }) {
  const queries = useQueryClient();
  useEffect(
    () => void queries.invalidateQueries({ queryKey: ['reviews'] }),
    [queries, batch.state],
  );
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)] items-start gap-5">
      <section className="rounded-2xl border border-line bg-paper p-6">
        <h1 className="mb-1 text-xl">{batch.fileName}</h1>
        {batch.failure && (
          <p role="alert" className="my-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
            {batch.failure}
          </p>
        )}
        <ul className="my-4 flex flex-col gap-1.5 text-[16px] tabular-nums">
          <Line n={batch.taken} text="wait on the desk" good />
          <Line n={batch.bad} text="could not be read" />
          <Line n={batch.hereAlready} text="were here already" />
          <Line n={batch.leftOutBefore} text="were left out before, and stay so" />
        </ul>
        {batch.taken > 0 ? (
          <Link
            to={`/reviews?batch=${batch.id}`}
            className="inline-flex rounded-lg bg-plum px-3.5 py-1.5 font-semibold text-white hover:bg-plum-2"
          >
            Look through {count(batch.taken, 'review')}
          </Link>
        ) : (
          <p className="text-ink-2">There is nothing new to look through.</p>
        )}
      </section>
      {batch.bad > 0 && <Problems batch={batch} />}
    </div>
  );
}

function Line({ n, text, good = false }: { n: number; text: string; good?: boolean }) {
  return (
    <li className={n === 0 ? 'text-ink-2' : ''}>
      <b className={`inline-block min-w-14 pr-2 text-right ${good && n > 0 ? 'text-fern' : ''}`}>
        {number(n)}
      </b>
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
