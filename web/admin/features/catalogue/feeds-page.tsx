import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { Pick } from '../../ui/pick';
import { since, count } from '../../shared/words';
import { useSay } from '../../ui/toasts';
import { FeedFollow } from './feed-follow';
import { RunDetail } from './run-detail';
import {
  bringFile,
  useFeedAct,
  useFeedRuns,
  useFeeds,
  type FeedKind,
  type FeedRun,
} from './queries';

const KINDS: { value: FeedKind; text: string }[] = [
  { value: 'PRODUCTS', text: 'products' },
  { value: 'ORDERS', text: 'orders' },
];

const STATES: Record<FeedRun['state'], string> = {
  DONE: 'taken',
  HELD: 'held for a look',
  DROPPED: 'put aside',
  FAILED: 'not read',
};

// any of the languages that the server knows; schema.org terms always do
const HEADINGS: Record<FeedKind, ReactNode> = {
  PRODUCTS: (
    <>
      <b>Product</b>, and as many as you have of Variant, SKU, Price, Currency, Stock, Category,
      Tags, Picture, Brand, Description, and Page for its name in addresses. SKU and Price alone are
      enough for new prices. A column that is missing and a cell that is empty change nothing; the
      word <b>none</b> in a cell empties the value.
    </>
  ),
  ORDERS: (
    <>
      <b>Order</b>, <b>Date</b>, <b>SKU</b>, Quantity, Country, Status; a row for each line.
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
            Catalogue
          </Link>
        </p>
        <h1 className="text-2xl">Bring products and orders in</h1>
        <p className="max-w-2xl text-ink-2">
          A spreadsheet with a row for each variant is enough, as CSV or .xlsx. What can’t be taken
          is told by line, with its value and why; the rest goes on.
        </p>
        <FromFile onDone={setOpen} />
        {feeds.data && (
          <section
            className="rounded-2xl border border-line-2 bg-paper px-5 py-4"
            aria-label="Addresses"
          >
            <h2 className="text-lg">From an address, on a schedule</h2>
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
              A program can bring them too: send a file to <code>/api/v1/feeds/products/files</code>{' '}
              or <code>…/orders/files</code> with its key as a bearer token.
            </p>
          </section>
        )}
        <section
          className="rounded-2xl border border-line-2 bg-paper px-5 py-4"
          aria-label="What came"
        >
          <h2 className="text-lg">What came</h2>
          {runs.error ? (
            <Failure error={runs.error} again={() => void runs.refetch()} />
          ) : !runs.data ? (
            <Loading lines={3} />
          ) : runs.data.items.length === 0 ? (
            <p className="text-ink-2">Nothing has come yet.</p>
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
                      {run.kind === 'PRODUCTS' ? 'products' : 'orders'}
                    </span>
                    <span className={run.state === 'DONE' ? 'text-fern-ink' : 'text-rust-ink'}>
                      {STATES[run.state]}
                    </span>
                    <span className="flex-1" />
                    <span className="text-[13px] text-ink-2">
                      {count(run.taken, 'good one')}
                      {run.wrong > 0 && `, ${count(run.wrong, 'line')} to look at`}
                      {run.gone > 0 &&
                        `, ${count(run.gone, 'product')} ${run.state === 'DONE' ? 'left out' : 'missing'}`}{' '}
                      · {since(run.at)}
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
  const bring = useFeedAct(bringFile);
  const { sayProblem } = useSay();
  const take = (file: File | undefined) => {
    if (file)
      bring.mutate(
        { kind, file, whole: kind === 'PRODUCTS' && whole === 'whole' },
        { onSuccess: ({ run }) => onDone(run.id), onError: sayProblem },
      );
  };
  return (
    <section
      aria-label="From a file"
      className="rounded-2xl border border-dashed border-line-3 bg-paper px-5 py-4"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        take(event.dataTransfer.files[0]);
      }}
    >
      <h2 className="text-lg">From a file</h2>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-1.5 gap-y-1 text-ink-2">
        It holds
        <Pick label="What the file holds" value={kind} choices={KINDS} onPick={setKind} />
        {kind === 'PRODUCTS' && (
          <>
            and is
            <Pick
              label="How much the file holds"
              value={whole}
              choices={[
                { value: 'some', text: 'some of them: the others stay' },
                { value: 'whole', text: 'all of them: the others are no longer sold' },
              ]}
              onPick={setWhole}
            />
          </>
        )}
      </p>
      <p className="mt-2 text-[13px] text-ink-2">
        Its headings: {HEADINGS[kind]} JSON and JSON Lines in schema.org terms (
        {kind === 'PRODUCTS' ? 'ProductGroup with hasVariant' : 'Order with orderedItem'}) do as
        well.
      </p>
      <p className="mt-3 flex items-center gap-3">
        <Button look="inside" disabled={bring.isPending} onClick={() => pickFile(take)}>
          {bring.isPending ? 'Reading …' : 'Choose a file'}
        </Button>
        <span className="text-[13px] text-ink-2">
          {bring.isPending ? 'Line by line; you can go elsewhere meanwhile.' : 'or drop one here'}
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
