import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { decimal } from '../../shared/format';
import { Problem, problemText } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import { ReviewPreview } from './review-preview';
import { FileDoubts } from './file-doubts';
import { FileTable } from './file-table';
import { ImportOptions } from './import-options';
import { ImportErrors } from './import-errors';
import {
  useKeepChoices,
  useKeepingFails,
  useReinspect,
  useStartImport,
  useImportPreview,
  type ImportView,
  type ImportChoices,
} from './queries';
import { DATE_ORDERS, dayOf, ENCODINGS } from './labels';
import { T, t } from '../../shared/t';

/** How a file is read at first: as one of its headings was, but for what each file is asked about. */
function first(batch: ImportView): ImportChoices {
  const before = { ...batch.inspection.choices };
  delete before.permitted;
  delete before.source;
  delete before.mendsEncoding;
  delete before.countedFrom;
  if (batch.inspection.dateUnclear) delete before.dateOrder;
  return {
    ...before,
    columns: before.columns ?? batch.inspection.columns,
    nameForm: before.nameForm ?? 'FIRST_NAME_AND_INITIAL',
    source: batch.fileName.replace(/\.\w{2,5}$/, ''),
  };
}

interface BatchLookProps {
  batch: ImportView;
  chosen: ImportChoices | undefined;
}

/** What is in a file, what each column is taken for, what is wrong with it, and how to take it in. */
export function ColumnMapping({ batch, chosen }: BatchLookProps) {
  const { inspection: look } = batch;
  const queries = useQueryClient();
  const read = useStartImport(batch.id);
  const keep = useKeepChoices(batch.id);
  const [choices, setChoices] = useState<ImportChoices>(() => {
    const begun = { ...(chosen ?? first(batch)) };
    delete begun.permitted;
    return begun;
  });
  const [permitted, setPermitted] = useState(!!chosen?.permitted);
  const columns = choices.columns ?? {};
  const missing =
    columns['RATING'] === undefined
      ? t('imports.columnMapping.chooseTheColumnWithThe')
      : !choices.product && columns['PRODUCT'] === undefined
        ? t('imports.columnMapping.chooseAProductOrThe')
        : undefined;
  const trial = useImportPreview(batch.id, choices, !missing);
  const change = (changes: Partial<ImportChoices>) => {
    const next: ImportChoices = Object.fromEntries(
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
    (failure &&
      (failure instanceof Problem
        ? failure.message
        : t('imports.columnMapping.thatDidNotWorkTry')));

  return (
    <div className="flex flex-col">
      <FileLine batch={batch} />
      <div className="flex flex-col gap-3 p-5 pt-3">
        <header className="flex items-baseline gap-3">
          <h1 className="text-lg">{t('imports.columnMapping.matchTheColumns')}</h1>
          <p className="text-[13px] text-ink-2">
            {t('imports.columnMapping.weGuessedWhatEachColumn')}
          </p>
        </header>
        {look.dateUnclear && !choices.dateOrder && columns['DATE'] === look.columns['DATE'] && (
          <DatesAsked
            date={look.dateUnclear}
            before={look.choices?.dateOrder}
            onAnswer={(dateOrder) => change({ dateOrder })}
          />
        )}
        <FileDoubts look={look} choices={choices} onChange={change} />
        <NotKept batch={batch.id} error={keep.error} />
        <FileTable
          look={look}
          choices={choices}
          trial={missing ? undefined : trial.data}
          onChange={change}
        />
        <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.22fr)_minmax(0,0.8fr)] items-start gap-3 max-lg:grid-cols-2">
          <ImportErrors
            batch={batch.id}
            trial={missing ? undefined : trial.data}
            isAsked={!!fault}
            rows={look.rows}
            choices={choices}
            onChange={change}
          />
          <ImportOptions
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
          <ReviewPreview shown={trial.data?.shown ?? []} source={choices.source} />
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
      {error ? problemText(error) : t('imports.columnMapping.yourChoicesAreNotSaved')}
    </p>
  );
}

interface DatesAskedProps {
  date: string;
  /** what was said of the last file of these headings */
  before: ImportChoices['dateOrder'];
  onAnswer: (order: NonNullable<ImportChoices['dateOrder']>) => void;
}

/** Asks which number is the day where no date of the file tells. */
function DatesAsked({ date, before, onAnswer }: DatesAskedProps) {
  return (
    <div
      role="group"
      aria-label={t('imports.columnMapping.dateFormat')}
      className="flex flex-wrap items-center gap-3 rounded-xl bg-saffron-soft px-4 py-2.5"
    >
      <p>
        <T id="imports.columnMapping.inEitherNumberCouldBe" values={{ date: <b>{date}</b> }} />
      </p>
      {DATE_ORDERS.map(({ value, text }) => (
        <Button key={value} onClick={() => onAnswer(value)}>
          {value === before ? t('imports.columnMapping.asInYourLastFile', { order: text }) : text}
        </Button>
      ))}
    </div>
  );
}

function FileLine({ batch }: { batch: ImportView }) {
  const { inspection: look } = batch;
  const again = useReinspect(batch.id);
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
          <T
            id="imports.columnMapping.sheet2"
            values={{
              pick: (
                <InlineSelect
                  label={t('imports.columnMapping.sheet')}
                  value={look.sheet}
                  choices={look.sheets.map((sheet) => ({ value: sheet, text: sheet }))}
                  onPick={(sheet) => again.mutate({ sheet })}
                />
              ),
            }}
          />
        </>
      )}
      <span>
        <T
          id="imports.columnMapping.rowsColumnsReadInS"
          values={{
            b: (chunks) => <b className="text-ink">{chunks}</b>,
            rows: look.rows,
            columns: look.headings.length,
            broken: look.broken,
            seconds: decimal(Math.max(0.1, look.seconds)),
            kind: look.kind === 'CSV' && t('imports.columnMapping.encoding'),
          }}
        />
      </span>
      {look.kind === 'CSV' && (
        <>
          <InlineSelect
            label={t('imports.columnMapping.encoding2')}
            value={look.encoding}
            choices={encodings}
            onPick={(encoding) => again.mutate({ encoding })}
          />
        </>
      )}
      {look.remembered && (
        <span className="rounded-full border border-fern/30 bg-fern-soft px-2.5 text-[13px] font-medium text-fern-ink">
          <T
            id="imports.columnMapping.sameColumnsAsOnThose"
            values={{ remembered: dayOf(look.remembered) }}
          />
        </span>
      )}
      {again.isPending && <span role="status">{t('imports.columnMapping.reading')}</span>}
      {again.error && (
        <span role="alert" className="text-rust-ink">
          {again.error.message}
        </span>
      )}
    </div>
  );
}
