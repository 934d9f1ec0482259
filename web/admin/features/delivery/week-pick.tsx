import { useState } from 'react';
import { CutOffFields } from '../pages/faces/inputs';
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
      <CutOffFields times={times} onSet={setTimes} />
    </SmallPick>
  );
}
