import { Fragment, type ReactNode } from 'react';
import { number } from '../../shared/format';
import { Loading } from '../../ui/empty-state';
import { renamed, type ImportChoices, type Preview } from './queries';
import { Mend, Mended } from './mend';
import { FLAGS } from '../reviews/labels';
import { T, t } from '../../shared/t';

const LISTED = 6;

interface TroubleProps {
  batch: number;
  trial: Preview | undefined;
  /** whether something must be said before the rows can be read */
  isAsked: boolean;
  rows: number;
  choices: ImportChoices;
  onChange: (changes: Partial<ImportChoices>) => void;
}

/** What cannot be read, what is left aside, and what comes in marked: three kinds, never mixed. */
export function ImportErrors({ batch, trial, isAsked, rows, choices, onChange }: TroubleProps) {
  return (
    <section
      className="rounded-2xl border border-line bg-paper p-4"
      aria-label={t('imports.importErrors.problems')}
    >
      <header className="mb-2 flex items-baseline justify-between">
        <h2 className="text-[16px]">{t('imports.importErrors.problems2')}</h2>
        <span className="text-[13px] text-ink-2">
          {t('imports.importErrors.allOtherRowsAreImported')}
        </span>
      </header>
      {!trial && isAsked && (
        <p className="text-[13px] text-ink-2">{t('imports.importErrors.shownOnceTheColumnsAre')}</p>
      )}
      {!trial && !isAsked && <Loading lines={3} />}
      {trial && (
        <div className="flex flex-col gap-2.5 text-[13px]">
          <Bad batch={batch} trial={trial} choices={choices} onChange={onChange} />
          <Mended choices={choices} onChange={onChange} />
          <Aside trial={trial} />
          <Marked trial={trial} />
          {trial.unreadable === 0 && trial.usable === rows && trial.marked.length === 0 && (
            <p className="text-ink-2">{t('imports.importErrors.noProblemsFound')}</p>
          )}
        </div>
      )}
    </section>
  );
}

function Kind({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div>
      <h3 className="mb-0.5 font-text text-[13px] font-semibold text-ink-2">{title}</h3>
      <ul>{children}</ul>
    </div>
  );
}

function Bad({
  batch,
  trial,
  choices,
  onChange,
}: Omit<TroubleProps, 'rows' | 'isAsked'> & { trial: Preview }) {
  if (trial.unreadable === 0) return null;
  return (
    <Kind title={t('imports.importErrors.rowsNotReadable', { n: trial.unreadable })}>
      {trial.problems.slice(0, LISTED).map((problem, index) => (
        <li key={index} className="flex gap-2.5 border-b border-line py-0.5">
          <span className="w-10 shrink-0 text-right text-ink-2 tabular-nums">{problem.line}</span>
          <span className="min-w-0">
            {problem.column && `${problem.column} `}
            <b className="break-words text-rust-ink">
              {problem.value || t('imports.fileTable.empty')}
            </b>{' '}
            <span className="text-ink-2">{problem.reason}</span>
            {problem.nearest.length > 0 && (
              <>
                {' '}
                <T
                  id="imports.importErrors.isIt"
                  values={{
                    names: problem.nearest.map((name, nth) => (
                      <Fragment key={name}>
                        {nth > 0 && ' / '}
                        <button
                          type="button"
                          className="font-semibold text-plum underline"
                          onClick={() => onChange(renamed(choices, 'PRODUCT', problem.value, name))}
                        >
                          {name}
                        </button>
                      </Fragment>
                    )),
                  }}
                />
              </>
            )}{' '}
            <Mend problem={problem} choices={choices} onChange={onChange} />
          </span>
        </li>
      ))}
      {trial.unreadable > LISTED && (
        <li className="py-0.5 text-ink-2">
          <T
            id="imports.importErrors.moreAllAreListedAfter"
            values={{ bad: trial.unreadable - LISTED }}
          />
        </li>
      )}
      <li className="pt-1">
        <a href={`/api/v1/imports/${batch}/problems/file`} className="text-plum underline" download>
          {t('imports.importErrors.saveTheseRows')}
        </a>
      </li>
    </Kind>
  );
}

function Aside({ trial }: { trial: Preview }) {
  const aside = trial.leftOutBefore + trial.duplicates + trial.notSelected;
  if (aside === 0) return null;
  return (
    <Kind title={t('imports.importErrors.rowsSkipped', { n: aside })}>
      <Counted
        n={trial.leftOutBefore}
        text={t('imports.importErrors.leftOutBefore')}
        at={trial.leftOutLines}
      />
      <Counted
        n={trial.duplicates}
        text={t('imports.importErrors.alreadyImported')}
        at={trial.hereLines}
      />
      <Counted n={trial.notSelected} text={t('imports.importErrors.notSelected')} at={[]} />
    </Kind>
  );
}

function Marked({ trial }: { trial: Preview }) {
  if (trial.marked.length === 0) return null;
  return (
    <Kind title={t('imports.importErrors.importedWithAFlag')}>
      {trial.marked.map((one) => (
        <Counted key={one.flag} n={one.reviews} text={FLAGS[one.flag].text} at={one.lines} />
      ))}
    </Kind>
  );
}

function Counted({ n, text, at }: { n: number; text: string; at: number[] }) {
  if (n === 0) return null;
  return (
    <li className="flex gap-2.5 border-b border-line py-0.5">
      <b className="w-10 shrink-0 text-right tabular-nums">{number(n)}</b>
      <span className="min-w-0 flex-1">{text}</span>
      <span className="text-ink-2 tabular-nums">
        {at.join(', ')}
        {n > at.length && at.length > 0 && ' …'}
      </span>
    </li>
  );
}
