import { DropdownMenu } from 'radix-ui';
import { Menu, MenuItem } from '../../ui/menu';
import { Caret } from '../../ui/inline-select';
import { SearchPick } from '../../ui/search-pick';
import { useNotify } from '../../ui/toasts';
import { COUNTRIES, LIKELY } from '../layout/places';
import { DatesPick } from './dates-pick';
import { season } from './labels';
import type { ReturnRule } from './queries';
import { ReturnDaysPick } from './return-days-pick';
import type { RuleAction } from './rule-list';
import { T, t } from '../../shared/t';

interface RowProps {
  rule: ReturnRule;
  title: string;
  isInForce: boolean;
  gaps: string[];
  onSet: (next: ReturnRule) => Promise<unknown>;
  onAct: (act: RuleAction) => void;
}

/** One rule of returns as a sentence; the one that applies to the order above is marked. */
export function ReturnRow({ rule, title, isInForce, gaps, onSet, onAct }: RowProps) {
  const { sayProblem } = useNotify();
  const set = (change: Partial<ReturnRule>) => onSet({ ...rule, ...change });
  const quick = (change: Partial<ReturnRule>) => void set(change).catch(sayProblem);
  return (
    <li
      aria-label={t('delivery.returnRow.named', { title })}
      className={`rounded-xl border px-3 py-1.5 ${isInForce ? 'border-[#a9cdb4] bg-white shadow-[inset_4px_0_0_var(--color-fern)]' : 'border-line bg-paper-2'} ${rule.on ? '' : 'opacity-70'}`}
    >
      <div className="flex items-baseline gap-2">
        <h3 className="font-text text-[13px] font-semibold tracking-normal">{title}</h3>
        <span className="ml-auto text-[12px] text-ink-2">{state(rule, isInForce)}</span>
        <Menu
          mark={<Caret />}
          name={t('delivery.returnRow.moreFor', { title })}
          className="rounded-md px-1.5 py-1 hover:bg-plum-soft"
        >
          {rule.season && (
            <MenuItem onSelect={() => quick({ season: undefined })}>
              {t('delivery.returnRow.allYear')}
            </MenuItem>
          )}
          {rule.season && <DropdownMenu.Separator className="my-1 border-t border-line" />}
          <MenuItem onSelect={() => quick({ on: !rule.on })}>
            {rule.on ? t('delivery.ruleCard.turnOff') : t('delivery.ruleCard.turnOn')}
          </MenuItem>
          <MenuItem onSelect={() => onAct('copy')}>{t('delivery.ruleCard.copy')}</MenuItem>
          <MenuItem onSelect={() => onAct('up')}>{t('delivery.ruleCard.moveUp')}</MenuItem>
          <MenuItem onSelect={() => onAct('down')}>{t('delivery.ruleCard.moveDown')}</MenuItem>
          <MenuItem onSelect={() => onAct('remove')}>{t('delivery.ruleCard.remove')}</MenuItem>
        </Menu>
      </div>
      <p className="text-[13.5px] leading-[1.7] text-ink-2">
        <T
          id="delivery.returnRow.sentence"
          values={{
            country: (
              <SearchPick
                label={t('delivery.returnRow.country', { title })}
                value={rule.country}
                none={t('delivery.returnRow.everyCountry')}
                first={LIKELY}
                choices={COUNTRIES}
                onPick={(country) => quick({ country })}
              />
            ),
            season: (
              <DatesPick
                label={t('delivery.returnRow.ordered', { title })}
                value={rule.season}
                shown={rule.season ? season(rule.season) : t('delivery.returnRow.anyTime')}
                onSet={(dates) => set({ season: dates })}
              />
            ),
            days: <ReturnDaysPick title={title} rule={rule} onSet={set} />,
          }}
        />
      </p>
      {gaps.map((gap) => (
        <p key={gap} className="text-[13px] text-rust-ink">
          {gap}
        </p>
      ))}
    </li>
  );
}

function state(rule: ReturnRule, isInForce: boolean): string {
  if (!rule.on) return t('delivery.ruleCard.off');
  return isInForce ? t('delivery.returnRow.applies') : '';
}
