import { Pick, type Choice } from '../../ui/pick';
import { language, number } from '../../shared/words';
import type { Choices, Look, Trial } from './queries';
import { FLAGS } from '../reviews/words';
import { MatchVariants } from './match-variants';
import { COLUMNS, DATE_ORDERS, SCALES } from './words';

interface HeadSentenceProps {
  look: Look;
  choices: Choices;
  trial: Trial | undefined;
  index: number;
  meaning: string;
  onAssign: (what: string) => void;
  onChange: (changes: Partial<Choices>) => void;
}

/** What a column is taken for, as a sentence with its choices, and how that is known. */
export function HeadSentence(props: HeadSentenceProps) {
  const { look, choices, index, meaning, onAssign, onChange } = props;
  const heading = look.headings[index]?.trim() || `Column ${index + 1}`;
  const words = COLUMNS.find((column) => column.value === meaning);
  return (
    <div className="text-[13px] leading-[1.5]">
      <b className="font-semibold text-ink">{heading}</b> {words?.verb}{' '}
      <Pick label={`Column ${heading}`} value={meaning} choices={COLUMNS} onPick={onAssign} />
      {meaning === 'RATING' && (
        <>
          ,{' '}
          <Pick
            label="Scale"
            value={`${choices.worst ?? look.worst}-${choices.best ?? look.best}`}
            choices={scales(choices, look)}
            onPick={(scale) => {
              const [worst, best] = scale.split('-').map(Number);
              onChange({ worst: worst!, best: best! });
            }}
          />
          {(choices.best ?? look.best) !== 5 && <span className="block">made 1 to 5</span>}
        </>
      )}
      {meaning === 'DATE' && (
        <>
          ,{' '}
          <Pick
            label="Date order"
            value={choices.dateOrder ?? (look.dateUnclear ? 'ASKED' : look.dateOrder)}
            choices={
              look.dateUnclear && !choices.dateOrder
                ? [{ value: 'ASKED' as const, text: 'in which order?' }, ...DATE_ORDERS]
                : DATE_ORDERS
            }
            onPick={(order) => order !== 'ASKED' && onChange({ dateOrder: order })}
          />
        </>
      )}
      {meaning === 'WORDS' && (
        <>
          , in{' '}
          <Pick
            label="Language of the words"
            value={choices.language ?? 'EACH'}
            choices={languages(look)}
            onPick={(tag) => onChange({ language: tag === 'EACH' ? undefined : tag })}
          />
        </>
      )}
      <Known {...props} />
    </div>
  );
}

function scales(choices: Choices, look: Look): Choice<string>[] {
  const own = `${choices.worst ?? look.worst}-${choices.best ?? look.best}`;
  return SCALES.some((scale) => scale.value === own)
    ? SCALES
    : [{ value: own, text: own.replace('-', ' to ') }, ...SCALES];
}

function languages(look: Look): Choice<string>[] {
  return [
    { value: 'EACH', text: 'each its own language' },
    ...look.languages.map((one) => ({ value: one.code, text: language(one.code) })),
  ];
}

function Known({ look, choices, trial, index, meaning, onChange }: HeadSentenceProps) {
  const unsold = trial?.marked.find((one) => one.flag === 'VARIANT')?.reviews;
  if (meaning === 'NONE') return null;
  const matched = Object.keys(choices.renames?.['VARIANT'] ?? {}).length;
  if (meaning === 'VARIANT' && trial && (unsold || matched > 0)) {
    return (
      <Note doubt={!!unsold}>
        {unsold
          ? `${number(unsold)} ${unsold === 1 ? 'names' : 'name'} ${FLAGS.VARIANT.text}: `
          : `${number(matched)} matched: `}
        <MatchVariants trial={trial} choices={choices} onChange={onChange} />
      </Note>
    );
  }
  if (
    meaning === 'DATE' &&
    look.dateBecause &&
    (choices.dateOrder ?? look.dateOrder) === look.dateOrder
  ) {
    return <Note>because {look.dateBecause} occurs</Note>;
  }
  if (meaning === 'WORDS' && look.languages.length > 0 && !choices.language) {
    return (
      <Note>
        detected:{' '}
        {look.languages
          .slice(0, 3)
          .map((one) => `${number(one.rows)} ${language(one.code)}`)
          .join(', ')}
        {look.languages.length > 3 && ' and others'}
      </Note>
    );
  }
  const highest = look.highestRating;
  if (meaning === 'RATING' && highest > (choices.best ?? look.best)) {
    return <Note doubt>{highest} occurs; on this scale such rows cannot be read</Note>;
  }
  if (meaning === 'RATING') return null;
  const basis = look.bases[meaning];
  if (look.columns[meaning] !== index || !basis) return <Note>as you say</Note>;
  return basis === 'CONTENT' ? <Note>its values look like it</Note> : null;
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
