import { useState } from 'react';
import { Popover } from 'radix-ui';
import { Caret, ITEM, PICK, SHEET, type Choice } from './pick';

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
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className={PICK} aria-label={`${label}: ${chosen}`}>
        <span className="truncate">{chosen}</span>
        <Caret />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${SHEET} w-72`}
          align="start"
          sideOffset={4}
          aria-label={label}
        >
          <input
            className="mb-1.5 w-full rounded-lg border border-line-3 bg-white px-3 py-1.5"
            placeholder="Type some of it"
            aria-label={`Search: ${label}`}
            value={text}
            onChange={(event) => setText(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter' || !found[0]) return;
              event.preventDefault();
              pick(found[0].value);
            }}
          />
          <ul className="max-h-72 overflow-auto" aria-label={label}>
            {!wanted && (
              <li>
                <button
                  type="button"
                  className={`${ITEM} hover:bg-plum-soft`}
                  onClick={() => pick(undefined)}
                >
                  {none}
                </button>
              </li>
            )}
            {found.slice(0, SHOWN).map((one) => (
              <li key={one.value}>
                <button
                  type="button"
                  className={`${ITEM} hover:bg-plum-soft`}
                  onClick={() => pick(one.value)}
                >
                  <span className={one.value === value ? 'font-semibold text-plum' : ''}>
                    {one.text}
                  </span>
                  <span className="text-ink-2">{one.note}</span>
                </button>
              </li>
            ))}
            {found.length === 0 && (
              <li className="px-3 py-2 text-ink-2">Nothing is called that.</li>
            )}
            {found.length > SHOWN && (
              <li className="px-3 py-1 text-[13px] text-ink-2">
                {found.length - SHOWN} more: type some of it
              </li>
            )}
          </ul>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

const rank = (first: string[], value: string) =>
  first.includes(value) ? first.indexOf(value) : first.length;
