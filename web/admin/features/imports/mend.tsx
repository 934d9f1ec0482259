import { useState } from 'react';
import { Popover } from 'radix-ui';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { SHEET } from '../../ui/inline-select';
import { ProductPick } from '../../ui/product-pick';
import { renamed, type ImportChoices, type Preview } from './queries';
import { T, t } from '../../shared/t';

type RowProblem = Preview['problems'][number];

interface MendProps {
  problem: RowProblem;
  choices: ImportChoices;
  onChange: (changes: Partial<ImportChoices>) => void;
}

/** Says what a cell that cannot be read means; of an empty one, or one cut short, nobody can. */
export function Mend({ problem, choices, onChange }: MendProps) {
  const { field, value } = problem;
  if (!field || !value || value.endsWith('…')) return null;
  const say = (meant: string) => onChange(renamed(choices, field, value, meant));
  return field === 'PRODUCT' ? (
    <ProductPick
      label={t('imports.mend.whatDoesItMean', { value })}
      value={undefined}
      none={t('imports.mend.anotherProduct')}
      onPick={(slug) => slug && say(slug)}
    />
  ) : (
    <Cell value={value} onSay={say} />
  );
}

function Cell({ value, onSay }: { value: string; onSay: (meant: string) => void }) {
  const [open, setOpen] = useState(false);
  const [meant, setMeant] = useState('');
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        className="font-semibold text-plum underline"
        aria-label={t('imports.mend.whatDoesItMean', { value })}
      >
        {t('imports.mend.readAs')}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${SHEET} w-80 p-3!`}
          align="start"
          sideOffset={4}
          aria-label={t('imports.mend.whatDoesItMean', { value })}
        >
          <form
            onSubmit={(event) => {
              event.preventDefault();
              if (!meant.trim()) return;
              setOpen(false);
              onSay(meant.trim());
            }}
          >
            <Field
              label={t('imports.mend.meaning', { value })}
              note={t('imports.mend.everywhere')}
              className="mb-2 break-words"
              value={meant}
              maxLength={300}
              onChange={(event) => setMeant(event.target.value)}
            />
            <Button look="main" type="submit" disabled={!meant.trim()}>
              {t('imports.mend.apply')}
            </Button>
          </form>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** What was said of cells, to be taken again. */
export function Mended({ choices, onChange }: Omit<MendProps, 'problem'>) {
  const said = Object.entries(choices.renames ?? {}).flatMap(([field, meanings]) =>
    field === 'VARIANT'
      ? []
      : Object.entries(meanings ?? {}).map(([given, meant]) => ({
          field,
          given,
          meant,
        })),
  );
  if (said.length === 0) return null;
  return (
    <div>
      <h3 className="mb-0.5 font-text text-[13px] font-semibold text-ink-2">
        {t('imports.mend.readDifferently')}
      </h3>
      <ul>
        {said.map(({ field, given, meant }) => (
          <li
            key={`${field} ${given}`}
            className="flex items-baseline gap-2.5 border-b border-line py-0.5"
          >
            <span className="min-w-0 flex-1 break-words">
              <T
                id="imports.mend.text"
                values={{ given: <b>{given}</b>, meant: <b className="text-fern-ink">{meant}</b> }}
              />
            </span>
            <button
              type="button"
              className="text-plum underline"
              onClick={() => onChange(renamed(choices, field, given, undefined))}
            >
              {t('imports.mend.undo')}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
