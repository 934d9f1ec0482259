import { useState } from 'react';
import { INPUT } from '../pages/faces/inputs';
import { SmallPick } from './small-pick';

interface Dates {
  first: string;
  last: string;
}

interface DatesPickProps {
  label: string;
  value: Dates | undefined;
  shown: string;
  onSet: (dates: Dates) => Promise<unknown>;
}

/** From a day to a day. */
export function DatesPick({ label, value, shown, onSet }: DatesPickProps) {
  const [first, setFirst] = useState('');
  const [last, setLast] = useState('');
  return (
    <SmallPick
      label={label}
      shown={shown}
      onOpen={() => {
        setFirst(value?.first ?? '');
        setLast(value?.last ?? '');
      }}
      onKeep={() => onSet({ first, last: last || first })}
    >
      <label className="flex items-baseline justify-between gap-2">
        from
        <input
          type="date"
          required
          aria-label="First day"
          className={INPUT}
          value={first}
          onChange={(event) => setFirst(event.target.value)}
        />
      </label>
      <label className="flex items-baseline justify-between gap-2">
        to, that day included
        <input
          type="date"
          aria-label="Last day"
          className={INPUT}
          value={last}
          onChange={(event) => setLast(event.target.value)}
        />
      </label>
    </SmallPick>
  );
}
