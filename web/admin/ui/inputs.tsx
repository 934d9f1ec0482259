import { useState } from 'react';
import { t } from '../shared/t';
import { weekdayName } from '../shared/format';

/** The weekdays, as the server names them. */
export const DAYS = [
  'MONDAY',
  'TUESDAY',
  'WEDNESDAY',
  'THURSDAY',
  'FRIDAY',
  'SATURDAY',
  'SUNDAY',
] as const;
export const DAY_CHOICES = DAYS.map((day) => ({
  value: day,
  text: weekdayName(day),
}));

/** How a field looks inside a sentence. */
export const INPUT = 'border-b-2 border-saffron bg-transparent px-1 font-semibold text-ink';

interface FigureProps {
  label: string;
  value: number | undefined;
  step: number;
  onSet: (value: number | undefined) => void;
}

/** A number inside a sentence; none where nothing is typed. */
export function NumberField({ label, value, step, onSet }: FigureProps) {
  const [typed, setTyped] = useState('');
  // what is typed may be '4.' on its way to 4.5; another value comes from elsewhere
  const isOwn = (typed === '' ? undefined : Number(typed)) === value;
  return (
    <input
      type="number"
      aria-label={label}
      step={step}
      value={isOwn ? typed : (value ?? '')}
      placeholder={t('nod.inputs.any')}
      className={`w-[4.5em] ${INPUT}`}
      onChange={(event) => {
        setTyped(event.target.value);
        onSet(event.target.value === '' ? undefined : Number(event.target.value));
      }}
    />
  );
}

interface WhenProps {
  type: 'time' | 'datetime-local';
  label: string;
  value: string | undefined;
  onSet: (text: string) => void;
}

/** A time of the shop inside a sentence. */
export function When({ type, label, value, onSet }: WhenProps) {
  return (
    <input
      type={type}
      aria-label={label}
      value={value ?? ''}
      className={INPUT}
      onChange={(event) => onSet(event.target.value.slice(0, 16))}
    />
  );
}

interface CutOffFieldsProps {
  times: Partial<Record<string, string>>;
  onSet: (times: Partial<Record<string, string>>) => void;
}

/** A time for each weekday on which orders leave. */
export function CutOffFields({ times, onSet }: CutOffFieldsProps) {
  return (
    <span className="flex w-full flex-wrap gap-x-4 gap-y-1.5">
      {DAYS.map((day, index) => (
        <span key={day} className="inline-flex items-baseline gap-1">
          <span className="w-8">{DAY_CHOICES[index]?.text}</span>
          <When
            type="time"
            label={t('nod.inputs.cutOff', {
              day: weekdayName(day, 'long'),
            })}
            value={times[day]}
            onSet={(time) => {
              const rest = { ...times };
              delete rest[day];
              onSet(time ? { ...rest, [day]: time } : rest);
            }}
          />
        </span>
      ))}
      <span className="text-[13px]">{t('nod.inputs.leaveADayEmptyIf')}</span>
    </span>
  );
}
