import { useState } from 'react';
import { Button } from '../../ui/button';
import { Failure } from '../../ui/empty-state';
import { InlineSelect } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { T, t } from '../../shared/t';
import { FeedFacts } from './feed-facts';
import { FeedLookIntro } from './feed-look-intro';
import { FeedLookTable } from './feed-look-table';
import {
  importLook,
  useFeedLook,
  type DateOrder,
  type FeedLook,
  type FeedWanted,
} from './feed-look-queries';
import { FeedProblems } from './feed-problems';
import { useFeedAction } from './queries';

interface FeedLookViewProps {
  first: FeedLook;
  onClose: () => void;
  onDone: (run: number) => void;
}

/** A file of products or orders before it is read: how it is understood, and what would come of it. */
export function FeedLookView({ first, onClose, onDone }: FeedLookViewProps) {
  const [wanted, setWanted] = useState<FeedWanted>();
  const asked = useFeedLook(first, wanted);
  const look = asked.data ?? first;
  const choose = (changes: FeedWanted) => setWanted({ ...wanted, ...changes });
  return (
    <div className="min-h-0 flex-1 overflow-y-auto">
      <FeedLookIntro
        look={look}
        onKind={(kind) => choose({ kind, columns: undefined, dateOrder: undefined })}
        onSheet={(sheet) => choose({ sheet, columns: undefined, dateOrder: undefined })}
        onClose={onClose}
      />
      <div className="flex flex-col gap-3 px-5 py-3" aria-busy={asked.isFetching}>
        {asked.error && <Failure error={asked.error} again={() => void asked.refetch()} />}
        {look.columns.length > 0 && (
          <FeedLookTable
            look={look}
            onColumns={(columns) => choose({ ...known(look), columns })}
            onOrder={(dateOrder) => choose({ ...known(look), dateOrder })}
          />
        )}
        {look.kind && look.trial && (
          <div
            className={`grid items-start gap-3 ${look.trial.facts.length > 0 ? 'lg:grid-cols-[4fr_7fr_4fr]' : 'lg:grid-cols-[7fr_4fr]'}`}
          >
            <div className="rounded-2xl border border-line-2 bg-paper px-4 py-3">
              {look.dates.unclear ? (
                <DateQuestion
                  date={look.dates.unclear}
                  onOrder={(dateOrder) => choose({ ...known(look), dateOrder })}
                />
              ) : (
                <FeedProblems trial={look.trial} isOfOrders={look.kind === 'ORDERS'} />
              )}
            </div>
            {look.trial.facts.length > 0 && <FeedFacts facts={look.trial.facts} />}
            <HowToImport
              look={look}
              wanted={{ ...known(look), ...wanted }}
              isAsking={asked.isFetching}
              onWhole={(whole) => choose({ whole })}
              onDone={onDone}
            />
          </div>
        )}
      </div>
    </div>
  );
}

/** What it holds is said with each choice, so that the choice stays one of that kind. */
const known = ({ kind }: FeedLook): FeedWanted => (kind ? { kind } : {});

function DateQuestion({ date, onOrder }: { date: string; onOrder: (order: DateOrder) => void }) {
  return (
    <section aria-labelledby="feed-dates">
      <h2 id="feed-dates" className="text-lg">
        {t('catalogue.feedLook.datesHeading')}
      </h2>
      <p className="mt-1 text-rust-ink">
        <T id="catalogue.feedLook.datesText" values={{ date: <b>{date}</b> }} />
      </p>
      <p className="mt-2 flex gap-2">
        <Button look="inside" onClick={() => onOrder('DAY_FIRST')}>
          {t('catalogue.feedLook.dayFirst')}
        </Button>
        <Button look="inside" onClick={() => onOrder('MONTH_FIRST')}>
          {t('catalogue.feedLook.monthFirst')}
        </Button>
      </p>
    </section>
  );
}

interface HowToImportProps {
  look: FeedLook;
  wanted: FeedWanted;
  isAsking: boolean;
  onWhole: (whole: boolean) => void;
  onDone: (run: number) => void;
}

function HowToImport({ look, wanted, isAsking, onWhole, onDone }: HowToImportProps) {
  const bring = useFeedAction(importLook);
  const { sayProblem } = useNotify();
  const taken = look.trial?.taken ?? 0;
  const unused = look.columns.filter(({ term }) => !term).map(({ heading }) => heading);
  return (
    <section
      className="rounded-2xl border border-line-2 bg-paper px-4 py-3"
      aria-labelledby="feed-how"
    >
      <h2 id="feed-how" className="text-lg">
        {t('catalogue.feedLook.how')}
      </h2>
      <p className="mt-1 leading-8 text-ink-2">
        <T
          id="catalogue.feedLook.stays"
          values={{
            kind: look.kind ?? '',
            pick: (
              <InlineSelect
                label={t('catalogue.feedLook.others')}
                value={wanted.whole ? 'go' : 'stay'}
                choices={[
                  { value: 'stay', text: t('catalogue.feedLook.othersStay') },
                  { value: 'go', text: t('catalogue.feedLook.othersGo') },
                ]}
                onPick={(others) => onWhole(others === 'go')}
              />
            ),
          }}
        />
      </p>
      {!look.dates.unclear && <p className="mt-2 border-t border-line pt-2">{look.trial?.so}</p>}
      {unused.length > 0 && (
        <p className="mt-2 text-[13px] text-ink-2">
          {t('catalogue.feedLook.unused', { names: unused.join(', ') })}
        </p>
      )}
      <p className="mt-3">
        {taken === 0 ? (
          <b className="font-semibold text-rust-ink">{t('catalogue.feedLook.nothing')}</b>
        ) : (
          <Button
            look="inside"
            disabled={bring.isPending || isAsking}
            onClick={() =>
              bring.mutate(
                { id: look.id, wanted },
                { onSuccess: ({ run }) => onDone(run.id), onError: sayProblem },
              )
            }
          >
            {bring.isPending
              ? t('catalogue.feedsPage.reading')
              : t('catalogue.feedLook.import', { kind: look.kind ?? '', n: taken })}
          </Button>
        )}
      </p>
    </section>
  );
}
