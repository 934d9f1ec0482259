import { useState } from 'react';
import { Pick } from '../../../ui/pick';
import type { LookRow } from './look-rows';

interface LookValueProps {
  row: LookRow;
  value: string | undefined;
  /** what holds while nothing is set here */
  inherited: string | undefined;
  pairs: { name: string }[];
  onSet: (value: string | undefined) => void;
}

const FONTS = [
  { value: '', text: 'the shop’s own font' },
  { value: 'Instrument Sans', text: 'Instrument Sans' },
  { value: 'Bricolage Grotesque', text: 'Bricolage Grotesque' },
];

const INPUT = 'border-b-2 border-saffron bg-transparent px-1 font-semibold text-ink';

/** One value of a look, to change in place. */
export function LookValue({ row, value, inherited, pairs, onSet }: LookValueProps) {
  switch (row.form) {
    case 'choice':
      return (
        <Pick
          label={row.label}
          value={value ?? inherited ?? row.start}
          choices={row.choices ?? []}
          onPick={onSet}
        />
      );
    case 'mark': {
      const drawn = (row.choices ?? []).some((one) => one.value === (value ?? row.start));
      return (
        <>
          <Pick
            label={row.label}
            value={drawn ? (value ?? inherited ?? row.start) : ''}
            choices={[...(row.choices ?? []), ...(drawn ? [] : [{ value: '', text: 'an emoji' }])]}
            onPick={(next) => onSet(next || undefined)}
          />
          or
          <Text
            label={`${row.label}, an emoji`}
            value={drawn ? undefined : value}
            placeholder="an emoji"
            onSet={onSet}
          />
        </>
      );
    }
    case 'font':
      return (
        <Pick
          label={row.label}
          value={value ?? ''}
          choices={FONTS}
          onPick={(font) => onSet(font || undefined)}
        />
      );
    case 'pair':
      return (
        <Pick
          label={row.label}
          value={value ?? ''}
          choices={[
            { value: '', text: 'none' },
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
          placeholder={inherited ?? 'as the shop'}
          onSet={onSet}
        />
      );
  }
}

interface TextProps {
  label: string;
  value: string | undefined;
  placeholder: string;
  onSet: (value: string | undefined) => void;
}

function Text({ label, value, placeholder, onSet }: TextProps) {
  const [typed, setTyped] = useState<string | undefined>();
  // what is typed may end in a space; another value comes from elsewhere
  const isOwn = typed !== undefined && (typed.trim() || undefined) === value;
  return (
    <input
      aria-label={label}
      value={isOwn ? typed : (value ?? '')}
      inputMode="decimal"
      placeholder={placeholder}
      className={`w-[6.5em] ${INPUT} placeholder:font-normal placeholder:text-ink-2`}
      onChange={(event) => {
        setTyped(event.target.value);
        onSet(event.target.value.trim() || undefined);
      }}
    />
  );
}

interface ColourProps {
  label: string;
  value: string | undefined;
  inherited: string | undefined;
  onSet: (value: string | undefined) => void;
}

/** A colour, by code or from the browser's own picker. */
export function Colour({ label, value, inherited, onSet }: ColourProps) {
  const shown = /^#[0-9a-f]{6}$/i.test(value ?? '') ? value : (inherited ?? '#ffffff');
  return (
    <span className="inline-flex items-baseline gap-1">
      <input
        type="color"
        aria-label={`${label}, to pick`}
        value={shown}
        className="size-5 self-center rounded border border-line-3"
        onChange={(event) => onSet(event.target.value)}
      />
      <Text label={label} value={value} placeholder={inherited ?? 'as the shop'} onSet={onSet} />
    </span>
  );
}
