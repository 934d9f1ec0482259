import { useState } from 'react';
import { Button } from '../../ui/button';
import { Stars } from '../../ui/stars';
import { day, decimal } from '../../shared/format';
import { t } from '../../shared/t';
import { targetName } from './labels';
import { isTaken, reviewNumber } from './saved-page';
import type { PageReading, ReadRow, ReviewPart } from './queries';

interface ReadRowsProps {
  reading: PageReading;
  chosen: number | undefined;
  onChoose: (element: number) => void;
  onLeave: (element: number, isLeftOut: boolean) => void;
  atOnce?: number;
}

/** So many rows are drawn at first, and as many more each time that more are asked for. */
const AT_ONCE = 200;

/** What was read of each, as the page has it and, below, as it reads. */
export function ReadRows(props: ReadRowsProps) {
  const { reading, chosen, onChoose, onLeave, atOnce = AT_ONCE } = props;
  const parts = reading.parts.map(({ part }) => part);
  const [most, setMost] = useState(atOnce);
  const rows = reading.rows.slice(0, most);
  return (
    <div className="min-h-0 overflow-auto rounded-2xl border border-line-2 bg-paper">
      <table className="w-full border-collapse text-[13px]">
        <thead className="sticky top-0 z-10 bg-paper text-left align-top">
          <tr className="border-b border-line-2">
            <th className="px-2 py-2">
              <span className="sr-only">{t('page-readings.readRows.number')}</span>
            </th>
            {reading.parts.map(({ part, found }) => (
              <th key={part} className="px-2.5 py-2 font-normal">
                <b className="block font-semibold first-letter:uppercase">{targetName(part)}</b>
                <span className="block text-ink-2">
                  {t('page-readings.readRows.foundOf', { found, of: reading.reviews })}
                </span>
                {part === 'DATE' && reading.dateOrder && (
                  <span className="block text-ink-2">
                    {t('page-readings.readRows.order', { order: reading.dateOrder })}
                  </span>
                )}
              </th>
            ))}
            <th className="px-2.5 py-2 font-semibold">{t('page-readings.readRows.right')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, i) => (
            <tr
              key={row.element}
              className={`border-b border-line align-top ${row.element === chosen ? 'bg-plum-soft' : isTaken(row) ? '' : 'bg-paper-2 text-ink-2'}`}
            >
              <td className="px-2 py-1.5">
                <button
                  type="button"
                  className="font-semibold text-plum underline"
                  aria-pressed={row.element === chosen}
                  onClick={() => onChoose(row.element)}
                >
                  {reviewNumber(reading.rows, i) ?? '–'}
                  <span className="sr-only"> {t('page-readings.readRows.showInThePage')}</span>
                </button>
              </td>
              {parts.map((part) => (
                <td
                  key={part}
                  className={`max-w-[22rem] px-2.5 py-1.5 ${part === 'DATE' ? 'whitespace-nowrap' : ''}`}
                >
                  <Cell row={row} part={part} />
                </td>
              ))}
              <td className="px-2.5 py-1.5 whitespace-nowrap">
                <Right row={row} onLeave={onLeave} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {reading.rows.length > most && (
        <p className="flex items-baseline gap-3 px-3 py-2 text-ink-2">
          {t('page-readings.readRows.more', { more: reading.rows.length - most })}
          <Button look="link" onClick={() => setMost(most + atOnce)}>
            {t('page-readings.readRows.listMore')}
          </Button>
        </p>
      )}
    </div>
  );
}

function Cell({ row, part }: { row: ReadRow; part: ReviewPart }) {
  const cell = row.cells[part];
  if (!cell)
    return part === 'DATE' && row.dateWithoutDay ? (
      <>
        {row.dateWithoutDay}
        <b className="block font-semibold text-rust-ink">{t('page-readings.readRows.noDayInIt')}</b>
      </>
    ) : (
      <span className="text-ink-2">{t('page-readings.readRows.none')}</span>
    );
  return (
    <>
      <span className="line-clamp-2 break-words">
        {part === 'PICTURES'
          ? t('page-readings.readRows.pictures', { count: cell.text.split(' ').length })
          : cell.text}
      </span>
      {cell.reads && (
        <b className="flex items-center gap-1 font-semibold text-fern-ink">
          {part === 'DATE' ? day(cell.reads) : decimal(Number(cell.reads))}
          {part === 'STARS' && <Stars value={Number(cell.reads)} size={12} />}
        </b>
      )}
      {!cell.reads && (part === 'DATE' || part === 'STARS') && (
        <b className="block font-semibold text-rust-ink">
          {t('page-readings.readRows.cannotBeRead')}
        </b>
      )}
    </>
  );
}

function Right({ row, onLeave }: { row: ReadRow; onLeave: ReadRowsProps['onLeave'] }) {
  if (!row.isReview) return <>{t('page-readings.readRows.notRead')}</>;
  return (
    <button
      type="button"
      className="text-plum underline"
      onClick={() => onLeave(row.element, !row.isLeftOut)}
    >
      {row.isLeftOut ? t('page-readings.readRows.takeBack') : t('page-readings.readRows.leaveOut')}
    </button>
  );
}
