import { useState } from 'react';
import type { Choice } from './inline-select';
import { PickLine, PickSheet } from './pick-sheet';
import { T, t } from '../shared/t';

interface SearchPickProps {
  label: string;
  value: string | undefined;
  /** the words for no choice */
  none: string;
  /** what is likely, on top */
  first?: string[];
  choices: Choice<string>[];
  onPick: (value: string | undefined) => void;
}

const SHOWN = 60;

/** A choice of many inside a sentence, found by typing some of it. */
export function SearchPick({ label, value, none, first = [], choices, onPick }: SearchPickProps) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const wanted = text.trim().toLocaleLowerCase();
  const found = wanted
    ? choices.filter(
        (one) =>
          one.text.toLocaleLowerCase().includes(wanted) || one.value.toLowerCase() === wanted,
      )
    : [...choices].sort((a, b) => rank(first, a.value) - rank(first, b.value));
  const chosen = choices.find((one) => one.value === value)?.text ?? value ?? none;
  const pick = (next: string | undefined) => {
    setOpen(false);
    setText('');
    onPick(next);
  };
  return (
    <PickSheet
      label={label}
      shown={chosen}
      hint={t('ui.searchPick.typePartOfIt')}
      field={t('ui.searchPick.search', { label })}
      open={open}
      onOpen={setOpen}
      text={text}
      onText={setText}
      onEnter={() => found[0] && pick(found[0].value)}
    >
      {!wanted && <PickLine onPick={() => pick(undefined)}>{none}</PickLine>}
      {found.slice(0, SHOWN).map((one) => (
        <PickLine
          key={one.value}
          chosen={one.value === value}
          note={one.note}
          onPick={() => pick(one.value)}
        >
          {one.text}
        </PickLine>
      ))}
      {found.length === 0 && (
        <li className="px-3 py-2 text-ink-2">{t('ui.searchPick.noResults')}</li>
      )}
      {found.length > SHOWN && (
        <li className="px-3 py-1 text-[13px] text-ink-2">
          <T id="ui.searchPick.moreTypeToNarrowThe" values={{ found: found.length - SHOWN }} />
        </li>
      )}
    </PickSheet>
  );
}

const rank = (first: string[], value: string) =>
  first.includes(value) ? first.indexOf(value) : first.length;
