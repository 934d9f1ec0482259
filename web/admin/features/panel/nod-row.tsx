import { Switch } from 'radix-ui';
import { useState, type HTMLAttributes } from 'react';
import { Flag } from '../../ui/flag';
import { Menu, MenuItem } from '../../ui/menu';
import { useNotify } from '../../ui/toasts';
import { moment } from '../../shared/format';
import { copyNod, removeNod, switchNod, useDraftAct, runOnce } from '../layout/nod-queries';
import type { OnThisPageProps } from './on-this-page';
import type { NodRow } from '../layout/verdict-rows';
import { T, t } from '../../shared/t';

interface NodLineProps extends OnThisPageProps {
  row: NodRow;
  zone: string;
  isTarget: boolean;
  dropTarget: HTMLAttributes<HTMLLIElement>;
  onStep: (by: -1 | 1) => void;
}

const FIRST_FINDINGS = 6;

/** A nod in the list: its number on the page, why it shows or not, and what can be done with it. */
export function NodRowLine(props: NodLineProps) {
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
      <Flag n={row.number} isPicked={picked === row.nod} />
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
            <T id="pages.nodRow.thisPageHasNoSpot" values={{ spot: row.spot }} />
          </p>
        )}
        {row.doubts.map((doubt) => (
          <p key={doubt.rule} className="mt-0.5 text-[13px] text-rust-ink">
            <b>{doubt.rule}.</b> {doubt.text}
          </p>
        ))}
        <p className="mt-0.5 flex flex-wrap items-baseline gap-x-3 text-[13px]">
          {row.validUntil && (
            <span className="text-fern-ink">
              <T id="pages.nodRow.until" values={{ validUntil: moment(row.validUntil, zone) }} />
            </span>
          )}
          <button
            type="button"
            className="text-plum underline"
            aria-expanded={findings !== 'none'}
            onClick={() => setFindings(findings === 'none' ? 'first' : 'none')}
          >
            {findings === 'none' ? t('pages.nodRow.allReasons') : t('pages.nodRow.fewerReasons')}
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
                    <span className="text-ink-2">
                      {' '}
                      <T id="pages.nodRow.from" values={{ source: finding.source }} />
                    </span>
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
                  <T
                    id="pages.nodRow.more"
                    values={{ findings: row.findings.length - FIRST_FINDINGS }}
                  />
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
  const { sayProblem } = useNotify();
  const done = (words: string) => (made: { step: { id: number } } | { id: number }) => {
    onTaken(words, 'step' in made ? made.step.id : made.id);
    onChanged();
  };
  return (
    <div className="flex flex-col items-end gap-1.5">
      <Switch.Root
        checked={row.on}
        disabled={change.isPending}
        aria-label={t('pages.nodRow.isOn', { name: row.name })}
        className="relative mt-0.5 h-5 w-9 rounded-full border border-line-3 bg-paper-2 transition-colors data-[state=checked]:border-ink data-[state=checked]:bg-ink"
        onCheckedChange={(on) =>
          change.mutate({ id: row.nod, on }, { onSuccess: onChanged, onError: sayProblem })
        }
      >
        <Switch.Thumb className="block size-3.5 translate-x-0.5 rounded-[50%_50%_50%_3px] bg-ink-2 transition-transform data-[state=checked]:translate-x-4.5 data-[state=checked]:bg-white" />
      </Switch.Root>
      <Menu
        mark="⋯"
        name={t('pages.nodRow.moreFor', { name: row.name })}
        className="rounded px-1.5 leading-none text-ink-2 hover:bg-paper-2"
      >
        <MenuItem onSelect={() => onOpen(row.nod)}>{t('pages.nodRow.open')}</MenuItem>
        <MenuItem onSelect={() => onWhy(row.nod, row.lead)}>
          {row.number === undefined
            ? t('pages.nodRow.whyNotShown')
            : t('pages.nodRow.checkTheLivePage')}
        </MenuItem>
        <MenuItem onSelect={() => onStep(-1)}>
          <T
            id="pages.nodRow.moveUpAlt"
            values={{ kbd: (chunks) => <kbd className="text-ink-2">{chunks}</kbd> }}
          />
        </MenuItem>
        <MenuItem onSelect={() => onStep(1)}>
          <T
            id="pages.nodRow.moveDownAlt"
            values={{ kbd: (chunks) => <kbd className="text-ink-2">{chunks}</kbd> }}
          />
        </MenuItem>
        <MenuItem
          onSelect={() =>
            runOnce(copy.mutateAsync(row.nod), done(t('pages.nodRow.nodCopied')), sayProblem)
          }
        >
          {t('pages.nodRow.copy')}
        </MenuItem>
        <MenuItem
          onSelect={() =>
            runOnce(remove.mutateAsync(row.nod), done(t('pages.nodRow.nodRemoved')), sayProblem)
          }
        >
          {t('pages.nodRow.remove')}
        </MenuItem>
      </Menu>
    </div>
  );
}

function Standing({ standing }: { standing: NodRow['findings'][number]['standing'] }) {
  const look = {
    MET: { text: t('pages.nodRow.met'), style: 'bg-fern' },
    NOT_MET: { text: t('pages.nodRow.missing'), style: 'border border-dashed border-rust' },
    UNKNOWN: { text: t('pages.nodRow.notKnown'), style: 'border border-dashed border-ink-2' },
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
