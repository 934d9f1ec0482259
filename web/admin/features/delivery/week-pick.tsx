import { useState } from 'react';
import { DAY_CHOICES, DAYS, When } from '../pages/faces/inputs';
import { cutOffs } from './words';
import { SmallPick } from './small-pick';

type Times = Partial<Record<string, string>>;

interface WeekPickProps {
  value: Times;
  isOverruled: boolean;
  onSet: (times: Times) => Promise<unknown>;
}

/** Until when orders must be there to leave, weekday by weekday. */
export function WeekPick({ value, isOverruled, onSet }: WeekPickProps) {
  const [times, setTimes] = useState<Times>(value);
  return (
    <SmallPick
      label="Cut-offs"
      shown={cutOffs(value)}
      isOverruled={isOverruled}
      onOpen={() => setTimes(value)}
      onKeep={() => onSet(times)}
    >
      <span className="grid grid-cols-2 gap-x-4 gap-y-1.5">
        {DAYS.map((day, index) => (
          <span key={day} className="inline-flex items-baseline justify-between gap-1.5">
            {DAY_CHOICES[index]?.text}
            <When
              type="time"
              label={`Cut-off, ${day.charAt(0)}${day.slice(1).toLowerCase()}`}
              value={times[day]}
              onSet={(time) => {
                const rest = { ...times };
                delete rest[day];
                setTimes(time ? { ...rest, [day]: time } : rest);
              }}
            />
          </span>
        ))}
      </span>
      <span className="text-[13px] text-ink-2">A day without a time sends nothing.</span>
    </SmallPick>
  );
}
