import { InlineSelect } from '../../ui/inline-select';
import { t } from '../../shared/t';
import { FEED_TERMS, termText } from './feed-terms';
import type { FeedLook, FeedWanted, LookColumn } from './feed-look-queries';

interface FeedLookTableProps {
  look: FeedLook;
  onColumns: (columns: NonNullable<FeedWanted['columns']>) => void;
}

const UNUSED =
  'bg-[repeating-linear-gradient(135deg,var(--color-paper-2)_0_5px,transparent_5px_10px)] text-ink-2';

/** The first rows of a file under heads that say what each column is used as. */
export function FeedLookTable({ look, onColumns }: FeedLookTableProps) {
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

/** By which of its values a column is known, or that only its values tell. */
function Known({ column: { term, basis, proof } }: { column: LookColumn }) {
  if (!term) return null;
  const text =
    proof ??
    (basis === 'CONTENT'
      ? t('imports.columnHeader.guessedFromTheValues')
      : basis === 'CHOSEN'
        ? t('imports.columnHeader.setByYou')
        : undefined);
  return text ? (
    <span className="mt-0.5 flex gap-1.5">
      <span aria-hidden className="mt-[5px] size-2.5 shrink-0 rounded-[50%_50%_50%_2px] bg-fern" />
      <span className="min-w-0 [overflow-wrap:anywhere]">{text}</span>
    </span>
  ) : null;
}
