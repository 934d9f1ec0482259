import { Fragment, type ReactNode } from 'react';
import { number } from '../../shared/words';
import { Loading } from '../../ui/empty';
import { renamed, type Choices, type Trial } from './queries';
import { FLAGS } from '../reviews/words';

const LISTED = 6;

interface TroubleProps {
  trial: Trial | undefined;
  /** whether something must be said before the rows can be read */
  isAsked: boolean;
  rows: number;
  choices: Choices;
  onChange: (changes: Partial<Choices>) => void;
}

/** What cannot be read, what is left aside, and what comes in marked: three kinds, never mixed. */
export function Trouble({ trial, isAsked, rows, choices, onChange }: TroubleProps) {
  return (
    <section className="rounded-2xl border border-line bg-paper p-4" aria-label="What is wrong">
      <header className="mb-2 flex items-baseline justify-between">
        <h2 className="text-[16px]">What is wrong with it</h2>
        <span className="text-[13px] text-ink-2">the good rows go on</span>
      </header>
      {!trial && isAsked && (
        <p className="text-[13px] text-ink-2">Told as soon as it is clear how to read the rows.</p>
      )}
      {!trial && !isAsked && <Loading lines={3} />}
      {trial && (
        <div className="flex flex-col gap-2.5 text-[13px]">
          <Bad trial={trial} choices={choices} onChange={onChange} />
          <Aside trial={trial} />
          <Marked trial={trial} />
          {trial.bad === 0 && trial.usable === rows && trial.marked.length === 0 && (
            <p className="text-ink-2">Nothing: every row can be read, and none needs a look.</p>
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

const lines = (n: number, rest: string) => `${number(n)} ${n === 1 ? 'line' : 'lines'} ${rest}`;

function Bad({
  trial,
  choices,
  onChange,
}: Omit<TroubleProps, 'rows' | 'isAsked'> & { trial: Trial }) {
  if (trial.bad === 0) return null;
  return (
    <Kind title={lines(trial.bad, 'can’t be read')}>
      {trial.problems.slice(0, LISTED).map((problem, index) => (
        <li key={index} className="flex gap-2.5 border-b border-line py-0.5">
          <span className="w-10 shrink-0 text-right text-ink-2 tabular-nums">{problem.line}</span>
          <span className="min-w-0">
            {problem.column && `${problem.column} `}
            <b className="break-words text-rust-ink">{problem.value || 'empty'}</b>{' '}
            <span className="text-ink-2">{problem.reason}</span>
            {problem.nearest.length > 0 && '. Is it '}
            {problem.nearest.map((name, nth) => (
              <Fragment key={name}>
                {nth > 0 && ' or '}
                <button
                  type="button"
                  className="font-semibold text-plum underline"
                  onClick={() => onChange(renamed(choices, 'PRODUCT', problem.value, name))}
                >
                  {name}
                </button>
              </Fragment>
            ))}
            {problem.nearest.length > 0 && '?'}
          </span>
        </li>
      ))}
      {trial.bad > LISTED && (
        <li className="py-0.5 text-ink-2">
          and {number(trial.bad - LISTED)} more; all are listed after reading
        </li>
      )}
    </Kind>
  );
}

function Aside({ trial }: { trial: Trial }) {
  const aside = trial.leftOutBefore + trial.hereAlready + trial.notChosen;
  if (aside === 0) return null;
  return (
    <Kind title={lines(aside, aside === 1 ? 'is left aside' : 'are left aside')}>
      <Counted n={trial.leftOutBefore} text="left out before" at={trial.leftOutLines} />
      <Counted n={trial.hereAlready} text="here already" at={trial.hereLines} />
      <Counted n={trial.notChosen} text="not chosen" at={[]} />
    </Kind>
  );
}

function Marked({ trial }: { trial: Trial }) {
  if (trial.marked.length === 0) return null;
  return (
    <Kind title="Come in marked, for the sorting table">
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
