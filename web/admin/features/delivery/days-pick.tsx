import { useState } from 'react';
import { NumberField } from '../../ui/inputs';
import { SmallPick } from './small-pick';
import type { Days } from './queries';
import { T, t } from '../../shared/t';

interface DaysPickProps {
  label: string;
  value: Days | undefined;
  shown: string;
  /** words for no days, where that can be chosen */
  none?: string;
  isOverruled?: boolean;
  onSet: (days: Days | undefined) => Promise<unknown>;
}

/** From so many to so many working days. */
export function DaysPick({ label, value, shown, none, isOverruled = false, onSet }: DaysPickProps) {
  const [least, setLeast] = useState<number>();
  const [most, setMost] = useState<number>();
  return (
    <SmallPick
      label={label}
      shown={shown}
      isOverruled={isOverruled}
      onOpen={() => {
        setLeast(value?.least);
        setMost(value?.most);
      }}
      onKeep={() =>
        onSet(
          least === undefined && most === undefined
            ? undefined
            : { least: least ?? most ?? 0, most: most ?? least ?? 0 },
        )
      }
    >
      <span className="flex flex-wrap items-baseline gap-1.5 text-ink-2">
        <T
          id="delivery.daysPick.fromToWorkingDays"
          values={{
            figure: (
              <NumberField
                label={t('delivery.daysPick.minimumWorkingDays')}
                value={least}
                step={1}
                onSet={setLeast}
              />
            ),
            figure2: (
              <NumberField
                label={t('delivery.daysPick.maximumWorkingDays')}
                value={most}
                step={1}
                onSet={setMost}
              />
            ),
            span: (chunks) => <span className="whitespace-nowrap">{chunks}</span>,
          }}
        />
      </span>
      {none && (
        <span className="text-[13px] text-ink-2">
          <T id="delivery.daysPick.leaveBothEmptyFor" values={{ none }} />
        </span>
      )}
    </SmallPick>
  );
}
