import { useState } from 'react';
import { InlineSelect } from '../../ui/inline-select';
import { PickMany } from '../../ui/pick-many';
import { choices } from '../../shared/choices';
import { faultOf, type FaceProps } from './face';
import { CutOffFields, DAY_CHOICES, NumberField, INPUT, When } from '../../ui/inputs';
import { fresh, type Ends, type Length, type Repeat } from './countdown-schedule';
import { T, t } from '../../shared/t';
import { locale } from '../../shared/intl';

const KINDS = choices(
  ['at-moment', t('nod.schedule.toADate')],
  ['after-length', t('nod.schedule.forAFixedTimeFrom')],
  ['repeating', t('nod.schedule.onARepeatingSchedule')],
  ['with-delivery', t('nod.schedule.toTheOrderCutOff')],
  ['next-cut-off', t('nod.schedule.toItsOwnWeeklyCut')],
  ['with-price', t('nod.schedule.untilTheSalePriceEnds')],
);

const EVERY = choices(
  ['DAY', t('nod.schedule.days')],
  ['WEEK', t('nod.schedule.weeks')],
  ['MONTH', t('nod.schedule.months')],
);

const MONTHS = [...Array(12).keys()].map((month) => {
  const name = new Date(2026, month, 1).toLocaleString(locale(), { month: 'long' });
  return { value: name.toUpperCase(), text: name };
});

type EndingProps = Pick4<'face' | 'set' | 'faults' | 'onChange'>;
type Pick4<Names extends keyof FaceProps> = { [Name in Names]: FaceProps[Name] };

/** When a countdown runs, as a sentence, and its next windows by the shop's clock. */
export function ScheduleFace({ face, set, faults, onChange }: EndingProps) {
  const ends = set.own['ending'] as Ends;
  const name = (set.own['name'] ?? '') as string;
  const put = (next: Ends) => onChange({ own: { ...set.own, ending: next } });
  const fault = faultOf(faults, 'own');
  return (
    <section className="flex flex-col gap-2.5 border-b border-line px-4.5 py-3 text-ink-2">
      <label className="flex flex-wrap items-baseline gap-1.5">
        <T
          id="nod.schedule.name"
          values={{
            input: (
              <input
                value={name}
                maxLength={80}
                placeholder={t('nod.schedule.onlyYouSeeIt')}
                className={`w-[16em] ${INPUT}`}
                onChange={(event) => onChange({ own: { ...set.own, name: event.target.value } })}
              />
            ),
          }}
        />
      </label>
      <div className="flex flex-wrap items-baseline gap-1.5">
        <T
          id="nod.schedule.countDown"
          values={{
            pick: (
              <InlineSelect
                label={t('nod.schedule.schedule')}
                value={ends.ends}
                choices={KINDS}
                onPick={(kind) => put(fresh(kind as Ends['ends'], ends))}
              />
            ),
            parts: <Parts ends={ends} put={put} />,
          }}
        />
      </div>
      {fault && (
        <p role="alert" className="text-[13px] text-rust-ink">
          <T id="nod.schedule.notSaved" values={{ fault }} />
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
          <T
            id="nod.schedule.startingShopTime"
            values={{
              when: (
                <When
                  type="datetime-local"
                  label={t('nod.schedule.end')}
                  value={ends.end}
                  onSet={(end) => end && put({ ...ends, end })}
                />
              ),
              when2: (
                <When
                  type="datetime-local"
                  label={t('nod.schedule.startOptional')}
                  value={ends.start ?? undefined}
                  onSet={(start) => put({ ...ends, start: start || null })}
                />
              ),
            }}
          />
        </>
      );
    case 'after-length':
      return (
        <>
          <T
            id="nod.schedule.fromShopTimeFor"
            values={{
              when: (
                <When
                  type="datetime-local"
                  label={t('nod.schedule.start')}
                  value={ends.start}
                  onSet={(start) => start && put({ ...ends, start })}
                />
              ),
              lengthParts: (
                <LengthParts length={ends.length} onSet={(length) => put({ ...ends, length })} />
              ),
            }}
          />
        </>
      );
    case 'repeating':
      return (
        <>
          <T
            id="nod.schedule.forEachTime"
            values={{
              repeatParts: (
                <RepeatParts repeat={ends.repeat} onSet={(repeat) => put({ ...ends, repeat })} />
              ),
              lengthParts: (
                <LengthParts length={ends.length} onSet={(length) => put({ ...ends, length })} />
              ),
            }}
          />
        </>
      );
    case 'next-cut-off':
      return <CutOffFields times={ends.times} onSet={(times) => put({ ...ends, times })} />;
    case 'with-delivery':
      return <>{t('nod.schedule.forTheProductAndThe')}</>;
    case 'with-price':
      return <>{t('nod.schedule.untilTheNextPlannedPrice')}</>;
  }
}

function LengthParts({ length, onSet }: { length: Length; onSet: (length: Length) => void }) {
  const part = (name: keyof Length, label: string) => (
    <NumberField
      label={label}
      value={length[name]}
      step={1}
      onSet={(n) => onSet({ ...length, [name]: n ?? 0 })}
    />
  );
  return (
    <>
      <T
        id="nod.schedule.daysHMin"
        values={{
          days: part('days', t('nod.schedule.days2')),
          hours: part('hours', t('nod.schedule.hours')),
          minutes: part('minutes', t('nod.schedule.minutes')),
        }}
      />
    </>
  );
}

function RepeatParts({ repeat, onSet }: { repeat: Repeat; onSet: (repeat: Repeat) => void }) {
  return (
    <>
      <T
        id="nod.schedule.everyInFromUntil"
        values={{
          every: (
            <NumberField
              label={t('nod.schedule.repeatEvery')}
              value={repeat.every}
              step={1}
              onSet={(every) => every && onSet({ ...repeat, every })}
            />
          ),
          unit: (
            <InlineSelect
              label={t('nod.schedule.daysWeeksOrMonths')}
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
          ),
          frequency: repeat.frequency,
          weekdays: (
            <PickMany
              label={t('nod.schedule.weekdays')}
              values={repeat.days}
              any={t('nod.schedule.weekdayOfTheStart')}
              choices={DAY_CHOICES}
              onPick={(days) => onSet({ ...repeat, days })}
            />
          ),
          day: (
            <NumberField
              label={t('nod.schedule.dayOfTheMonth')}
              value={repeat.dayOfMonth ?? undefined}
              step={1}
              onSet={(day) => day && onSet({ ...repeat, dayOfMonth: day })}
            />
          ),
          months: (
            <PickMany
              label={t('nod.schedule.months2')}
              values={repeat.months}
              any={t('nod.schedule.allMonths')}
              choices={MONTHS}
              onPick={(months) => onSet({ ...repeat, months })}
            />
          ),
          first: (
            <When
              type="datetime-local"
              label={t('nod.schedule.firstStart')}
              value={repeat.first}
              onSet={(first) => first && onSet({ ...repeat, first })}
            />
          ),
          last: (
            <input
              type="date"
              aria-label={t('nod.schedule.lastDayOptional')}
              value={repeat.until ?? ''}
              className={INPUT}
              onChange={(event) => onSet({ ...repeat, until: event.target.value || null })}
            />
          ),
        }}
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
        {isKept ? `${t('nod.schedule.nextRun')} ` : `${t('nod.schedule.savedSchedule')} `}
        <span className="font-semibold text-ink">{schedule.sentence}</span>
        {schedule.windows.length > 1 && <>{t('nod.schedule.next')}</>}
      </summary>
      <ol
        aria-label={t('nod.schedule.nextRuns')}
        className="mt-1.5 flex flex-col gap-0.5 tabular-nums"
      >
        {schedule.windows.map((window) => (
          <li key={window.to} className="flex gap-2">
            <span>{window.words}</span>
            {window.running && (
              <span className="font-semibold text-leaf-ink">{t('nod.schedule.now')}</span>
            )}
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
