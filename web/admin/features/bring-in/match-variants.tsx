import { Popover } from 'radix-ui';
import { Pick, SHEET, type Choice } from '../../ui/pick';
import { count } from '../../shared/words';
import { renamed, type Choices, type Trial } from './queries';

const NONE = '';

interface MatchVariantsProps {
  trial: Trial;
  choices: Choices;
  onChange: (changes: Partial<Choices>) => void;
}

/** Says for variants that are named and not sold which one of the shop's is meant. */
export function MatchVariants({ trial, choices, onChange }: MatchVariantsProps) {
  const meant = choices.renames?.['VARIANT'] ?? {};
  const matched = Object.entries(meant);
  const open = trial.unsold.filter((one) => meant[one.given] === undefined);
  return (
    <Popover.Root>
      <Popover.Trigger className="font-semibold text-plum underline">match them</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${SHEET} w-[26rem] p-3!`}
          align="start"
          sideOffset={4}
          aria-label="Match variants"
        >
          <h2 className="mb-1 text-[15px]">Which of yours is meant?</h2>
          <p className="mb-2 text-[13px] text-ink-2">
            It is remembered for files with these columns. What the review said is kept beside it.
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
                    {one.product}, {count(one.reviews, 'review')}
                  </span>
                </span>
                <Pick
                  label={`Meant by ${one.given}`}
                  value={NONE}
                  choices={[{ value: NONE, text: 'none of ours' }, ...one.sold.map(choice)]}
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
                  <b className="break-words">{given}</b> is <b className="text-fern-ink">{sold}</b>
                </span>
                <button
                  type="button"
                  className="text-plum underline"
                  onClick={() => onChange(renamed(choices, 'VARIANT', given, undefined))}
                >
                  take back
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
