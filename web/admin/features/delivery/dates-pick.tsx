import { useState } from 'react';
import { INPUT } from '../../ui/inputs';
import { SmallPick } from './small-pick';
import { T, t } from '../../shared/t';

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
        <T
          id="delivery.datesPick.from"
          values={{
            input: (
              <input
                type="date"
                required
                aria-label={t('delivery.datesPick.firstDay')}
                className={INPUT}
                value={first}
                onChange={(event) => setFirst(event.target.value)}
              />
            ),
          }}
        />
      </label>
      <label className="flex items-baseline justify-between gap-2">
        <T
          id="delivery.datesPick.toIncluded"
          values={{
            input: (
              <input
                type="date"
                aria-label={t('delivery.datesPick.lastDay')}
                className={INPUT}
                value={last}
                onChange={(event) => setLast(event.target.value)}
              />
            ),
          }}
        />
      </label>
    </SmallPick>
  );
}
