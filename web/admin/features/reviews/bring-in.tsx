import { useRef, useState, type DragEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../../ui/button';
import { ago, count, number } from '../../shared/words';
import { Problem } from '../../shared/api';
import { send, useBatches } from './bring-in-queries';
import { ReviewTabs } from './tabs';

const LARGEST = 2 ** 30;

/** Dropping or choosing a file of reviews. */
export function BringIn() {
  const navigate = useNavigate();
  const input = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const [sending, setSending] = useState<
    { name: string; percent: number; cancel: () => void } | undefined
  >();
  const [problem, setProblem] = useState<{ name: string; text: string } | undefined>();

  const take = (file: File | undefined) => {
    if (!file) return;
    setProblem(undefined);
    if (file.size > LARGEST) {
      setProblem({ name: file.name, text: 'It is over 1 GB. Cut it into smaller files.' });
      return;
    }
    const job = send(file, (percent) =>
      setSending({ name: file.name, percent, cancel: job.cancel }),
    );
    setSending({ name: file.name, percent: 0, cancel: job.cancel });
    job.done
      .then((batch) => navigate(`/reviews/bring-in/${batch.id}`))
      .catch((error: unknown) =>
        setProblem({
          name: file.name,
          text: error instanceof Problem ? error.message : 'It could not be sent.',
        }),
      )
      .finally(() => setSending(undefined));
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    take(event.dataTransfer.files[0]);
  };

  return (
    <>
      <ReviewTabs />
      <div className="min-h-0 flex-1 overflow-auto p-5">
        <div
          onDrop={drop}
          onDragOver={(event) => {
            event.preventDefault();
            setOver(true);
          }}
          onDragLeave={() => setOver(false)}
          className={`grid min-h-72 place-items-center rounded-2xl border-2 border-dashed px-6 py-10 text-center ${over ? 'border-plum bg-plum-soft' : 'border-line-2 bg-paper'}`}
        >
          {sending ? (
            <div className="w-96" role="status">
              <p className="mb-2">
                {sending.percent < 100
                  ? `Sending ${sending.name}`
                  : `Looking through ${sending.name}`}
              </p>
              <Progress percent={sending.percent} />
              <Button className="mt-4" onClick={sending.cancel}>
                Cancel
              </Button>
            </div>
          ) : (
            <div className="flex max-w-lg flex-col items-center gap-3">
              <h1 className="text-2xl">Drop a file of reviews here</h1>
              <p className="text-ink-2">
                CSV with a line of headings: commas, semicolons or tabs, up to 1 GB. You see what is
                in it before anything is taken, and nothing is public until you publish it.
              </p>
              <Button look="inside" onClick={() => input.current?.click()}>
                Choose a file
              </Button>
              <input
                ref={input}
                type="file"
                accept=".csv,.tsv,.txt,text/csv"
                className="sr-only"
                aria-label="File of reviews"
                tabIndex={-1}
                onChange={(event) => {
                  take(event.target.files?.[0]);
                  event.target.value = '';
                }}
              />
            </div>
          )}
        </div>
        {problem && (
          <p role="alert" className="mt-4 rounded-xl bg-rust-soft px-5 py-3 text-rust-ink">
            <b>{problem.name}</b> was not taken. {problem.text}
          </p>
        )}
        <Before />
      </div>
    </>
  );
}

/** How far something is. */
export function Progress({ percent }: { percent: number }) {
  return (
    <progress
      className="h-2 w-full overflow-hidden rounded-full accent-plum"
      max={100}
      value={percent}
      aria-label="Progress"
    />
  );
}

function Before() {
  const batches = useBatches();
  if (!batches.data?.items.length) return null;
  return (
    <section className="mt-6">
      <h2 className="mb-2 text-lg">What came in before</h2>
      <table className="w-full overflow-hidden rounded-xl border border-line bg-paper text-left">
        <thead className="text-[13px] text-ink-2">
          <tr>
            <th className="px-4 py-2 font-medium">File</th>
            <th className="px-4 py-2 text-right font-medium">Taken</th>
            <th className="px-4 py-2 text-right font-medium">Not read</th>
            <th className="px-4 py-2 text-right font-medium">Here already</th>
            <th className="px-4 py-2 text-right font-medium">Came</th>
          </tr>
        </thead>
        <tbody className="tabular-nums">
          {batches.data.items.map((batch) => (
            <tr key={batch.id} className="border-t border-line">
              <td className="px-4 py-2">
                <Link to={`/reviews/bring-in/${batch.id}`} className="text-plum underline">
                  {batch.fileName}
                </Link>
                {batch.state === 'READING' && <span className="ml-2 text-ink-2">being read</span>}
                {batch.state === 'FAILED' && <span className="ml-2 text-rust-ink">stopped</span>}
              </td>
              <td className="px-4 py-2 text-right">{number(batch.taken)}</td>
              <td className="px-4 py-2 text-right">{number(batch.bad)}</td>
              <td className="px-4 py-2 text-right">
                {number(batch.hereAlready + batch.leftOutBefore)}
              </td>
              <td className="px-4 py-2 text-right text-ink-2">{ago(batch.createdAt)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {batches.data.total > batches.data.items.length && (
        <p className="mt-2 text-[13px] text-ink-2">
          and {count(batches.data.total - batches.data.items.length, 'earlier file')}
        </p>
      )}
    </section>
  );
}
