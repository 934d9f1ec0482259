import { InlineSelect, type Choice } from '../../ui/inline-select';
import { all, language, number } from '../../shared/format';
import type { ImportChoices, Inspection, Preview } from './queries';

import { MatchVariants } from './match-variants';
import { CRITERION, DATE_ORDERS, LONGEST_NAME, MEANINGS, SCALES } from './labels';
import { INPUT } from '../../ui/inputs';
import { T, t } from '../../shared/t';

interface HeadSentenceProps {
  look: Inspection;
  choices: ImportChoices;
  trial: Preview | undefined;
  index: number;
  meaning: string;
  onAssign: (what: string) => void;
  onChange: (changes: Partial<ImportChoices>) => void;
}

/** What a column is taken for, as a sentence with its choices, and how that is known. */
export function ColumnHeader(props: HeadSentenceProps) {
  const { look, choices, index, meaning, onAssign, onChange } = props;
  const criteria = choices.criteria ?? look.criteria ?? {};
  const heading =
    look.headings[index]?.trim() || t('imports.columnHeader.column', { index: index + 1 });
  return (
    <div className="text-[13px] leading-[1.5]">
      <T
        id="imports.columnHeader.means"
        values={{
          b: (chunks) => <b className="font-semibold text-ink">{chunks}</b>,
          heading,
          column: (
            <InlineSelect
              label={t('imports.columnHeader.column2', { heading })}
              value={meaning}
              choices={MEANINGS}
              onPick={onAssign}
            />
          ),
          more: meaning,
          name: (
            <input
              className={`w-32 ${INPUT}`}
              aria-label={t('imports.columnHeader.criterionName', { heading })}
              maxLength={LONGEST_NAME}
              value={criteria[index] ?? ''}
              onChange={({ target }) =>
                onChange({ criteria: { ...criteria, [index]: target.value } })
              }
            />
          ),
          scale: (
            <InlineSelect
              label={t('imports.columnHeader.scale')}
              value={`${choices.worst ?? look.worst}-${choices.best ?? look.best}`}
              choices={scales(choices, look)}
              onPick={(scale) => {
                const [worst, best] = scale.split('-').map(Number);
                onChange({ worst: worst!, best: best! });
              }}
            />
          ),
          order: (
            <InlineSelect
              label={t('imports.columnHeader.dateOrder')}
              value={choices.dateOrder ?? (look.dateUnclear ? 'ASKED' : look.dateOrder)}
              choices={
                look.dateUnclear && !choices.dateOrder
                  ? [
                      { value: 'ASKED' as const, text: t('imports.columnHeader.chooseTheOrder') },
                      ...DATE_ORDERS,
                    ]
                  : DATE_ORDERS
              }
              onPick={(order) => order !== 'ASKED' && onChange({ dateOrder: order })}
            />
          ),
          language: (
            <InlineSelect
              label={t('imports.columnHeader.languageOfTheText')}
              value={choices.language ?? 'EACH'}
              choices={languages(look)}
              onPick={(tag) => onChange({ language: tag === 'EACH' ? undefined : tag })}
            />
          ),
        }}
      />
      {meaning === 'RATING' && (choices.best ?? look.best) !== 5 && (
        <span className="block">{t('imports.columnHeader.convertedTo15')}</span>
      )}
      <Known {...props} />
    </div>
  );
}

function scales(choices: ImportChoices, look: Inspection): Choice<string>[] {
  const own = `${choices.worst ?? look.worst}-${choices.best ?? look.best}`;
  return SCALES.some((scale) => scale.value === own)
    ? SCALES
    : [{ value: own, text: own.replace('-', '–') }, ...SCALES];
}

function languages(look: Inspection): Choice<string>[] {
  return [
    { value: 'EACH', text: t('imports.columnHeader.languageOfEachReview') },
    ...look.languages.map((one) => ({ value: one.code, text: language(one.code) })),
  ];
}

function Known({ look, choices, trial, index, meaning, onChange }: HeadSentenceProps) {
  const unsold = trial?.marked.find((one) => one.flag === 'VARIANT')?.reviews;
  if (meaning === 'NONE' || meaning === CRITERION) return null;
  const matched = Object.keys(choices.renames?.['VARIANT'] ?? {}).length;
  if (meaning === 'VARIANT' && trial && (unsold || matched > 0)) {
    return (
      <Note doubt={!!unsold}>
        {unsold
          ? `${t('imports.columnHeader.reviewsHaveVariantsYouDont', { unsold })} `
          : `${t('imports.columnHeader.matched', { matched })} `}
        <MatchVariants trial={trial} choices={choices} onChange={onChange} />
      </Note>
    );
  }
  if (
    meaning === 'DATE' &&
    look.dateBecause &&
    (choices.dateOrder ?? look.dateOrder) === look.dateOrder
  ) {
    return (
      <Note>
        <T id="imports.columnHeader.becauseTheFileHas" values={{ dateBecause: look.dateBecause }} />
      </Note>
    );
  }
  if (meaning === 'WORDS' && look.languages.length > 0 && !choices.language) {
    return (
      <Note>
        <T
          id="imports.columnHeader.detected"
          values={{
            names: all([
              ...look.languages
                .slice(0, 3)
                .map((one) => `${number(one.rows)} ${language(one.code)}`),
              ...(look.languages.length > 3 ? [t('imports.columnHeader.andOthers')] : []),
            ]),
          }}
        />
      </Note>
    );
  }
  const highest = look.highestRating;
  if (meaning === 'RATING' && highest > (choices.best ?? look.best)) {
    return (
      <Note doubt>
        <T id="imports.columnHeader.theFileHasWhichIs" values={{ highest }} />
      </Note>
    );
  }
  if (meaning === 'RATING') return null;
  const basis = look.bases[meaning];
  if (look.columns[meaning] !== index || !basis)
    return <Note>{t('imports.columnHeader.setByYou')}</Note>;
  return basis === 'CONTENT' ? <Note>{t('imports.columnHeader.guessedFromTheValues')}</Note> : null;
}

function Note({ doubt = false, children }: { doubt?: boolean; children: React.ReactNode }) {
  return (
    <span className={`mt-0.5 flex gap-1.5 ${doubt ? 'text-rust-ink' : 'text-ink-2'}`}>
      <span
        aria-hidden
        className={`mt-[5px] size-2.5 shrink-0 rounded-[50%_50%_50%_2px] ${doubt ? 'border border-dashed border-rust' : 'bg-fern'}`}
      />
      <span>{children}</span>
    </span>
  );
}
