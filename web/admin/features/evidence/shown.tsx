import { useState } from 'react';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { number } from '../../shared/format';
import { useVisitorCounts, type ShownView } from './queries';
import { T, t } from '../../shared/t';

const WINDOWS: Record<ShownView['window'], string> = {
  NOW: t('evidence.shown.5Minutes'),
  HOUR: t('evidence.shown.1Hour'),
  DAY: t('evidence.shown.24Hours'),
  WEEK: t('evidence.shown.7Days'),
};

/** Which numbers of visitors were shown when, beside what was counted. */
export function Shown() {
  const [day, setDay] = useState('');
  const [page, setPage] = useState(1);
  const shown = useVisitorCounts(day, page);
  const data = shown.data;
  return (
    <section
      className="rounded-2xl border border-line bg-paper px-5 py-4"
      aria-label={t('evidence.shown.visitorCountsShown')}
    >
      <h2 className="text-xl">{t('evidence.shown.visitorCountsShown2')}</h2>
      <p className="mt-1 flex flex-wrap items-baseline gap-1.5 text-ink-2">
        <T
          id="evidence.shown.onShopTimeCountedIs"
          values={{
            input: (
              <input
                type="date"
                aria-label={t('evidence.shown.day')}
                value={day || (data?.day ?? '')}
                className="border-b-2 border-saffron bg-transparent px-1 font-semibold text-ink"
                onChange={(event) => {
                  setDay(event.target.value);
                  setPage(1);
                }}
              />
            ),
          }}
        />
      </p>
      {isLost(shown) && <Failure error={shown.error} again={() => void shown.refetch()} />}
      {!data && !shown.error && <Loading />}
      {data?.numbers.total === 0 && (
        <p className="mt-3 rounded-xl border border-dashed border-line-3 px-4 py-3 text-ink-2">
          {t('evidence.shown.noVisitorCountsWereShown')}
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
              href={`/api/v1/evidence/visitor-counts.csv?day=${data.day}`}
              download
            >
              {t('evidence.shown.exportThisDayCsv')}
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
          <th className="py-1 font-medium">{t('evidence.shown.hour')}</th>
          <th className="font-medium">{t('evidence.shown.product')}</th>
          <th className="font-medium">{t('evidence.shown.period')}</th>
          <th className="text-right font-medium">{t('evidence.shown.shown')}</th>
          <th className="text-right font-medium">{t('evidence.shown.counted')}</th>
          <th className="text-right font-medium">{t('evidence.shown.timesShown')}</th>
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
        {t('evidence.shown.later')}
      </Button>
      <span className="text-ink-2">
        <T id="evidence.shown.of" values={{ page, pages }} />
      </span>
      <Button disabled={page === pages} onClick={() => onTurn(page + 1)}>
        {t('evidence.shown.earlier')}
      </Button>
    </>
  );
}
