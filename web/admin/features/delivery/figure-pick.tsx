import { useState } from 'react';
import { NumberField } from '../../ui/inputs';
import { SmallPick } from './small-pick';
import { t } from '../../shared/t';

interface FigurePickProps {
  label: string;
  value: number;
  onSet: (value: number) => Promise<unknown>;
}

/** A whole number inside a sentence, kept when it is whole. */
export function NumberPick({ label, value, onSet }: FigurePickProps) {
  const [typed, setTyped] = useState<number | undefined>(value);
  return (
    <SmallPick
      label={label}
      shown={String(value)}
      onOpen={() => setTyped(value)}
      onKeep={() => onSet(Math.trunc(typed ?? 0))}
    >
      <span className="flex items-baseline gap-1.5 text-ink-2">
        {label.toLowerCase()}
        <NumberField
          label={t('delivery.figurePick.pieces', { label })}
          value={typed}
          step={1}
          onSet={setTyped}
        />
      </span>
    </SmallPick>
  );
}
