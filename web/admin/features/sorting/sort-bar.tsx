import { Link } from 'react-router';
import { Pick, type Choice } from '../../ui/pick';
import { country, language, number } from '../../shared/words';
import type { BatchView } from '../bring-in/queries';
import { FLAGS, STARS, type Flag } from '../reviews/words';
import type { SortingFilter, Standing } from './queries';

interface SortBarProps {
  batch: BatchView;
  filter: SortingFilter;
  total: number;
  standing: Standing | undefined;
  onChange: (changes: SortingFilter) => void;
}

const ANY = 'ANY';
const RATINGS: Choice<string>[] = [{ value: ANY, text: 'any rating' }, ...STARS];
const STATES: Choice<string>[] = [
  { value: ANY, text: 'all' },
  { value: 'OPEN', text: 'not looked at yet' },
  { value: 'KEPT', text: 'kept' },
  { value: 'LEFT_OUT', text: 'left out' },
];
const PICTURES: Choice<string>[] = [
  { value: ANY, text: 'with or without a picture' },
  { value: 'true', text: 'with a picture' },
  { value: 'false', text: 'without a picture' },
];
const CHECKS: Choice<string>[] = [
  { value: ANY, text: 'with or without checks' },
  ...Object.entries(FLAGS).map(([value, { text }]) => ({ value, text: `to check: ${text}` })),
];

/** What came of the file, and which of it is looked at, as sentences. */
export function SortBar({ batch, filter, total, standing, onChange }: SortBarProps) {
  const given = (value: string) => (value === ANY ? undefined : value);
  return (
    <>
      <Came batch={batch} />
      <div className="flex min-h-11 shrink-0 flex-wrap items-center gap-x-1.5 border-b border-line bg-paper px-5 py-1.5 text-[15px] text-ink-2">
        Showing
        <Pick
          label="Decided"
          value={filter.sorted ?? ANY}
          choices={STATES}
          onPick={(value) => onChange({ sorted: given(value) as SortingFilter['sorted'] })}
        />
        of
        <Pick
          label="Rating"
          value={filter.stars ? String(filter.stars) : ANY}
          choices={RATINGS}
          onPick={(value) => onChange({ stars: value === ANY ? undefined : Number(value) })}
        />
        <Pick
          label="Pictures"
          value={filter.pictures === undefined ? ANY : String(filter.pictures)}
          choices={PICTURES}
          onPick={(value) => onChange({ pictures: value === ANY ? undefined : value === 'true' })}
        />
        {batch.look.countries.length > 1 && (
          <>
            from
            <Pick
              label="Country"
              value={filter.country ?? ANY}
              choices={[
                { value: ANY, text: 'any country' },
                ...batch.look.countries.map((one) => ({
                  value: one.code,
                  text: country(one.code),
                })),
              ]}
              onPick={(value) => onChange({ country: given(value) })}
            />
          </>
        )}
        {batch.look.languages.length > 1 && (
          <>
            in
            <Pick
              label="Language"
              value={filter.language ?? ANY}
              choices={[
                { value: ANY, text: 'any language' },
                ...batch.look.languages.map((one) => ({
                  value: one.code,
                  text: language(one.code),
                })),
              ]}
              onPick={(value) => onChange({ language: given(value) })}
            />
          </>
        )}
        and
        <Pick
          label="To check"
          value={filter.flag ?? ANY}
          choices={CHECKS}
          onPick={(value) => onChange({ flag: given(value) as Flag | undefined })}
        />
        <span className="flex-1" />
        {standing && (
          <span className="text-[13px]">
            <b className="text-ink">{number(total)}</b> of {number(standing.all.reviews)} shown ·{' '}
            <b className="text-ink">{number(standing.open)}</b> left to look at
          </span>
        )}
      </div>
    </>
  );
}

/** What came of the file. */
function Came({ batch }: { batch: BatchView }) {
  return (
    <div className="flex h-11 shrink-0 items-center gap-4 border-b border-line bg-paper-2 px-5">
      <Link
        to={`/reviews/bring-in/${batch.id}`}
        className="max-w-80 truncate font-semibold underline decoration-line-3 underline-offset-2"
      >
        {batch.source ?? batch.fileName}
      </Link>
      <Shares batch={batch} />
      <span className="text-ink-2">
        <b className="text-ink">{number(batch.taken)}</b> usable{' '}
        {batch.hereAlready > 0 && (
          <>
            <b className="ml-2 text-ink">{number(batch.hereAlready)}</b> already here{' '}
          </>
        )}
        {batch.leftOutBefore > 0 && (
          <>
            <b className="ml-2 text-ink">{number(batch.leftOutBefore)}</b> left out before{' '}
          </>
        )}
        {batch.bad > 0 && (
          <>
            <b className="ml-2 text-ink">{number(batch.bad)}</b> unreadable,{' '}
            <Link
              to={`/reviews/bring-in/${batch.id}`}
              className="font-semibold text-plum underline"
            >
              see why
            </Link>
          </>
        )}
      </span>
    </div>
  );
}

/** Usable, left aside and unreadable, as shares of a line. */
function Shares({ batch }: { batch: BatchView }) {
  const aside = batch.hereAlready + batch.leftOutBefore + batch.notChosen;
  const all = Math.max(1, batch.taken + aside + batch.bad);
  const width = (n: number) => (n * 144) / all;
  return (
    <svg viewBox="0 0 144 8" className="h-2 w-36 shrink-0" aria-hidden>
      <rect
        width={Math.max(0, width(batch.taken) - 2)}
        height="8"
        rx="1.500"
        className="fill-fern"
      />
      <rect
        x={width(batch.taken)}
        width={Math.max(0, width(aside) - 2)}
        height="8"
        rx="1.500"
        className="fill-line-2"
      />
      <rect
        x={width(batch.taken + aside)}
        width={width(batch.bad)}
        height="8"
        rx="1.500"
        className="fill-rust"
      />
    </svg>
  );
}
