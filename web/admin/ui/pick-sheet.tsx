import type { ReactNode } from 'react';
import { Popover } from 'radix-ui';
import { Caret, ITEM, PICK, SHEET } from './inline-select';

interface PickSheetProps {
  label: string;
  /** the words of what is chosen */
  shown: string;
  /** what can be typed: as a hint, and as the field's name */
  hint: string;
  field: string;
  wide?: boolean;
  open: boolean;
  onOpen: (open: boolean) => void;
  text: string;
  onText: (text: string) => void;
  onEnter: () => void;
  children: ReactNode;
}

/** A choice inside a sentence that opens a sheet with a field to search and what is found. */
export function PickSheet(props: PickSheetProps) {
  const { label, shown, open, onOpen, text, onText, onEnter, children } = props;
  return (
    <Popover.Root open={open} onOpenChange={onOpen}>
      <Popover.Trigger className={PICK} aria-label={`${label}: ${shown}`}>
        <span className="truncate">{shown}</span>
        <Caret />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${SHEET} ${props.wide ? 'w-96' : 'w-72'}`}
          align="start"
          sideOffset={4}
          aria-label={label}
        >
          <input
            className="mb-1.5 w-full rounded-lg border border-line-3 bg-white px-3 py-1.5"
            placeholder={props.hint}
            aria-label={props.field}
            value={text}
            onChange={(event) => onText(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter') return;
              event.preventDefault();
              onEnter();
            }}
          />
          <ul className="max-h-80 overflow-auto" aria-label={label}>
            {children}
          </ul>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

interface PickLineProps {
  chosen?: boolean;
  note?: ReactNode;
  onPick: () => void;
  children: ReactNode;
}

/** One that can be picked, with a note at its end. */
export function PickLine({ chosen = false, note, onPick, children }: PickLineProps) {
  return (
    <li>
      <button type="button" className={`${ITEM} hover:bg-plum-soft`} onClick={onPick}>
        <span className={`truncate ${chosen ? 'font-semibold text-plum' : ''}`}>{children}</span>
        {note !== undefined && <span className="shrink-0 text-ink-2 tabular-nums">{note}</span>}
      </button>
    </li>
  );
}
