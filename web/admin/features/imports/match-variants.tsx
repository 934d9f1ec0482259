import { Popover } from 'radix-ui';
import { InlineSelect, SHEET, type Choice } from '../../ui/inline-select';

import { renamed, type ImportChoices, type Preview } from './queries';
import { T, t } from '../../shared/t';

const NONE = '';

interface MatchVariantsProps {
  trial: Preview;
  choices: ImportChoices;
  onChange: (changes: Partial<ImportChoices>) => void;
}

/** Says for variants that are named and not sold which one of the shop's is meant. */
export function MatchVariants({ trial, choices, onChange }: MatchVariantsProps) {
  const meant = choices.renames?.['VARIANT'] ?? {};
  const matched = Object.entries(meant);
  const open = trial.unsold.filter((one) => meant[one.given] === undefined);
  return (
    <Popover.Root>
      <Popover.Trigger className="font-semibold text-plum underline">
        {t('imports.matchVariants.match')}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${SHEET} w-[26rem] p-3!`}
          align="start"
          sideOffset={4}
          aria-label={t('imports.matchVariants.matchVariants')}
        >
          <h2 className="mb-1 text-[15px]">{t('imports.matchVariants.whichOfYourVariantsIs')}</h2>
          <p className="mb-2 text-[13px] text-ink-2">
            {t('imports.matchVariants.rememberedForFilesWithThese')}
          </p>
          <ul>
            {open.map((one) => (
              <li
                key={`${one.product} ${one.given}`}
                className="flex items-baseline gap-2 border-t border-line py-1.5 text-[13px]"
              >
                <span className="min-w-0 flex-1">
                  <b className="break-words">{one.given}</b>{' '}
                  <span className="text-ink-2">
                    {one.product}, {t('imports.matchVariants.reviews', { reviews: one.reviews })}
                  </span>
                </span>
                <InlineSelect
                  label={t('imports.matchVariants.yourVariantFor', { given: one.given })}
                  value={NONE}
                  choices={[
                    { value: NONE, text: t('imports.matchVariants.noneOfThem') },
                    ...one.sold.map(choice),
                  ]}
                  onPick={(sold) =>
                    sold !== NONE && onChange(renamed(choices, 'VARIANT', one.given, sold))
                  }
                />
              </li>
            ))}
            {matched.map(([given, sold]) => (
              <li
                key={given}
                className="flex items-baseline gap-2 border-t border-line py-1.5 text-[13px]"
              >
                <span className="min-w-0 flex-1">
                  <T
                    id="imports.matchVariants.text"
                    values={{
                      given: <b className="break-words">{given}</b>,
                      variant: <b className="text-fern-ink">{sold}</b>,
                    }}
                  />
                </span>
                <button
                  type="button"
                  className="text-plum underline"
                  onClick={() => onChange(renamed(choices, 'VARIANT', given, undefined))}
                >
                  {t('imports.matchVariants.undo')}
                </button>
              </li>
            ))}
          </ul>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

const choice = (sold: string): Choice<string> => ({ value: sold, text: sold });
