import { useState, type DragEvent, type HTMLAttributes } from 'react';
import { Failure, Loading } from '../../ui/empty-state';
import { isLost } from '../../shared/api';
import { Button } from '../../ui/button';
import { moment } from '../../shared/format';
import { useNotify } from '../../ui/toasts';
import { moveNod, useDraftAct } from '../layout/nod-queries';
import type { OnThisPageProps } from './on-this-page';
import { NodRowLine } from './nod-row';
import { groupBySpot } from '../layout/verdict-rows';
import { T, t } from '../../shared/t';

/** The nods of the page in page order under their spots, each with why it shows or does not. */
export function NodList(props: OnThisPageProps) {
  const { page, report, at } = props;
  const drag = useDragging(props);
  if (isLost(page)) return <Failure error={page.error} again={() => void page.refetch()} />;
  if (!page.data) return <Loading />;
  const { spots, elsewhere, shown, not } = groupBySpot(page.data.nods, report);
  return (
    <>
      <header className="flex items-center gap-2 px-4.5 pt-3.5 pb-2.5">
        <h1 className="flex-1 text-[19px]">
          {at
            ? t('pages.nodList.onThisPage', {
                moment: moment(page.data.moment, page.data.zone),
              })
            : t('pages.nodList.onThisPageNow')}
        </h1>
        <Chip good>{t('pages.nodList.shown', { shown })}</Chip>
        <Chip>{t('pages.nodList.notShown', { count: not })}</Chip>
      </header>
      <div
        className="min-h-0 flex-1 overflow-y-auto pb-4"
        // what is taken up must not move under the hand in the same breath: the browser would let go
        onDragStart={() => setTimeout(drag.begin)}
        onDragEnd={drag.end}
      >
        {spots.map((spot) =>
          spot.rows.length === 0 ? (
            drag.isOn && (
              <Empty
                key={spot.name}
                title={spot.title}
                isTarget={drag.over === spot.name}
                {...drag.target(spot.name, undefined)}
              />
            )
          ) : (
            <SpotSection
              key={spot.name}
              {...props}
              spot={spot}
              zone={page.data.zone}
              drag={drag}
              onStep={(id, by) => step(spots, id, by, drag.put)}
            />
          ),
        )}
        {spots.every((spot) => spot.rows.length === 0) && (
          <p className="px-4.5 text-ink-2">
            {report?.context && report.context.products.length === 0
              ? t('pages.nodList.thisPageDoesNotName')
              : t('pages.nodList.noNodsOnThisPage')}
          </p>
        )}
        {elsewhere.length > 0 && (
          <details className="mt-3 px-0">
            <summary className="cursor-pointer px-4.5 text-[13px] text-ink-2">
              <T id="pages.nodList.nodsOnOtherPages" values={{ elsewhere: elsewhere.length }} />
            </summary>
            <ul>
              {elsewhere.map((row) => (
                <NodRowLine
                  key={row.nod}
                  row={row}
                  zone={page.data.zone}
                  isTarget={false}
                  dropTarget={{}}
                  onStep={() => undefined}
                  {...props}
                />
              ))}
            </ul>
          </details>
        )}
        {props.version === undefined && (
          <Button className="mx-4.5 mt-3" onClick={() => props.onAdd(undefined)}>
            {t('pages.nodList.addANod')}
          </Button>
        )}
      </div>
    </>
  );
}

type Spots = ReturnType<typeof groupBySpot>['spots'];
type Put = (id: string, spot: string, before: string | undefined) => void;

/** What is dragged, over what, and what comes of letting it go. */
function useDragging({ onTaken, onChanged }: Pick<OnThisPageProps, 'onTaken' | 'onChanged'>) {
  const move = useDraftAct(moveNod);
  const { sayProblem } = useNotify();
  const [over, setOver] = useState<string | undefined>();
  const [isOn, setOn] = useState(false);
  const end = () => {
    setOn(false);
    setOver(undefined);
  };
  const put: Put = (id, spot, before) => {
    end();
    if (id === before) return;
    move.mutate(
      { id, spot, ...(before ? { before } : {}) },
      {
        onSuccess: (step) => {
          onTaken(t('pages.nodList.nodMoved'), step.id);
          onChanged();
        },
        onError: sayProblem,
      },
    );
  };
  /** What something is let go over: before a nod of a spot, or at the spot's end. */
  const target = (spot: string, before: string | undefined) => ({
    onDragOver: (event: DragEvent) => {
      event.preventDefault();
      event.stopPropagation();
      setOver(before ?? spot);
    },
    onDrop: (event: DragEvent) => {
      event.preventDefault();
      event.stopPropagation();
      put(event.dataTransfer.getData('text/plain'), spot, before);
    },
  });
  return { isOn, over, begin: () => setOn(true), end, put, target };
}

/** One place up or down in its spot; past its end, into the spot beside it, also an empty one. */
function step(spots: Spots, id: string, by: -1 | 1, put: Put): void {
  const at = spots.findIndex((spot) => spot.rows.some((row) => row.nod === id));
  const spot = spots[at];
  if (!spot) return;
  const index = spot.rows.findIndex((row) => row.nod === id);
  const target = spot.rows[index + by];
  if (target) put(id, spot.name, by < 0 ? target.nod : spot.rows[index + 2]?.nod);
  else {
    const beside = spots[at + by];
    if (beside) put(id, beside.name, by < 0 ? undefined : beside.rows[0]?.nod);
  }
}

interface SpotSectionProps extends OnThisPageProps {
  spot: Spots[number];
  zone: string;
  drag: ReturnType<typeof useDragging>;
  onStep: (id: string, by: -1 | 1) => void;
}

/** A spot with its nods. */
function SpotSection({ spot, zone, drag, onStep, ...props }: SpotSectionProps) {
  return (
    <section
      className={drag.over === spot.name ? 'bg-plum-soft' : ''}
      {...drag.target(spot.name, undefined)}
    >
      <h2 className="flex items-baseline px-4.5 pt-2.5 pb-1 font-text text-[12.5px] font-semibold text-ink-2">
        <span className="flex-1">{spot.title}</span>
        {props.version === undefined && (
          <button
            type="button"
            className="font-normal text-plum underline"
            aria-label={t('pages.nodList.addANod2', {
              place: spot.title,
            })}
            onClick={() => props.onAdd(spot.name)}
          >
            {t('pages.nodList.add')}
          </button>
        )}
      </h2>
      <ul>
        {spot.rows.map((row) => (
          <NodRowLine
            key={row.nod}
            row={row}
            zone={zone}
            isTarget={drag.over === row.nod}
            dropTarget={drag.target(spot.name, row.nod)}
            onStep={(by) => onStep(row.nod, by)}
            {...props}
          />
        ))}
      </ul>
    </section>
  );
}

interface EmptyProps extends HTMLAttributes<HTMLElement> {
  title: string;
  isTarget: boolean;
}

/** A spot of the page that holds no nod yet, while one is on its way. */
function Empty({ title, isTarget, ...drop }: EmptyProps) {
  return (
    <section
      className={`mx-4.5 my-1.5 rounded-lg border border-dashed border-line-3 px-3 py-1.5 text-[13px] text-ink-2 ${isTarget ? 'bg-plum-soft' : ''}`}
      {...drop}
    >
      {title} <span>{t('pages.nodList.empty')}</span>
    </section>
  );
}

function Chip({ good = false, children }: { good?: boolean; children: string }) {
  return (
    <span
      className={`rounded-full border px-2.5 py-0.5 text-[12px] font-semibold ${good ? 'border-[#c3dfcb] bg-fern-soft text-fern-ink' : 'border-line bg-paper-2 text-ink-2'}`}
    >
      {children}
    </span>
  );
}
