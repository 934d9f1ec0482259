import { useId } from 'react';
import type { ImportChoices } from './queries';
import { T, t } from '../../shared/t';

interface PermissionProps {
  choices: ImportChoices;
  /** where the last file of these headings was from */
  before: string | undefined;
  asks: boolean;
  permitted: boolean;
  onChange: (changes: Partial<ImportChoices>) => void;
  onPermit: (permitted: boolean) => void;
}

/** The owner's word that reviews from a place may be published: asked once for each place. */
export function Permission({
  choices,
  before,
  asks,
  permitted,
  onChange,
  onPermit,
}: PermissionProps) {
  const id = useId();
  return (
    <div className="mt-3 flex gap-2.5 rounded-xl border border-line-2 bg-paper-2 px-3 py-2.5">
      {asks && (
        <input
          id={id}
          type="checkbox"
          className="mt-1 size-4 shrink-0 accent-ink"
          checked={permitted}
          onChange={(event) => onPermit(event.target.checked)}
        />
      )}
      <div className="min-w-0 flex-1">
        <label htmlFor={id}>
          {asks
            ? t('imports.permission.iHaveTheRightTo')
            : t('imports.permission.youConfirmedBeforeThatYou')}
        </label>
        <p className="mt-1 flex items-baseline gap-2 text-ink-2">
          <T
            id="imports.permission.sourceAsShoppersWillRead"
            values={{
              input: (
                <input
                  aria-label={t('imports.permission.source')}
                  className="min-w-0 flex-1 border-b-2 border-saffron bg-transparent px-0.5 font-semibold text-ink"
                  key={choices.source}
                  defaultValue={choices.source}
                  maxLength={120}
                  onBlur={(event) => onChange({ source: event.target.value.trim() || undefined })}
                  onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
                />
              ),
            }}
          />
        </p>
        {before && before !== choices.source && (
          <p className="mt-1 text-[13px] text-ink-2">
            <T
              id="imports.permission.yourLastFileWithThese"
              values={{
                before,
                button: (chunks) => (
                  <button
                    type="button"
                    className="text-plum underline"
                    onClick={() => onChange({ source: before })}
                  >
                    {chunks}
                  </button>
                ),
              }}
            />
          </p>
        )}
      </div>
    </div>
  );
}
