import { useRef, useState, type DragEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../../ui/button';
import { Progress } from '../../ui/progress';
import { Problem } from '../../shared/api';
import { ReviewTabs } from '../reviews/tabs';
import { BeforeList, ReadNow } from './before';
import { BookmarkButton } from './bookmark-button';
import { GiveAddress } from './give-address';
import { PasteText } from './paste-text';
import { send } from './queries';

const LARGEST = 2 ** 30;

interface Sending {
  name: string;
  percent: number;
  cancel: () => void;
}

/** Dropping or choosing a file of reviews. */
export function BringIn() {
  const navigate = useNavigate();
  const [sending, setSending] = useState<Sending | undefined>();
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
  return (
    <>
      <ReviewTabs />
      <div className="min-h-0 flex-1 overflow-auto p-5">
        <ReadNow />
        <DropField sending={sending} onFile={take} />
        {problem && (
          <p role="alert" className="mt-4 rounded-xl bg-rust-soft px-5 py-3 text-rust-ink">
            <b>{problem.name}</b> was not taken. {problem.text}
          </p>
        )}
        <div className="mt-4 grid grid-cols-2 gap-4 max-lg:grid-cols-1">
          <GiveAddress />
          <PasteText />
          <BookmarkButton />
          <section className="rounded-2xl border border-line bg-paper p-5">
            <h2 className="text-lg">Or type one in</h2>
            <p className="text-ink-2">
              From a letter, a card or a message, with a picture of the original.
            </p>
            <p className="mt-3">
              <Link to="/reviews/bring-in/by-hand" className="text-plum underline">
                A review by hand
              </Link>
            </p>
          </section>
        </div>
        <BeforeList />
      </div>
    </>
  );
}

interface DropFieldProps {
  sending: Sending | undefined;
  onFile: (file: File | undefined) => void;
}

function DropField({ sending, onFile }: DropFieldProps) {
  const input = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    onFile(event.dataTransfer.files[0]);
  };

  return (
    <div
      onDrop={drop}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      className={`grid min-h-56 place-items-center rounded-2xl border-2 border-dashed px-6 py-10 text-center ${over ? 'border-plum bg-plum-soft' : 'border-line-2 bg-paper'}`}
    >
      {sending ? (
        <div className="w-96" role="status">
          <p className="mb-2">
            {sending.percent < 100 ? `Sending ${sending.name}` : `Looking through ${sending.name}`}
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
            A spreadsheet (CSV or XLSX), JSON, JSON Lines, or a saved web page, up to 1 GB. You see
            what is in it before anything is taken, and nothing is public until you publish it.
          </p>
          <Button look="inside" onClick={() => input.current?.click()}>
            Choose a file
          </Button>
          <input
            ref={input}
            type="file"
            accept=".csv,.tsv,.txt,.xlsx,.json,.jsonl,.ndjson,.jsonld,.html,.htm,text/csv"
            className="sr-only"
            aria-label="File of reviews"
            tabIndex={-1}
            onChange={(event) => {
              onFile(event.target.files?.[0]);
              event.target.value = '';
            }}
          />
        </div>
      )}
    </div>
  );
}
