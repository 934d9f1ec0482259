import { useState } from 'react';
import { Problem } from '../../shared/api';
import { INPUT, NumberField } from '../../ui/inputs';
import { dayAndMonth } from './labels';
import type { ReturnRule } from './queries';
import { SmallPick } from './small-pick';
import { T, t } from '../../shared/t';

interface ReturnDaysPickProps {
  title: string;
  rule: ReturnRule;
  onSet: (change: Partial<ReturnRule>) => Promise<unknown>;
}

/** How many days, and a day until which it can be sent back in any case. */
export function ReturnDaysPick({ title, rule, onSet }: ReturnDaysPickProps) {
  const [days, setDays] = useState<number | undefined>(rule.days);
  const [notBefore, setNotBefore] = useState('');
  return (
    <SmallPick
      label={t('delivery.returnDaysPick.returnPeriod', { title })}
      shown={shown(rule)}
      onOpen={() => {
        setDays(rule.days);
        setNotBefore(rule.notBefore ?? '');
      }}
      onKeep={async () => {
        // an empty field is no 0, which says that it cannot be sent back
        if (days === undefined) throw new Problem(0, t('delivery.returnDaysPick.enterDays'));
        await onSet({ days: Math.trunc(days), notBefore: notBefore || undefined });
      }}
    >
      <label className="flex items-baseline justify-between gap-2">
        <T
          id="delivery.returnDaysPick.days"
          values={{
            input: (
              <NumberField
                label={t('delivery.returnDaysPick.daysAfterArrival')}
                value={days}
                step={1}
                onSet={setDays}
              />
            ),
          }}
        />
      </label>
      <label className="flex items-baseline justify-between gap-2">
        <T
          id="delivery.returnDaysPick.atLeastUntil"
          values={{
            input: (
              <input
                type="date"
                aria-label={t('delivery.returnDaysPick.atLeastUntilThisDay')}
                className={INPUT}
                value={notBefore}
                onChange={(event) => setNotBefore(event.target.value)}
              />
            ),
          }}
        />
      </label>
      <p className="text-[12.5px] text-ink-2">{t('delivery.returnDaysPick.zero')}</p>
    </SmallPick>
  );
}

function shown({ days, notBefore }: ReturnRule): string {
  if (days === 0) return t('delivery.returnDaysPick.notTakenBack');
  return notBefore
    ? t('delivery.returnDaysPick.shownAtLeast', { days, day: dayAndMonth(notBefore) })
    : t('delivery.returnDaysPick.shown', { days });
}
