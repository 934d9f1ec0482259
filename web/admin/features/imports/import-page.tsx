import { useRef, useState, type DragEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../../ui/button';
import { Progress } from '../../ui/progress';
import { Problem } from '../../shared/api';
import { ReviewTabs } from '../reviews/tabs';
import { ImportHistory, ReadNow } from './import-history';
import { BookmarkButton } from './bookmark-button';
import { PageUrl } from './page-url';
import { PasteText } from './paste-text';
import { send } from './queries';
import { T, t } from '../../shared/t';

const LARGEST = 2 ** 30;

interface Sending {
  name: string;
  percent: number;
  cancel: () => void;
}

/** Dropping or choosing a file of reviews. */
export function ImportPage() {
  const navigate = useNavigate();
  const [sending, setSending] = useState<Sending | undefined>();
  const [problem, setProblem] = useState<{ name: string; text: string } | undefined>();

  const take = (file: File | undefined) => {
    if (!file) return;
    setProblem(undefined);
    if (file.size > LARGEST) {
      setProblem({ name: file.name, text: t('imports.importPage.thisFileIsOver1') });
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
          text:
            error instanceof Problem ? error.message : t('imports.importPage.theFileCouldNotBe'),
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
            <T
              id="imports.importPage.wasNotImported"
              values={{ file: <b>{problem.name}</b>, why: problem.text }}
            />
          </p>
        )}
        <div className="mt-4 grid grid-cols-2 gap-4 max-lg:grid-cols-1">
          <PageUrl />
          <PasteText />
          <BookmarkButton />
          <section className="rounded-2xl border border-line bg-paper p-5">
            <h2 className="text-lg">{t('imports.importPage.addOneByHand')}</h2>
            <p className="text-ink-2">{t('imports.importPage.fromALetterACard')}</p>
            <p className="mt-3">
              <Link to="/reviews/bring-in/by-hand" className="text-plum underline">
                {t('imports.importPage.addAReviewByHand')}
              </Link>
            </p>
          </section>
        </div>
        <ImportHistory />
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
            {sending.percent < 100
              ? t('imports.importPage.sending', { name: sending.name })
              : t('imports.importPage.reading', { name: sending.name })}
          </p>
          <Progress percent={sending.percent} />
          <Button className="mt-4" onClick={sending.cancel}>
            {t('imports.importPage.cancel')}
          </Button>
        </div>
      ) : (
        <div className="flex max-w-lg flex-col items-center gap-3">
          <h1 className="text-2xl">{t('imports.importPage.dropAFileWithReviews')}</h1>
          <p className="text-ink-2">{t('imports.importPage.csvXlsxJsonJsonLines')}</p>
          <Button look="inside" onClick={() => input.current?.click()}>
            {t('imports.importPage.chooseAFile')}
          </Button>
          <input
            ref={input}
            type="file"
            accept=".csv,.tsv,.txt,.xlsx,.json,.jsonl,.ndjson,.jsonld,.html,.htm,text/csv"
            className="sr-only"
            aria-label={t('imports.importPage.fileWithReviews')}
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
