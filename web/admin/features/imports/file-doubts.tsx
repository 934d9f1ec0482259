import { Link } from 'react-router';
import { InlineSelect } from '../../ui/inline-select';
import { INPUT } from '../../ui/inputs';
import { shopToday } from '../../shared/shop-time';
import type { ImportChoices, Inspection } from './queries';
import { T, t } from '../../shared/t';

interface FileDoubtsProps {
  look: Inspection;
  choices: ImportChoices;
  onChange: (changes: Partial<ImportChoices>) => void;
}

/** What a file may hold in place of reviews, and what of it means something else than it says. */
export function FileDoubts({ look, choices, onChange }: FileDoubtsProps) {
  const { doubled, looksLike, agos } = look;
  const ago = agos?.find(({ column }) => column === choices.columns?.['DATE']);
  if (!doubled && !looksLike && !ago) return null;
  return (
    <div
      role="status"
      className="flex flex-col gap-1 rounded-xl bg-saffron-soft px-4 py-2.5 text-saffron-ink"
    >
      {looksLike && (
        <p>
          <T
            id="imports.fileDoubts.looksLike"
            values={{
              looksLike,
              a: (chunks) => (
                <Link to="/catalogue/feeds" className="font-semibold underline">
                  {chunks}
                </Link>
              ),
            }}
          />
        </p>
      )}
      {doubled && (
        <p className="leading-8">
          <T
            id="imports.fileDoubts.doubled"
            values={{
              rows: doubled.rows,
              before: doubled.before,
              after: doubled.after,
              pick: (
                <InlineSelect
                  label={t('imports.fileDoubts.what')}
                  value={choices.mendsEncoding ? 'mend' : 'leave'}
                  choices={[
                    { value: 'leave', text: t('imports.fileDoubts.leave') },
                    { value: 'mend', text: t('imports.fileDoubts.mend') },
                  ]}
                  onPick={(pick) => onChange({ mendsEncoding: pick === 'mend' })}
                />
              ),
            }}
          />
        </p>
      )}
      {ago && (
        <p className="flex flex-wrap items-baseline gap-x-2 leading-8">
          <T
            id="imports.fileDoubts.ago"
            values={{
              rows: ago.rows,
              example: ago.example,
              pick: (
                <InlineSelect
                  label={t('imports.fileDoubts.agoWhat')}
                  value={choices.countedFrom ? 'take' : 'leave'}
                  choices={[
                    { value: 'leave', text: t('imports.fileDoubts.agoLeave') },
                    { value: 'take', text: t('imports.fileDoubts.agoTake') },
                  ]}
                  onPick={(pick) =>
                    onChange({ countedFrom: pick === 'take' ? shopToday() : undefined })
                  }
                />
              ),
            }}
          />
          {choices.countedFrom && (
            <input
              type="date"
              required
              aria-label={t('imports.fileDoubts.agoFrom')}
              className={INPUT}
              max={shopToday()}
              value={choices.countedFrom}
              onChange={({ target }) => target.value && onChange({ countedFrom: target.value })}
            />
          )}
        </p>
      )}
    </div>
  );
}
