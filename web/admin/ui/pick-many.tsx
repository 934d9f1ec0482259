import { DropdownMenu } from 'radix-ui';
import { Caret, ITEM, PICK, SHEET, type Choice } from './inline-select';

interface PickManyProps<T extends string> {
  label: string;
  values: T[];
  any: string;
  /** shorter words for what is chosen */
  shown?: string;
  choices: Choice<T>[];
  onPick: (values: T[]) => void;
}

/** Several choices inside a sentence; none chosen means any. */
export function PickMany<T extends string>(props: PickManyProps<T>) {
  const { label, values, any, choices, onPick } = props;
  const text =
    props.shown ??
    (choices
      .filter((choice) => values.includes(choice.value))
      .map((choice) => choice.text)
      .join(', ') ||
      any);
  const toggle = (value: T, on: boolean) =>
    onPick(on ? [...values, value] : values.filter((one) => one !== value));
  const stay = (event: Event) => event.preventDefault();
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className={PICK} aria-label={`${label}: ${text}`}>
        <span className="truncate">{text}</span>
        <Caret />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content className={SHEET} align="start" sideOffset={4} aria-label={label}>
          <DropdownMenu.Item className={ITEM} onSelect={() => onPick([])}>
            <span className={values.length === 0 ? 'font-semibold text-plum' : ''}>{any}</span>
          </DropdownMenu.Item>
          {choices.map((choice) => (
            <DropdownMenu.CheckboxItem
              key={choice.value}
              className={ITEM}
              checked={values.includes(choice.value)}
              onCheckedChange={(on) => toggle(choice.value, on)}
              onSelect={stay}
            >
              <span className={values.includes(choice.value) ? 'font-semibold text-plum' : ''}>
                {choice.text}
                <DropdownMenu.ItemIndicator> ✓</DropdownMenu.ItemIndicator>
              </span>
              {choice.note && <span className="text-ink-2 tabular-nums">{choice.note}</span>}
            </DropdownMenu.CheckboxItem>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
