import { Switch } from 'radix-ui';
import { useState, type HTMLAttributes } from 'react';
import { Menu, MenuItem } from '../../ui/menu';
import { useSay } from '../../ui/toasts';
import { moment, number } from '../../shared/words';
import { copyNod, removeNod, switchNod, useDraftAct, once } from './nod-queries';
import type { OnThisPageProps } from './on-this-page';
import type { NodRow } from './rows';

interface NodLineProps extends OnThisPageProps {
  row: NodRow;
  zone: string;
  isTarget: boolean;
  dropTarget: HTMLAttributes<HTMLLIElement>;
  onStep: (by: -1 | 1) => void;
}

const FIRST_FINDINGS = 6;

/** A nod in the list: its number on the page, why it shows or not, and what can be done with it. */
export function NodLine(props: NodLineProps) {
  const { row, zone, picked, version, onOpen, onPoint, onStep } = props;
  const [findings, setFindings] = useState<'none' | 'first' | 'all'>('none');
  const draft = version === undefined;
  return (
    <li
      className={`grid grid-cols-[24px_minmax(0,1fr)_auto] gap-x-2.5 border-l-3 px-4 py-2 ${picked === row.nod ? 'border-plum bg-plum-soft' : 'border-transparent'} ${props.isTarget ? 'shadow-[0_-2px_0_var(--color-plum)]' : ''}`}
      data-nod={row.nod}
      draggable={draft}
      onDragStart={(event) => event.dataTransfer.setData('text/plain', row.nod)}
      {...(draft ? props.dropTarget : {})}
      onMouseEnter={() => onPoint(row.nod)}
      onMouseLeave={() => onPoint(undefined)}
    >
      <Pin n={row.number} />
      <div>
        <button
          type="button"
          className="block text-left font-semibold hover:underline"
          aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
          onClick={() => (draft ? onOpen(row.nod) : setFindings('first'))}
          onFocus={() => onPoint(row.nod)}
          onKeyDown={(event) => {
            if (!event.altKey || !draft) return;
            if (event.key === 'ArrowUp') onStep(-1);
            else if (event.key === 'ArrowDown') onStep(1);
            else return;
            event.preventDefault();
          }}
        >
          {row.name}
        </button>
        <p className="text-[13px] leading-snug text-ink-2">{row.because}</p>
        {row.unplaced && (
          <p className="mt-1 text-[13px] text-rust-ink">
            The page has no such spot: mark it with data-nod-spot="{row.spot}", or point at a place.
          </p>
        )}
        {row.doubts.map((doubt) => (
          <p key={doubt.rule} className="mt-0.5 text-[13px] text-rust-ink">
            <b>{doubt.rule}.</b> {doubt.text}
          </p>
        ))}
        <p className="mt-0.5 flex flex-wrap items-baseline gap-x-3 text-[13px]">
          {row.validUntil && (
            <span className="text-fern-ink">until {moment(row.validUntil, zone)}</span>
          )}
          <button
            type="button"
            className="text-plum underline"
            aria-expanded={findings !== 'none'}
            onClick={() => setFindings(findings === 'none' ? 'first' : 'none')}
          >
            {findings === 'none' ? 'All findings' : 'Fewer'}
          </button>
        </p>
        {findings !== 'none' && (
          <ul className="mt-1 flex flex-col gap-1 text-[13px]">
            {row.findings
              .slice(0, findings === 'all' ? undefined : FIRST_FINDINGS)
              .map((finding, index) => (
                <li key={index} className="flex gap-2">
                  <Standing standing={finding.standing} />
                  <span>
                    {finding.product && <b>{finding.product}: </b>}
                    {finding.text}
                    <span className="text-ink-2"> (from {finding.source})</span>
                  </span>
                </li>
              ))}
            {findings === 'first' && row.findings.length > FIRST_FINDINGS && (
              <li>
                <button
                  type="button"
                  className="text-plum underline"
                  onClick={() => setFindings('all')}
                >
                  {number(row.findings.length - FIRST_FINDINGS)} more
                </button>
              </li>
            )}
          </ul>
        )}
      </div>
      {draft && <Acts {...props} />}
    </li>
  );
}

function Acts({ row, onOpen, onWhy, onStep, onTaken, onChanged }: NodLineProps) {
  const change = useDraftAct(switchNod);
  const copy = useDraftAct(copyNod);
  const remove = useDraftAct(removeNod);
  const { sayProblem } = useSay();
  const done = (words: string) => (made: { step: { id: number } } | { id: number }) => {
    onTaken(words, 'step' in made ? made.step.id : made.id);
    onChanged();
  };
  return (
    <div className="flex flex-col items-end gap-1.5">
      <Switch.Root
        checked={row.on}
        disabled={change.isPending}
        aria-label={`${row.name} switched on`}
        className="relative mt-0.5 h-5 w-9 rounded-full border border-line-3 bg-paper-2 transition-colors data-[state=checked]:border-plum data-[state=checked]:bg-plum"
        onCheckedChange={(on) =>
          change.mutate({ id: row.nod, on }, { onSuccess: onChanged, onError: sayProblem })
        }
      >
        <Switch.Thumb className="block size-3.5 translate-x-0.5 rounded-[50%_50%_50%_3px] bg-ink-2 transition-transform data-[state=checked]:translate-x-4.5 data-[state=checked]:bg-white" />
      </Switch.Root>
      <Menu
        mark="⋯"
        name={`More for ${row.name}`}
        className="rounded px-1.5 leading-none text-ink-2 hover:bg-paper-2"
      >
        <MenuItem onSelect={() => onOpen(row.nod)}>Open</MenuItem>
        <MenuItem onSelect={() => onWhy(row.nod, row.lead)}>
          {row.number === undefined ? 'Why is it not here?' : 'Do shoppers get it here?'}
        </MenuItem>
        <MenuItem onSelect={() => onStep(-1)}>
          Up <kbd className="text-ink-2">Alt ↑</kbd>
        </MenuItem>
        <MenuItem onSelect={() => onStep(1)}>
          Down <kbd className="text-ink-2">Alt ↓</kbd>
        </MenuItem>
        <MenuItem onSelect={() => once(copy.mutateAsync(row.nod), done('Copied'), sayProblem)}>
          Copy
        </MenuItem>
        <MenuItem onSelect={() => once(remove.mutateAsync(row.nod), done('Removed'), sayProblem)}>
          Remove
        </MenuItem>
      </Menu>
    </div>
  );
}

function Pin({ n }: { n: number | undefined }) {
  return n === undefined ? (
    <span
      role="img"
      className="mt-0.5 grid size-5 place-items-center rounded-[50%_50%_50%_5px] border border-dashed border-line-3 text-ink-2"
      aria-label="not here"
    >
      –
    </span>
  ) : (
    <span className="mt-0.5 grid size-5 place-items-center rounded-[50%_50%_50%_5px] bg-plum text-[11px] font-bold text-white">
      {n}
    </span>
  );
}

function Standing({ standing }: { standing: NodRow['findings'][number]['standing'] }) {
  const look = {
    MET: { text: 'met', style: 'bg-fern' },
    NOT_MET: { text: 'not met', style: 'border border-dashed border-rust' },
    UNKNOWN: { text: 'unknown', style: 'border border-dashed border-ink-2' },
  }[standing];
  return (
    <span
      role="img"
      aria-label={look.text}
      title={look.text}
      className={`mt-1 size-3 shrink-0 rounded-[50%_50%_50%_2px] ${look.style}`}
    />
  );
}
