import { useState } from 'react';
import { useMutation } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { since } from '../../shared/format';
import { pickFile } from '../../ui/pick-file';
import { useNotify } from '../../ui/toasts';
import { FeedFollow } from './feed-follow';
import { SaidProducts } from './said-products';
import { RunDetail } from './run-detail';
import { FeedLookView } from './feed-look';
import { uploadForLook, type FeedLook } from './feed-look-queries';
import { useFeedRuns, useFeeds, type FeedKind, type FeedRun } from './queries';
import { T, t } from '../../shared/t';

const KINDS: { value: FeedKind; text: string }[] = [
  { value: 'PRODUCTS', text: t('catalogue.feedsPage.products') },
  { value: 'ORDERS', text: t('catalogue.feedsPage.orders') },
];

const KINDS_OF_FILE = '.csv,.xlsx,.tsv,.json,.jsonl,.ndjson,application/json,text/csv';

const STATES: Record<FeedRun['state'], string> = {
  DONE: t('catalogue.feedsPage.imported'),
  NOTHING_TAKEN: t('catalogue.feedsPage.nothingTaken'),
  NEEDS_APPROVAL: t('catalogue.feedsPage.needsYourOk'),
  DISCARDED: t('catalogue.feedsPage.discarded'),
  FAILED: t('catalogue.feedsPage.failed'),
};

/** How products and orders come in, and what came of each time. */
export function FeedsPage() {
  const feeds = useFeeds();
  const [page, setPage] = useState(1);
  const runs = useFeedRuns(page);
  const [open, setOpen] = useState<number>();
  const [look, setLook] = useState<FeedLook>();
  if (look)
    return (
      <FeedLookView
        key={look.id}
        first={look}
        onClose={() => setLook(undefined)}
        onDone={(run) => {
          setLook(undefined);
          setOpen(run);
        }}
      />
    );
  return (
    <div className="min-h-0 flex-1 overflow-y-auto">
      <div className="mx-auto flex max-w-5xl flex-col gap-4 px-5 py-5">
        <p>
          <Link to="/catalogue" className="text-plum underline">
            {t('catalogue.feedsPage.catalogue')}
          </Link>
        </p>
        <h1 className="text-2xl">{t('catalogue.feedsPage.importProductsAndOrders')}</h1>
        <p className="max-w-2xl text-ink-2">{t('catalogue.feedsPage.useACsvOrXlsx')}</p>
        <FromFile onLook={setLook} />
        {feeds.data && (
          <section
            className="rounded-2xl border border-line-2 bg-paper px-5 py-4"
            aria-label={t('catalogue.feedsPage.webAddresses')}
          >
            <h2 className="text-lg">{t('catalogue.feedsPage.fromAWebAddressRegularly')}</h2>
            {KINDS.map((kind) => (
              <FeedFollow
                key={kind.value}
                kind={kind.value}
                text={kind.text}
                feed={feeds.data.items.find((one) => one.kind === kind.value)}
                onRun={setOpen}
              />
            ))}
            <p className="mt-2 text-[13px] text-ink-2">
              <T
                id="catalogue.feedsPage.programsCanSendThemToo"
                values={{
                  code: (chunks) => <code>{chunks}</code>,
                  code2: (chunks) => <code>{chunks}</code>,
                }}
              />
            </p>
          </section>
        )}
        <section
          className="rounded-2xl border border-line-2 bg-paper px-5 py-4"
          aria-label={t('catalogue.feedsPage.updates')}
        >
          <h2 className="text-lg">{t('catalogue.feedsPage.updates')}</h2>
          {runs.error ? (
            <Failure error={runs.error} again={() => void runs.refetch()} />
          ) : !runs.data ? (
            <Loading lines={3} />
          ) : runs.data.items.length === 0 ? (
            <p className="text-ink-2">{t('catalogue.feedsPage.noUpdatesYet')}</p>
          ) : (
            <ul>
              {runs.data.items.map((run) => (
                <li key={run.id} className="border-b border-line/70 py-2 last:border-0">
                  <button
                    type="button"
                    aria-expanded={open === run.id}
                    className="flex w-full items-baseline gap-3 text-left"
                    onClick={() => setOpen(open === run.id ? undefined : run.id)}
                  >
                    <b className="min-w-0 truncate">{run.source}</b>
                    <span className="text-ink-2">
                      {run.kind === 'PRODUCTS'
                        ? t('catalogue.feedsPage.products')
                        : t('catalogue.feedsPage.orders')}
                    </span>
                    {run.undo.undoneAt ? (
                      <span className="text-ink-2">{t('catalogue.feedsPage.undone')}</span>
                    ) : (
                      <span className={run.state === 'DONE' ? 'text-fern-ink' : 'text-rust-ink'}>
                        {STATES[run.state]}
                      </span>
                    )}
                    <span className="flex-1" />
                    <span className="text-[13px] whitespace-nowrap text-ink-2">
                      {t('catalogue.feedsPage.imported2', {
                        taken: run.taken,
                        wrong: run.wrong,
                        hasGone: run.gone > 0 ? 'yes' : 'no',
                        gone: run.gone,
                        state: run.state,
                        since: since(run.at),
                      })}
                    </span>
                  </button>
                  {open === run.id && <RunDetail id={run.id} onDone={setOpen} />}
                </li>
              ))}
            </ul>
          )}
          {runs.data && runs.data.total > runs.data.size && (
            <p className="mt-3 flex items-center gap-3">
              <Button disabled={page === 1} onClick={() => setPage(page - 1)}>
                {t('catalogue.feedsPage.newer')}
              </Button>
              <Button
                disabled={page * runs.data.size >= runs.data.total}
                onClick={() => setPage(page + 1)}
              >
                {t('catalogue.feedsPage.older')}
              </Button>
            </p>
          )}
        </section>
        <SaidProducts />
      </div>
    </div>
  );
}

function FromFile({ onLook }: { onLook: (look: FeedLook) => void }) {
  const looking = useMutation({ mutationFn: uploadForLook });
  const { sayProblem } = useNotify();
  const take = (file: File | undefined) => {
    if (file) looking.mutate(file, { onSuccess: onLook, onError: sayProblem });
  };
  return (
    <section
      aria-label={t('catalogue.feedsPage.fromAFile')}
      className="rounded-2xl border border-dashed border-line-3 bg-paper px-5 py-4"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        take(event.dataTransfer.files[0]);
      }}
    >
      <h2 className="text-lg">{t('catalogue.feedsPage.fromAFile')}</h2>
      <p className="mt-3 flex items-center gap-3">
        <Button
          look="inside"
          disabled={looking.isPending}
          onClick={() => pickFile(KINDS_OF_FILE, take)}
        >
          {looking.isPending
            ? t('catalogue.feedsPage.reading')
            : t('catalogue.feedsPage.chooseAFile')}
        </Button>
        <span className="text-[13px] text-ink-2">{t('catalogue.feedsPage.orDropOneHere')}</span>
      </p>
    </section>
  );
}
