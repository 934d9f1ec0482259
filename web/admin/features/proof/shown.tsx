import { useState } from 'react';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { number } from '../../shared/words';
import { useShown, type ShownView } from './queries';

const WINDOWS: Record<ShownView['window'], string> = {
  NOW: '5 minutes',
  HOUR: 'an hour',
  DAY: '24 hours',
  WEEK: '7 days',
};

/** Which numbers of visitors were shown when, beside what was counted. */
export function Shown() {
  const [day, setDay] = useState('');
  const [page, setPage] = useState(1);
  const shown = useShown(day, page);
  const data = shown.data;
  return (
    <section
      className="rounded-2xl border border-line bg-paper px-5 py-4"
      aria-label="Shown numbers"
    >
      <h2 className="text-xl">Which numbers shoppers saw</h2>
      <p className="mt-1 flex flex-wrap items-baseline gap-1.5 text-ink-2">
        On
        <input
          type="date"
          aria-label="Day"
          value={day || (data?.day ?? '')}
          className="border-b-2 border-saffron bg-transparent px-1 font-semibold text-ink"
          onChange={(event) => {
            setDay(event.target.value);
            setPage(1);
          }}
        />
        by the shop’s clock, beside the least that was counted when they were shown.
      </p>
      {isLost(shown) && <Failure error={shown.error} again={() => void shown.refetch()} />}
      {!data && !shown.error && <Loading />}
      {data?.numbers.total === 0 && (
        <p className="mt-3 rounded-xl border border-dashed border-line-3 px-4 py-3 text-ink-2">
          No number of visitors was shown on that day. A visitor count speaks from its quiet number
          on, and what it showed is noted here within a minute.
        </p>
      )}
      {data && data.numbers.total > 0 && (
        <>
          <Numbers lines={data.numbers.items} />
          <p className="mt-3 flex items-center gap-3">
            <Turn
              page={page}
              pages={Math.ceil(data.numbers.total / data.numbers.size)}
              onTurn={setPage}
            />
            <a
              className="ml-auto text-plum underline"
              href={`/api/v1/proof/shown.csv?day=${data.day}`}
              download
            >
              All of the day as CSV
            </a>
          </p>
        </>
      )}
    </section>
  );
}

function Numbers({ lines }: { lines: ShownView[] }) {
  return (
    <table className="mt-3 w-full tabular-nums">
      <thead>
        <tr className="text-left text-[13px] text-ink-2">
          <th className="py-1 font-medium">Hour</th>
          <th className="font-medium">Product</th>
          <th className="font-medium">Looked back</th>
          <th className="text-right font-medium">Shown</th>
          <th className="text-right font-medium">Counted</th>
          <th className="text-right font-medium">Times</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((one) => (
          <tr
            key={`${one.hour} ${one.product} ${one.window} ${one.number}`}
            className="border-t border-line"
          >
            <td className="py-1.5">{one.hour}</td>
            <td className="max-w-[14em] truncate" title={one.title}>
              {one.title}
            </td>
            <td>{WINDOWS[one.window]}</td>
            <td className="text-right font-semibold">{number(one.number)}</td>
            <td className="text-right">{number(one.counted)}</td>
            <td className="text-right">{number(one.times)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

interface TurnProps {
  page: number;
  pages: number;
  onTurn: (page: number) => void;
}

function Turn({ page, pages, onTurn }: TurnProps) {
  if (pages < 2) return null;
  return (
    <>
      <Button disabled={page === 1} onClick={() => onTurn(page - 1)}>
        Later
      </Button>
      <span className="text-ink-2">
        {page} of {pages}
      </span>
      <Button disabled={page === pages} onClick={() => onTurn(page + 1)}>
        Earlier
      </Button>
    </>
  );
}
