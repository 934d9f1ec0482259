import { Link } from 'react-router';
import { InlineSelect } from '../../ui/inline-select';
import type { ImportChoices, Inspection } from './queries';
import { T, t } from '../../shared/t';

interface FileDoubtsProps {
  look: Inspection;
  choices: ImportChoices;
  onChange: (changes: Partial<ImportChoices>) => void;
}

/** What a file may hold in place of reviews, and text of it that came with wrong signs. */
export function FileDoubts({ look, choices, onChange }: FileDoubtsProps) {
  const { doubled, looksLike } = look;
  if (!doubled && !looksLike) return null;
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
    </div>
  );
}
