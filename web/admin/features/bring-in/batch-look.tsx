import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Pick } from '../../ui/pick';
import { count, number } from '../../shared/words';
import { Problem, told } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import { AsShoppers } from './as-shoppers';
import { FileTable } from './file-table';
import { TakeIn } from './take-in';
import { Trouble } from './trouble';
import {
  useKeepChoices,
  useKeepingFails,
  useLookAgain,
  useRead,
  useTrial,
  type BatchView,
  type Choices,
} from './queries';
import { DATE_ORDERS, dayOf, ENCODINGS } from './words';

/** How a file is read at first: as one of its headings was, but for what each file is asked about. */
function first(batch: BatchView): Choices {
  const before = { ...batch.look.choices };
  delete before.permitted;
  delete before.source;
  if (batch.look.dateUnclear) delete before.dateOrder;
  return {
    ...before,
    columns: before.columns ?? batch.look.columns,
    nameForm: before.nameForm ?? 'FIRST_NAME_AND_INITIAL',
    source: batch.fileName.replace(/\.\w{2,5}$/, ''),
  };
}

interface BatchLookProps {
  batch: BatchView;
  chosen: Choices | undefined;
}

/** What is in a file, what each column is taken for, what is wrong with it, and how to take it in. */
export function BatchLook({ batch, chosen }: BatchLookProps) {
  const { look } = batch;
  const queries = useQueryClient();
  const read = useRead(batch.id);
  const keep = useKeepChoices(batch.id);
  const [choices, setChoices] = useState<Choices>(() => {
    const begun = { ...(chosen ?? first(batch)) };
    delete begun.permitted;
    return begun;
  });
  const [permitted, setPermitted] = useState(!!chosen?.permitted);
  const columns = choices.columns ?? {};
  const missing =
    columns['RATING'] === undefined
      ? 'Say which column holds the rating.'
      : !choices.product && columns['PRODUCT'] === undefined
        ? 'Choose the product, or say which column names it.'
        : undefined;
  const trial = useTrial(batch.id, choices, !missing);
  const change = (changes: Partial<Choices>) => {
    const next: Choices = Object.fromEntries(
      Object.entries({ ...choices, ...changes }).filter(([, value]) => value !== undefined),
    );
    // another place is asked about anew
    const still = permitted && next.source === choices.source;
    read.reset();
    setChoices(next);
    setPermitted(still);
    keep.mutate({ ...next, permitted: still });
  };
  const permit = (given: boolean) => {
    read.reset();
    setPermitted(given);
    keep.mutate({ ...choices, permitted: given });
  };
  const start = () =>
    read.mutate(
      { ...choices, permitted },
      { onSuccess: (next) => queries.setQueryData(['batch', batch.id], next) },
    );
  const failure = read.error ?? trial.error;
  const fault =
    missing ??
    (failure && (failure instanceof Problem ? failure.message : 'That did not work; try again.'));

  return (
    <div className="flex flex-col">
      <FileLine batch={batch} />
      <div className="flex flex-col gap-3 p-5 pt-3">
        <header className="flex items-baseline gap-3">
          <h1 className="text-lg">What is in this file</h1>
          <p className="text-[13px] text-ink-2">
            Each head is our guess; change any of it. In green: how a value will read here.
          </p>
        </header>
        {look.dateUnclear && !choices.dateOrder && columns['DATE'] === look.columns['DATE'] && (
          <DatesAsked
            date={look.dateUnclear}
            before={look.choices?.dateOrder}
            onAnswer={(dateOrder) => change({ dateOrder })}
          />
        )}
        <NotKept batch={batch.id} error={keep.error} />
        <FileTable
          look={look}
          choices={choices}
          trial={missing ? undefined : trial.data}
          onChange={change}
        />
        <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.22fr)_minmax(0,0.8fr)] items-start gap-3 max-lg:grid-cols-2">
          <Trouble
            trial={missing ? undefined : trial.data}
            isAsked={!!fault}
            rows={look.rows}
            choices={choices}
            onChange={change}
          />
          <TakeIn
            look={look}
            choices={choices}
            trial={missing ? undefined : trial.data}
            counting={trial.isFetching}
            fault={fault ?? undefined}
            busy={read.isPending}
            permitted={permitted}
            onPermit={permit}
            onChange={change}
            onRead={start}
          />
          <AsShoppers shown={trial.data?.shown ?? []} source={choices.source} />
        </div>
      </div>
    </div>
  );
}

/** Says that choices are not kept, which is silent work as long as it goes well. */
function NotKept({ batch, error }: { batch: number; error: unknown }) {
  const fails = useKeepingFails(batch);
  useUnsaved(`choices ${batch}`, fails);
  if (!fails && !error) return null;
  return (
    <p role="alert" className="rounded-xl bg-rust-soft px-4 py-2.5 text-rust-ink">
      {error
        ? told(error)
        : 'Your choices are not kept yet, as the server does not answer. It is tried again by itself.'}
    </p>
  );
}

interface DatesAskedProps {
  date: string;
  /** what was said of the last file of these headings */
  before: Choices['dateOrder'];
  onAnswer: (order: NonNullable<Choices['dateOrder']>) => void;
}

/** Asks which number is the day where no date of the file tells. */
function DatesAsked({ date, before, onAnswer }: DatesAskedProps) {
  return (
    <div
      role="group"
      aria-label="Order of the dates"
      className="flex flex-wrap items-center gap-3 rounded-xl bg-saffron-soft px-4 py-2.5"
    >
      <p>
        In <b>{date}</b> either number may be the day, and no other date of the file tells. Which
        comes first?
      </p>
      {DATE_ORDERS.map(({ value, text }) => (
        <Button key={value} onClick={() => onAnswer(value)}>
          {text}
          {value === before && ', as in the last such file'}
        </Button>
      ))}
    </div>
  );
}

function FileLine({ batch }: { batch: BatchView }) {
  const { look } = batch;
  const again = useLookAgain(batch.id);
  const encodings = ENCODINGS.some((one) => one.value === look.encoding)
    ? ENCODINGS
    : [{ value: look.encoding, text: look.encoding }, ...ENCODINGS];
  return (
    <div className="flex min-h-11 flex-wrap items-center gap-x-2 border-b border-line bg-paper px-5 py-1.5 text-ink-2">
      <b className="max-w-96 truncate text-ink" title={batch.fileName}>
        {batch.fileName}
      </b>
      {look.sheets.length > 1 && (
        <>
          sheet
          <Pick
            label="Sheet"
            value={look.sheet}
            choices={look.sheets.map((sheet) => ({ value: sheet, text: sheet }))}
            onPick={(sheet) => again.mutate({ sheet })}
          />
        </>
      )}
      <span>
        <b className="text-ink">{number(look.rows)}</b> {look.rows === 1 ? 'row' : 'rows'} in{' '}
        <b className="text-ink">{look.headings.length}</b> columns
        {look.broken > 0 && `, and ${count(look.broken, 'row')} that cannot be read`}, looked
        through in {Math.max(0.1, look.seconds).toFixed(1)} s{look.kind === 'CSV' && ', written in'}
      </span>
      {look.kind === 'CSV' && (
        <>
          <Pick
            label="Encoding"
            value={look.encoding}
            choices={encodings}
            onPick={(encoding) => again.mutate({ encoding })}
          />
        </>
      )}
      {look.remembered && (
        <span className="rounded-full border border-fern/30 bg-fern-soft px-2.5 text-[13px] font-medium text-fern-ink">
          same columns as on {dayOf(look.remembered)}, so read the same way
        </span>
      )}
      {again.isPending && <span role="status">looking …</span>}
      {again.error && (
        <span role="alert" className="text-rust-ink">
          {again.error.message}
        </span>
      )}
    </div>
  );
}
