import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { InlineSelect } from '../../ui/inline-select';
import { since } from '../../shared/format';
import { useNotify } from '../../ui/toasts';
import { FeedFollow } from './feed-follow';
import { RunDetail } from './run-detail';
import {
  uploadFeedFile,
  useFeedAction,
  useFeedRuns,
  useFeeds,
  type FeedKind,
  type FeedRun,
} from './queries';
import { T, t } from '../../shared/t';

const KINDS: { value: FeedKind; text: string }[] = [
  { value: 'PRODUCTS', text: t('catalogue.feedsPage.products') },
  { value: 'ORDERS', text: t('catalogue.feedsPage.orders') },
];

const STATES: Record<FeedRun['state'], string> = {
  DONE: t('catalogue.feedsPage.imported'),
  NEEDS_APPROVAL: t('catalogue.feedsPage.needsYourOk'),
  DISCARDED: t('catalogue.feedsPage.discarded'),
  FAILED: t('catalogue.feedsPage.failed'),
};

// any of the languages that the server knows; schema.org terms always do
const HEADINGS: Record<FeedKind, ReactNode> = {
  PRODUCTS: (
    <>
      <T
        id="catalogue.feedsPage.productAndAnyOfThese"
        values={{ b: (chunks) => <b>{chunks}</b>, b2: (chunks) => <b>{chunks}</b> }}
      />
    </>
  ),
  ORDERS: (
    <>
      <T
        id="catalogue.feedsPage.orderDateSkuQuantityCountry"
        values={{
          b: (chunks) => <b>{chunks}</b>,
          b2: (chunks) => <b>{chunks}</b>,
          b3: (chunks) => <b>{chunks}</b>,
        }}
      />
    </>
  ),
};

/** How products and orders come in, and what came of each time. */
export function FeedsPage() {
  const feeds = useFeeds();
  const runs = useFeedRuns(1);
  const [open, setOpen] = useState<number>();
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
        <FromFile onDone={setOpen} />
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
                    <span className={run.state === 'DONE' ? 'text-fern-ink' : 'text-rust-ink'}>
                      {STATES[run.state]}
                    </span>
                    <span className="flex-1" />
                    <span className="text-[13px] text-ink-2">
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
        </section>
      </div>
    </div>
  );
}

function FromFile({ onDone }: { onDone: (run: number) => void }) {
  const [kind, setKind] = useState<FeedKind>('PRODUCTS');
  const [whole, setWhole] = useState<'whole' | 'some'>('some');
  const bring = useFeedAction(uploadFeedFile);
  const { sayProblem } = useNotify();
  const take = (file: File | undefined) => {
    if (file)
      bring.mutate(
        { kind, file, whole: kind === 'PRODUCTS' && whole === 'whole' },
        { onSuccess: ({ run }) => onDone(run.id), onError: sayProblem },
      );
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
      <p className="mt-1 leading-8 text-ink-2">
        <T
          id="catalogue.feedsPage.thisFileHas"
          values={{
            pick: (
              <InlineSelect
                label={t('catalogue.feedsPage.contentsOfTheFile')}
                value={kind}
                choices={KINDS}
                onPick={setKind}
              />
            ),
            kind: kind === 'PRODUCTS' && (
              <>
                <T
                  id="catalogue.feedsPage.itIs"
                  values={{
                    pick: (
                      <InlineSelect
                        label={t('catalogue.feedsPage.completeOrPartial')}
                        value={whole}
                        choices={[
                          { value: 'some', text: t('catalogue.feedsPage.aPartialListProductsNot') },
                          {
                            value: 'whole',
                            text: t('catalogue.feedsPage.aCompleteListProductsNot'),
                          },
                        ]}
                        onPick={setWhole}
                      />
                    ),
                  }}
                />
              </>
            ),
          }}
        />
      </p>
      <p className="mt-2 text-[13px] text-ink-2">
        <T
          id="catalogue.feedsPage.columnsJsonAndJsonLines"
          values={{
            kind: HEADINGS[kind],
            kind2:
              kind === 'PRODUCTS'
                ? t('catalogue.feedsPage.productgroupWithHasvariant')
                : t('catalogue.feedsPage.orderWithOrdereditem'),
          }}
        />
      </p>
      <p className="mt-3 flex items-center gap-3">
        <Button look="inside" disabled={bring.isPending} onClick={() => pickFile(take)}>
          {bring.isPending
            ? t('catalogue.feedsPage.reading')
            : t('catalogue.feedsPage.chooseAFile')}
        </Button>
        <span className="text-[13px] text-ink-2">
          {bring.isPending
            ? t('catalogue.feedsPage.youCanLeaveThisPage')
            : t('catalogue.feedsPage.orDropOneHere')}
        </span>
      </p>
    </section>
  );
}

function pickFile(take: (file: File | undefined) => void) {
  const input = document.createElement('input');
  input.type = 'file';
  input.accept = '.csv,.xlsx,.tsv,.json,.jsonl,.ndjson,application/json,text/csv';
  input.onchange = () => take(input.files?.[0]);
  input.click();
}
