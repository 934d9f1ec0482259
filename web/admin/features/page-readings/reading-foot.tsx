import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { T, t } from '../../shared/t';
import { useCancelVisit, useVisit, wayOn } from '../imports/visit-queries';
import { useBringIn, type PageReading } from './queries';

const AMOUNTS = ['ALL', '10', '15', '20', '50', '100'] as const;
type Amount = (typeof AMOUNTS)[number];

/** How many are brought in, and the way on: to the table of the import, never to publishing. */
export function ReadingFoot({ reading }: { reading: PageReading }) {
  const navigate = useNavigate();
  const [amount, setAmount] = useState<Amount>('ALL');
  const [visitId, setVisitId] = useState<number | undefined>();
  const bringIn = useBringIn(reading.id);
  const visit = useVisit(visitId);
  const cancel = useCancelVisit();
  const seen = visitId === undefined ? undefined : visit.data;
  const isGoing = bringIn.isPending || (visitId !== undefined && (!seen || seen.state === 'GOING'));
  const problem = bringIn.error?.message ?? seen?.failure;
  useEffect(() => {
    const next = seen && wayOn(seen);
    if (next) void navigate(next);
  }, [seen, navigate]);
  return (
    <footer className="flex shrink-0 flex-wrap items-center gap-x-7 gap-y-2 bg-dark px-5 py-3 text-on-dark">
      <p className="min-w-0 flex-1">
        <b className="block font-semibold">
          <T id="page-readings.readingFoot.rememberedForSite" values={{ site: reading.site }} />
        </b>
        <span className="text-on-dark-2" role="status">
          {isGoing ? (
            <T
              id="page-readings.readingFoot.readingSoFar"
              values={{ pages: seen?.pages ?? 1, reviews: seen?.reviews ?? 0 }}
            />
          ) : (
            t('page-readings.readingFoot.next', { hasNext: String(reading.hasNext) })
          )}
        </span>
        {problem && !isGoing && (
          <span role="alert" className="block text-saffron">
            {problem}
          </span>
        )}
      </p>
      <span className="rounded-lg bg-paper px-2.5 py-1 text-ink">
        <InlineSelect
          label={t('page-readings.readingFoot.howMany')}
          value={amount}
          choices={AMOUNTS.map((value) => ({
            value,
            text: t('page-readings.readingFoot.amount', {
              amount: value,
              many: Number(value) || 0,
            }),
          }))}
          onPick={setAmount}
        />
      </span>
      {isGoing && visitId !== undefined ? (
        <Button look="onDark" onClick={() => cancel.mutate(visitId)}>
          {t('page-readings.readingFoot.cancel')}
        </Button>
      ) : (
        <Button
          className="text-ink"
          disabled={isGoing || reading.reviews === 0}
          onClick={() =>
            bringIn.mutate(amount === 'ALL' ? undefined : Number(amount), {
              onSuccess: (begun) => setVisitId(begun.id),
            })
          }
        >
          {reading.hasNext
            ? t('page-readings.readingFoot.goOnWithAllPages')
            : t('page-readings.readingFoot.goOnWith', { reviews: reading.reviews })}
        </Button>
      )}
    </footer>
  );
}
