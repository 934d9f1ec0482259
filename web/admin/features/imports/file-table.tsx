import { Stars } from '../../ui/stars';
import { country, decimal, writtenOn } from '../../shared/format';
import { ColumnHeader } from './column-header';
import type { ImportChoices, Inspection, Preview } from './queries';
import { CRITERION, LONGEST_NAME } from './labels';
import { t } from '../../shared/t';

interface FileTableProps {
  look: Inspection;
  choices: ImportChoices;
  trial: Preview | undefined;
  onChange: (changes: Partial<ImportChoices>) => void;
}

type Shown = Preview['shown'][number];

const WIDTH: Record<string, string> = {
  WORDS: 'min-w-52 max-w-72',
  TITLE: 'min-w-40 max-w-60',
  DATE: 'min-w-40',
  NONE: 'min-w-28 max-w-44',
};

/** The first rows of a file under heads that say what each column is taken for. */
export function FileTable({ look, choices, trial, onChange }: FileTableProps) {
  const columns = choices.columns ?? {};
  const criteria = choices.criteria ?? look.criteria ?? {};
  const meanings = look.headings.map((_, index) =>
    criteria[index] === undefined
      ? (Object.entries(columns).find(([, at]) => at === index)?.[0] ?? 'NONE')
      : CRITERION,
  );
  const assign = (index: number, what: string) => {
    const kept = Object.entries(columns).filter(([name, at]) => at !== index && name !== what);
    const named = Object.entries(criteria).filter(([at]) => Number(at) !== index);
    const isMeaning = what !== 'NONE' && what !== CRITERION;
    const heading = look.headings[index]?.trim() || t('imports.labels.criterion');
    onChange({
      columns: Object.fromEntries<number>(isMeaning ? [...kept, [what, index]] : kept),
      criteria: Object.fromEntries<string>(
        what === CRITERION ? [...named, [String(index), heading.slice(0, LONGEST_NAME)]] : named,
      ),
    });
  };
  return (
    <div className="overflow-x-auto rounded-xl border border-line bg-paper">
      <table className="w-full text-left">
        <thead>
          <tr className="align-top">
            <th className="w-12 px-2.5 py-2 text-right align-bottom text-[13px] font-medium text-ink-2">
              {t('imports.fileTable.line')}
            </th>
            {look.headings.map((heading, index) => (
              <th
                key={index}
                scope="col"
                className={`border-l border-line px-2.5 py-2 font-normal text-ink-2 ${ground(meanings[index])}`}
              >
                <div className={WIDTH[meanings[index] ?? ''] ?? 'min-w-26 max-w-48'}>
                  <ColumnHeader
                    key={heading}
                    look={look}
                    choices={choices}
                    trial={trial}
                    index={index}
                    meaning={meanings[index] ?? 'NONE'}
                    onAssign={(what) => assign(index, what)}
                    onChange={onChange}
                  />
                </div>
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="tabular-nums">
          {look.samples.map((sample) => (
            <tr key={sample.line} className="border-t border-line">
              <td className="px-2.5 py-1 text-right text-[13px] text-ink-2">{sample.line}</td>
              {look.headings.map((_, index) => (
                <td
                  key={index}
                  className={`max-w-60 truncate border-l border-line px-2.5 py-1 whitespace-nowrap ${ground(meanings[index])}`}
                >
                  <Cell
                    text={sample.cells[index] ?? ''}
                    meaning={meanings[index] ?? 'NONE'}
                    line={sample.line}
                    trial={trial}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const ground = (meaning: string | undefined) =>
  meaning === 'NONE'
    ? 'bg-[repeating-linear-gradient(135deg,var(--color-paper-2)_0_5px,transparent_5px_10px)] text-ink-2'
    : '';

interface CellProps {
  text: string;
  meaning: string;
  line: number;
  trial: Preview | undefined;
}

function Cell({ text, meaning, line, trial }: CellProps) {
  const shown = trial?.shown.find((one) => one.line === line);
  const wrong = trial?.problems.find(
    (problem) => problem.line === line && problem.value.trim() === text.trim(),
  );
  if (wrong && meaning !== 'NONE') {
    return (
      <span title={wrong.reason} className="text-rust-ink">
        {text || t('imports.fileTable.empty')} <b className="font-semibold">{wrong.reason}</b>
      </span>
    );
  }
  const same = shown && meaning === 'REVIEWER' && shown.reviewer === text.trim();
  return (
    <>
      {text || <span className="text-ink-2">{t('imports.fileTable.empty')}</span>}
      {shown && !same && <Reads shown={shown} meaning={meaning} text={text} />}
    </>
  );
}

/** How a value will read here. */
function Reads({ shown, meaning, text }: { shown: Shown; meaning: string; text: string }) {
  const green = 'ml-1.5 font-semibold text-fern-ink';
  switch (meaning) {
    case 'RATING':
      return (
        <>
          <b className={green}>{decimal(shown.stars)}</b>{' '}
          <span className="inline-block align-[-2px]">
            <Stars value={shown.stars} size={13} />
          </span>
        </>
      );
    case 'COUNTRY':
      return shown.country ? <b className={green}>{country(shown.country)}</b> : null;
    case 'DATE':
      return shown.reviewedOn ? <b className={green}>{writtenOn(shown.reviewedOn)}</b> : null;
    case 'REVIEWER':
      return <b className={green}>{shown.reviewer ?? t('imports.fileTable.anonymous')}</b>;
    case 'VARIANT':
      if (!text) return null;
      return shown.variant ? (
        <b className={green}>{shown.variant}</b>
      ) : (
        <b className="ml-1.5 font-semibold text-rust-ink">
          {t('imports.fileTable.notInYourCatalogue')}
        </b>
      );
    default:
      return null;
  }
}
