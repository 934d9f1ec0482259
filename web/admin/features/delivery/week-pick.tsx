import { useState } from 'react';
import { CutOffFields } from '../../ui/inputs';
import { cutOffs } from './labels';
import { SmallPick } from './small-pick';
import { t } from '../../shared/t';

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
      label={t('delivery.weekPick.orderCutOff')}
      shown={cutOffs(value)}
      isOverruled={isOverruled}
      onOpen={() => setTimes(value)}
      onKeep={() => onSet(times)}
    >
      <CutOffFields times={times} onSet={setTimes} />
    </SmallPick>
  );
}
