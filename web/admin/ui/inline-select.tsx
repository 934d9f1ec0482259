import type { KeyboardEvent } from 'react';
import { DropdownMenu } from 'radix-ui';

export interface Choice<T extends string> {
  value: T;
  text: string;
  note?: string;
}

interface PickProps<T extends string> {
  label: string;
  value: T;
  choices: Choice<T>[];
  onPick: (value: T) => void;
}

/** A choice inside a sentence: the chosen words, underlined. */
export function InlineSelect<T extends string>({ label, value, choices, onPick }: PickProps<T>) {
  const chosen = choices.find((choice) => choice.value === value);
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        className={PICK}
        aria-label={`${label}: ${chosen?.text ?? value}`}
        onKeyDown={leaveArrows}
      >
        {chosen?.text ?? value}
        <Caret />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content className={SHEET} align="start" sideOffset={4} aria-label={label}>
          <DropdownMenu.RadioGroup value={value} onValueChange={(next) => onPick(next as T)}>
            {choices.map((choice) => (
              <DropdownMenu.RadioItem key={choice.value} value={choice.value} className={ITEM}>
                <span className={choice.value === value ? 'font-semibold text-plum' : ''}>
                  {choice.text}
                </span>
                {choice.note && <span className="text-ink-2">{choice.note}</span>}
              </DropdownMenu.RadioItem>
            ))}
          </DropdownMenu.RadioGroup>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** Arrows walk through the screen's list, also from what was just chosen; Enter and space open. */
export function leaveArrows(event: KeyboardEvent) {
  if (event.key === 'ArrowDown') event.preventDefault();
}

export const PICK =
  'inline-flex max-w-[24rem] items-center gap-1.5 text-left border-b-2 border-saffron px-0.5 font-semibold text-ink hover:bg-saffron-soft';
export const SHEET =
  'z-50 max-h-[60vh] min-w-44 overflow-auto rounded-xl border border-line-2 bg-paper p-1.5 shadow-[0_16px_40px_-18px_#3b2440]';
export const ITEM =
  'flex w-full cursor-pointer items-baseline justify-between gap-6 rounded-lg px-3 py-1.5 text-left outline-none data-[highlighted]:bg-plum-soft';

/** The small mark of a choice. */
export function Caret() {
  return (
    <svg viewBox="0 0 8 5" className="w-2 shrink-0 fill-ink-2" aria-hidden>
      <path d="M0 0h8L4 5z" />
    </svg>
  );
}
