import { InlineSelect } from '../../ui/inline-select';
import { t } from '../../shared/t';
import { FEED_TERMS, termText } from './feed-terms';
import type { DateOrder, FeedLook, FeedWanted, LookColumn } from './feed-look-queries';

interface FeedLookTableProps {
  look: FeedLook;
  onColumns: (columns: NonNullable<FeedWanted['columns']>) => void;
  onOrder: (order: DateOrder) => void;
}

const UNUSED =
  'bg-[repeating-linear-gradient(135deg,var(--color-paper-2)_0_5px,transparent_5px_10px)] text-ink-2';

/** The first rows of a file under heads that say what each column is used as. */
export function FeedLookTable({ look, onColumns, onOrder }: FeedLookTableProps) {
  const { kind, columns, samples } = look;
  const assign = (index: number, term: string) => {
    const kept = columns.flatMap((one): [string, number][] =>
      one.term && one.index !== index && one.term !== term ? [[one.term, one.index]] : [],
    );
    onColumns(Object.fromEntries(term === 'NONE' ? kept : [...kept, [term, index]]));
  };
  return (
    <div
      className="overflow-x-auto rounded-xl border border-line bg-paper"
      role="region"
      aria-label={t('catalogue.feedLook.columns')}
      tabIndex={0}
    >
      <table className="w-full text-left">
        <thead>
          <tr className="align-top">
            <th className="w-12 px-2.5 py-2 text-right align-bottom text-[13px] font-medium text-ink-2">
              {t('catalogue.runDetail.line')}
            </th>
            {columns.map((column) => (
              <th
                key={column.index}
                scope="col"
                className={`border-l border-line px-2.5 py-2 text-[13px] font-normal text-ink-2 ${kind && !column.term ? UNUSED : ''}`}
              >
                <div className="max-w-48 min-w-26">
                  <b className="block truncate font-semibold text-ink" title={column.heading}>
                    {column.heading}
                  </b>
                  {kind && (
                    <InlineSelect
                      label={t('catalogue.feedLook.use', { heading: column.heading })}
                      value={column.term ?? 'NONE'}
                      choices={[
                        { value: 'NONE', text: t('catalogue.feedLook.notUsed') },
                        ...FEED_TERMS[kind].map((term) => ({ value: term, text: termText(term) })),
                      ]}
                      onPick={(term) => assign(column.index, term)}
                    />
                  )}
                  {column.term === 'orderDate' && (
                    <OrderOfDates dates={look.dates} onOrder={onOrder} />
                  )}
                  <Known column={column} />
                </div>
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="tabular-nums">
          {samples.map((sample) => (
            <tr key={sample.line} className="border-t border-line">
              <td className="px-2.5 py-1 text-right text-[13px] text-ink-2">{sample.line}</td>
              {columns.map((column) => (
                <td
                  key={column.index}
                  className={`max-w-60 truncate border-l border-line px-2.5 py-1 ${kind && !column.term ? UNUSED : ''}`}
                >
                  {sample.cells[column.index] || (
                    <span className="text-ink-2">{t('imports.fileTable.empty')}</span>
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Day or month first; where nothing tells, it is asked for below and can be said here. */
function OrderOfDates({
  dates: { order, unclear },
  onOrder,
}: {
  dates: FeedLook['dates'];
  onOrder: (order: DateOrder) => void;
}) {
  const orders = [
    { value: 'DAY_FIRST' as const, text: t('catalogue.feedLook.dayFirst') },
    { value: 'MONTH_FIRST' as const, text: t('catalogue.feedLook.monthFirst') },
  ];
  return (
    <span className="block">
      <InlineSelect
        label={t('imports.columnHeader.dateOrder')}
        value={unclear ? 'ASKED' : order}
        choices={
          unclear
            ? [
                { value: 'ASKED' as const, text: t('imports.columnHeader.chooseTheOrder') },
                ...orders,
              ]
            : orders
        }
        onPick={(next) => next !== 'ASKED' && onOrder(next)}
      />
    </span>
  );
}

/** By which of its values a column is known, or that only its values tell. */
function Known({ column: { term, basis, proof, isDoubtful } }: { column: LookColumn }) {
  if (!term) return null;
  const text =
    proof ??
    (basis === 'CONTENT'
      ? t('imports.columnHeader.guessedFromTheValues')
      : basis === 'CHOSEN'
        ? t('imports.columnHeader.setByYou')
        : undefined);
  return text ? (
    <span className={`mt-0.5 flex gap-1.5 ${isDoubtful ? 'text-rust-ink' : ''}`}>
      <span
        aria-hidden
        className={`mt-[5px] size-2.5 shrink-0 rounded-[50%_50%_50%_2px] ${isDoubtful ? 'border border-dashed border-rust' : 'bg-fern'}`}
      />
      <span className="min-w-0 [overflow-wrap:anywhere]">{text}</span>
    </span>
  ) : null;
}
