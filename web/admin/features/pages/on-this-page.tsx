import { Switch } from 'radix-ui';
import { useState } from 'react';
import { Failure, Loading } from '../../ui/empty';
import { moment, number } from '../../shared/words';
import { useSay } from '../../ui/toasts';
import type { PageReport } from './frame-link';
import { groupBySpot, type NodRow } from './rows';
import { useOnThisPage, useSwitch } from './queries';

interface OnThisPageProps {
  page: ReturnType<typeof useOnThisPage>;
  report: PageReport | undefined;
  /** the moment that is looked at, if not now */
  at: string | undefined;
  picked: string | undefined;
  onPick: (nod: string | undefined) => void;
  onPoint: (nod: string | undefined) => void;
  onChanged: () => void;
}

/** The nods of the page in page order under their spots, each with why it shows or does not. */
export function OnThisPage(props: OnThisPageProps) {
  const { page, report, at } = props;
  if (page.error) return <Failure error={page.error} again={() => void page.refetch()} />;
  if (!page.data) return <Loading />;
  const { spots, shown, not } = groupBySpot(page.data.nods, report);
  return (
    <>
      <header className="flex items-center gap-2 px-4.5 pt-3.5 pb-2.5">
        <h1 className="flex-1 text-[19px]">
          {at ? `On this page, ${moment(page.data.moment, page.data.zone)}` : 'On this page, now'}
        </h1>
        <Chip good>{`${shown} shown`}</Chip>
        <Chip>{`${not} not`}</Chip>
      </header>
      <div className="min-h-0 flex-1 overflow-y-auto pb-4">
        {spots.map((spot) => (
          <section key={spot.name}>
            <h2 className="px-4.5 pt-2.5 pb-1 font-text text-[12.5px] font-semibold text-ink-2">
              {spot.title}
            </h2>
            <ul>
              {spot.rows.map((row) => (
                <Row key={row.nod} row={row} zone={page.data.zone} {...props} />
              ))}
            </ul>
          </section>
        ))}
        {spots.length === 0 && (
          <p className="px-4.5 text-ink-2">
            This page names no product, so no nod has anything to say.
          </p>
        )}
      </div>
    </>
  );
}

function Row({
  row,
  zone,
  picked,
  onPick,
  onPoint,
  onChanged,
}: OnThisPageProps & { row: NodRow; zone: string }) {
  const change = useSwitch();
  const { sayProblem } = useSay();
  const [all, setAll] = useState(false);
  const open = picked === row.nod;
  return (
    <li
      className={`grid grid-cols-[24px_minmax(0,1fr)_auto] gap-x-2.5 border-l-3 px-4 py-2 ${open ? 'border-plum bg-plum-soft' : 'border-transparent'}`}
      onMouseEnter={() => onPoint(row.nod)}
      onMouseLeave={() => onPoint(picked)}
    >
      <Pin n={row.number} />
      <div>
        <button
          type="button"
          className="block text-left font-semibold hover:underline"
          aria-expanded={open}
          onClick={() => onPick(open ? undefined : row.nod)}
          onFocus={() => onPoint(row.nod)}
        >
          {row.name}
        </button>
        <p className="text-[13px] leading-snug text-ink-2">{row.because}</p>
        {row.unplaced && (
          <p className="mt-1 text-[13px] text-rust-ink">
            The page has no such spot: mark it with data-nod-spot="{row.spot}".
          </p>
        )}
        {row.validUntil && (
          <p className="mt-0.5 text-[13px] text-fern-ink">until {moment(row.validUntil, zone)}</p>
        )}
        {open && (
          <ul className="mt-2 flex flex-col gap-1 text-[13px]">
            {row.findings.slice(0, all ? undefined : 6).map((finding, index) => (
              <li key={index} className="flex gap-2">
                <Standing standing={finding.standing} />
                <span>
                  {finding.product && <b>{finding.product}: </b>}
                  {finding.text}
                  <span className="text-ink-2"> (from {finding.source})</span>
                </span>
              </li>
            ))}
            {!all && row.findings.length > 6 && (
              <li>
                <button type="button" className="text-plum underline" onClick={() => setAll(true)}>
                  {number(row.findings.length - 6)} more
                </button>
              </li>
            )}
          </ul>
        )}
      </div>
      <Switch.Root
        checked={row.on}
        disabled={change.isPending}
        aria-label={`${row.name} switched on`}
        className="relative mt-0.5 h-5 w-9 rounded-full border border-line-3 bg-paper-2 transition-colors data-[state=checked]:border-plum data-[state=checked]:bg-plum"
        onCheckedChange={(on) =>
          change.mutate({ id: row.nod, on }, { onSuccess: onChanged, onError: sayProblem })
        }
      >
        <Switch.Thumb className="block size-3.5 translate-x-0.5 rounded-[50%_50%_50%_3px] bg-ink-2 transition-transform data-[state=checked]:translate-x-4.5 data-[state=checked]:bg-white" />
      </Switch.Root>
    </li>
  );
}

function Pin({ n }: { n: number | undefined }) {
  return n === undefined ? (
    <span
      className="mt-0.5 grid size-5 place-items-center rounded-[50%_50%_50%_5px] border border-dashed border-line-3 text-ink-2"
      aria-label="not here"
    >
      –
    </span>
  ) : (
    <span className="mt-0.5 grid size-5 place-items-center rounded-[50%_50%_50%_5px] bg-plum text-[11px] font-bold text-white">
      {n}
    </span>
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

function Standing({ standing }: { standing: NodRow['findings'][number]['standing'] }) {
  const look = {
    MET: { text: 'met', style: 'bg-fern' },
    NOT_MET: { text: 'not met', style: 'border border-dashed border-rust' },
    UNKNOWN: { text: 'unknown', style: 'border border-dashed border-ink-2' },
  }[standing];
  return (
    <span
      role="img"
      aria-label={look.text}
      title={look.text}
      className={`mt-1 size-3 shrink-0 rounded-[50%_50%_50%_2px] ${look.style}`}
    />
  );
}
