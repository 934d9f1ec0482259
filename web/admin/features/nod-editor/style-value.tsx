import { useState } from 'react';
import { InlineSelect } from '../../ui/inline-select';
import type { StyleField } from './style-fields';
import { IconPick } from './icon-pick';
import { AssetPick } from './asset-pick';
import { t } from '../../shared/t';

interface LookValueProps {
  row: StyleField;
  value: string | undefined;
  /** what holds while nothing is set here */
  inherited: string | undefined;
  pairs: { name: string }[];
  /** whether what is typed is set when it is left or Enter is pressed, and not at each stroke */
  isLate?: boolean;
  onSet: (value: string | undefined) => void;
}

const INPUT = 'border-b-2 border-saffron bg-transparent px-1 font-semibold text-ink';

/** One value of a look, to change in place. */
export function StyleValue({
  row,
  value,
  inherited,
  pairs,
  isLate = false,
  onSet,
}: LookValueProps) {
  switch (row.form) {
    case 'choice': {
      const chosen = { label: row.label, value: value ?? inherited ?? row.start, onPick: onSet };
      const choices = row.choices ?? [];
      return row.own ? (
        <AssetPick {...chosen} choices={choices} kind={row.own} />
      ) : (
        <InlineSelect {...chosen} choices={choices} />
      );
    }
    case 'mark':
      return <IconPick label={row.label} value={value ?? inherited ?? row.start} onPick={onSet} />;
    case 'pair':
      return (
        <InlineSelect
          label={row.label}
          value={value ?? ''}
          choices={[
            { value: '', text: t('nod.styleValue.none') },
            ...pairs.map(({ name }) => ({ value: name, text: name })),
          ]}
          onPick={(pair) => onSet(pair || undefined)}
        />
      );
    case 'colour':
      return <Colour label={row.label} value={value} inherited={inherited} onSet={onSet} />;
    case 'pixels':
    case 'number':
      return (
        <Text
          label={row.label}
          value={value}
          placeholder={inherited ?? t('nod.styleValue.shopDefault')}
          isLate={isLate}
          onSet={onSet}
        />
      );
  }
}

interface TextProps {
  label: string;
  value: string | undefined;
  placeholder: string;
  isLate: boolean;
  onSet: (value: string | undefined) => void;
}

function Text({ label, value, placeholder, isLate, onSet }: TextProps) {
  const [typed, setTyped] = useState<string | undefined>();
  const said = typed?.trim() || undefined;
  // what is typed may end in a space; another value comes from elsewhere
  const isShown = typed !== undefined && (isLate || said === value);
  const leave = () => {
    if (!isLate || typed === undefined) return;
    setTyped(undefined);
    if (said !== value) onSet(said);
  };
  return (
    <input
      aria-label={label}
      value={isShown ? typed : (value ?? '')}
      inputMode="decimal"
      placeholder={placeholder}
      className={`w-[6.5em] ${INPUT} placeholder:font-normal placeholder:text-ink-2`}
      onBlur={leave}
      onKeyDown={(event) => event.key === 'Enter' && leave()}
      onChange={(event) => {
        setTyped(event.target.value);
        if (!isLate) onSet(event.target.value.trim() || undefined);
      }}
    />
  );
}

interface ColourProps {
  label: string;
  value: string | undefined;
  inherited: string | undefined;
  isLate?: boolean;
  onSet: (value: string | undefined) => void;
}

/** A colour, by code or from the browser's own picker. */
export function Colour({ label, value, inherited, isLate = false, onSet }: ColourProps) {
  const shown = /^#[0-9a-f]{6}$/i.test(value ?? '') ? value : (inherited ?? '#ffffff');
  return (
    <span className="inline-flex items-baseline gap-1">
      <input
        type="color"
        aria-label={t('nod.styleValue.colourPicker', { label })}
        value={shown}
        className="size-5 self-center rounded border border-line-3"
        onChange={(event) => onSet(event.target.value)}
      />
      <Text
        label={label}
        value={value}
        placeholder={inherited ?? t('nod.styleValue.shopDefault')}
        isLate={isLate}
        onSet={onSet}
      />
    </span>
  );
}
