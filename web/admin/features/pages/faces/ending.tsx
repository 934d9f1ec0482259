import { useState } from 'react';
import { Pick } from '../../../ui/pick';
import { PickMany } from '../../../ui/pick-many';
import { choices } from '../../../shared/choices';
import { faultOf, type FaceProps } from './face';
import { CutOffFields, DAY_CHOICES, Figure, INPUT, When } from './inputs';
import { fresh, type Ends, type Length, type Repeat } from './ends';

const KINDS = choices(
  ['at-moment', 'to a moment'],
  ['after-length', 'for a length after a start'],
  ['repeating', 'again and again'],
  ['with-delivery', 'to the cut-off of Delivery'],
  ['next-cut-off', 'to the next cut-off of its own'],
  ['with-price', 'as long as a reduced price'],
);

const EVERY = choices(['DAY', 'days'], ['WEEK', 'weeks'], ['MONTH', 'months']);

const MONTHS = [...Array(12).keys()].map((month) => {
  const name = new Date(2026, month, 1).toLocaleString('en', { month: 'long' });
  return { value: name.toUpperCase(), text: name };
});

type EndingProps = Pick4<'face' | 'set' | 'faults' | 'onChange'>;
type Pick4<Names extends keyof FaceProps> = { [Name in Names]: FaceProps[Name] };

/** When a countdown runs, as a sentence, and its next windows by the shop's clock. */
export function EndingFace({ face, set, faults, onChange }: EndingProps) {
  const ends = set.own['ending'] as Ends;
  const name = (set.own['name'] ?? '') as string;
  const put = (next: Ends) => onChange({ own: { ...set.own, ending: next } });
  const fault = faultOf(faults, 'own');
  return (
    <section className="flex flex-col gap-2.5 border-b border-line px-4.5 py-3 text-ink-2">
      <label className="flex flex-wrap items-baseline gap-1.5">
        You call it
        <input
          value={name}
          maxLength={80}
          placeholder="a name for yourself"
          className={`w-[16em] ${INPUT}`}
          onChange={(event) => onChange({ own: { ...set.own, name: event.target.value } })}
        />
      </label>
      <div className="flex flex-wrap items-baseline gap-1.5">
        It counts down
        <Pick
          label="When it ends"
          value={ends.ends}
          choices={KINDS}
          onPick={(kind) => put(fresh(kind as Ends['ends'], ends))}
        />
        <Parts ends={ends} put={put} />
      </div>
      {fault && (
        <p role="alert" className="text-[13px] text-rust-ink">
          Not kept: {fault}.
        </p>
      )}
      <Schedule schedule={face.schedule} isKept={!fault} />
    </section>
  );
}

function Parts({ ends, put }: { ends: Ends; put: (next: Ends) => void }) {
  switch (ends.ends) {
    case 'at-moment':
      return (
        <>
          <When
            type="datetime-local"
            label="End"
            value={ends.end}
            onSet={(end) => end && put({ ...ends, end })}
          />
          , from
          <When
            type="datetime-local"
            label="Start, if any"
            value={ends.start ?? undefined}
            onSet={(start) => put({ ...ends, start: start || null })}
          />
          on, shop time
        </>
      );
    case 'after-length':
      return (
        <>
          from
          <When
            type="datetime-local"
            label="Start"
            value={ends.start}
            onSet={(start) => start && put({ ...ends, start })}
          />
          shop time, for
          <LengthParts length={ends.length} onSet={(length) => put({ ...ends, length })} />
        </>
      );
    case 'repeating':
      return (
        <>
          <RepeatParts repeat={ends.repeat} onSet={(repeat) => put({ ...ends, repeat })} />
          , each time for
          <LengthParts length={ends.length} onSet={(length) => put({ ...ends, length })} />
        </>
      );
    case 'next-cut-off':
      return <CutOffFields times={ends.times} onSet={(times) => put({ ...ends, times })} />;
    case 'with-delivery':
      return <>of each product, for the shopper’s country</>;
    case 'with-price':
      return <>from a reduction to the planned rise of each product’s price</>;
  }
}

function LengthParts({ length, onSet }: { length: Length; onSet: (length: Length) => void }) {
  const part = (name: keyof Length, label: string) => (
    <Figure
      label={label}
      value={length[name]}
      step={1}
      onSet={(n) => onSet({ ...length, [name]: n ?? 0 })}
    />
  );
  return (
    <>
      {part('days', 'Days')} days {part('hours', 'Hours')} h {part('minutes', 'Minutes')} min
    </>
  );
}

function RepeatParts({ repeat, onSet }: { repeat: Repeat; onSet: (repeat: Repeat) => void }) {
  return (
    <>
      : each
      <Figure
        label="Each how many"
        value={repeat.every}
        step={1}
        onSet={(every) => every && onSet({ ...repeat, every })}
      />
      <Pick
        label="Days, weeks or months"
        value={repeat.frequency}
        choices={EVERY}
        onPick={(frequency) =>
          onSet({
            ...repeat,
            frequency: frequency as Repeat['frequency'],
            days: [],
            dayOfMonth: frequency === 'MONTH' ? 1 : null,
          })
        }
      />
      {repeat.frequency === 'WEEK' && (
        <>
          on
          <PickMany
            label="Weekdays"
            values={repeat.days}
            any="the first one’s weekday"
            choices={DAY_CHOICES}
            onPick={(days) => onSet({ ...repeat, days })}
          />
        </>
      )}
      {repeat.frequency === 'MONTH' && (
        <>
          on day
          <Figure
            label="Day of the month"
            value={repeat.dayOfMonth ?? undefined}
            step={1}
            onSet={(day) => day && onSet({ ...repeat, dayOfMonth: day })}
          />
        </>
      )}
      of
      <PickMany
        label="Months"
        values={repeat.months}
        any="all months"
        choices={MONTHS}
        onPick={(months) => onSet({ ...repeat, months })}
      />
      from
      <When
        type="datetime-local"
        label="First start"
        value={repeat.first}
        onSet={(first) => first && onSet({ ...repeat, first })}
      />
      until
      <input
        type="date"
        aria-label="Last day, if any"
        value={repeat.until ?? ''}
        className={INPUT}
        onChange={(event) => onSet({ ...repeat, until: event.target.value || null })}
      />
    </>
  );
}

function Schedule({
  schedule,
  isKept,
}: {
  schedule: FaceProps['face']['schedule'];
  isKept: boolean;
}) {
  const [isOpen, setOpen] = useState(true);
  if (!schedule) return null;
  return (
    <details open={isOpen} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="cursor-pointer">
        {isKept ? 'It runs ' : 'What is kept runs '}
        <span className="font-semibold text-ink">{schedule.sentence}</span>
        {schedule.windows.length > 1 && <>; next:</>}
      </summary>
      <ol aria-label="Its next windows" className="mt-1.5 flex flex-col gap-0.5 tabular-nums">
        {schedule.windows.map((window) => (
          <li key={window.to} className="flex gap-2">
            <span>{window.words}</span>
            {window.running && <span className="font-semibold text-leaf-ink">now</span>}
          </li>
        ))}
      </ol>
      {schedule.notes.map((note) => (
        <p key={note} className="mt-1 text-[13px] text-saffron-ink">
          {note}
        </p>
      ))}
    </details>
  );
}
