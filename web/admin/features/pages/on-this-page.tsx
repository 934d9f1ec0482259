import { useState, type DragEvent, type HTMLAttributes } from 'react';
import { Failure, Loading } from '../../ui/empty';
import { isLost } from '../../shared/api';
import { Button } from '../../ui/button';
import { count, moment } from '../../shared/words';
import { useSay } from '../../ui/toasts';
import type { PageReport } from './frame-link';
import { moveNod, useDraftAct } from './nod-queries';
import { NodLine } from './nod-line';
import { groupBySpot } from './rows';
import { useOnThisPage } from './queries';

export interface OnThisPageProps {
  page: ReturnType<typeof useOnThisPage>;
  report: PageReport | undefined;
  /** the moment that is looked at, if not now */
  at: string | undefined;
  /** a published version that is looked at in place of the draft */
  version: number | undefined;
  /** the nod whose pin on the page is pointed at */
  picked: string | undefined;
  onOpen: (nod: string) => void;
  onPoint: (nod: string | undefined) => void;
  onWhy: (nod: string, product: string) => void;
  onAdd: (spot: string | undefined) => void;
  onTaken: (words: string, step: number) => void;
  onChanged: () => void;
}

/** The nods of the page in page order under their spots, each with why it shows or does not. */
export function OnThisPage(props: OnThisPageProps) {
  const { page, report, at } = props;
  const drag = useDragging(props);
  if (isLost(page)) return <Failure error={page.error} again={() => void page.refetch()} />;
  if (!page.data) return <Loading />;
  const { spots, elsewhere, shown, not } = groupBySpot(page.data.nods, report);
  return (
    <>
      <header className="flex items-center gap-2 px-4.5 pt-3.5 pb-2.5">
        <h1 className="flex-1 text-[19px]">
          {at ? `On this page, ${moment(page.data.moment, page.data.zone)}` : 'On this page, now'}
        </h1>
        <Chip good>{`${shown} shown`}</Chip>
        <Chip>{`${not} not`}</Chip>
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
              ? 'This page names no product, so no nod has anything to say.'
              : 'No nod is for this page yet.'}
          </p>
        )}
        {elsewhere.length > 0 && (
          <details className="mt-3 px-0">
            <summary className="cursor-pointer px-4.5 text-[13px] text-ink-2">
              {count(elsewhere.length, 'nod')} for other pages
            </summary>
            <ul>
              {elsewhere.map((row) => (
                <NodLine
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
            Add a nod
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
  const { sayProblem } = useSay();
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
          onTaken('Moved', step.id);
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
            aria-label={`Add a nod ${spot.title.toLowerCase()}`}
            onClick={() => props.onAdd(spot.name)}
          >
            add
          </button>
        )}
      </h2>
      <ul>
        {spot.rows.map((row) => (
          <NodLine
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
      {title} <span>· nothing here yet</span>
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
