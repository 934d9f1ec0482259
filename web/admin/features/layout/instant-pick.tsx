import { useState } from 'react';
import { Popover } from 'radix-ui';
import { useKeys, type KeyNames } from '../../shared/keys';
import { Button } from '../../ui/button';
import { Caret, PICK, SHEET } from '../../ui/inline-select';
import { later } from './viewpoint';
import { T, t } from '../../shared/t';
import { locale } from '../../shared/intl';

interface MomentPickProps {
  value: string | undefined;
  /** what the shop's clock shows now */
  now: string;
  onPick: (moment: string | undefined) => void;
}

const HOUR = 60;
const DAY = 24 * HOUR;
const STEPS = [
  { text: t('pages.instantPick.1DayEarlier'), key: '{', minutes: -DAY },
  { text: t('pages.instantPick.1HourEarlier'), key: '[', minutes: -HOUR },
  { text: t('pages.instantPick.1HourLater'), key: ']', minutes: HOUR },
  { text: t('pages.instantPick.1DayLater'), key: '}', minutes: DAY },
];

const TOLD: KeyNames = [
  ['[ ]', t('pages.instantPick.1HourEarlier1Hour')],
  ['{ }', t('pages.instantPick.1DayEarlier1Day')],
  ['N', t('pages.instantPick.now')],
];

/** The moment that is looked at: now, or any date and time on the shop's clock. */
export function InstantPick({ value, now, onPick }: MomentPickProps) {
  const [open, setOpen] = useState(false);
  useKeys(
    {
      ...Object.fromEntries(
        STEPS.map(({ key, minutes }) => [key, () => onPick(later(value ?? now, minutes))]),
      ),
      n: () => onPick(undefined),
    },
    TOLD,
  );
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        className={PICK}
        aria-label={t('pages.instantPick.time', { value: words(value) })}
      >
        {words(value)}
        <Caret />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className={`${SHEET} w-80 p-3!`}
          align="end"
          sideOffset={4}
          aria-label={t('pages.instantPick.time2')}
        >
          <label className="flex flex-col gap-1 text-[13px] text-ink-2">
            <T
              id="pages.instantPick.dateAndTimeShopTime"
              values={{
                input: (
                  <input
                    type="datetime-local"
                    className="rounded-lg border border-line-3 bg-white px-3 py-1.5 text-ink"
                    value={value ?? now}
                    min="2000-01-02T00:00"
                    max="2099-12-30T00:00"
                    onChange={(event) =>
                      event.target.value && onPick(event.target.value.slice(0, 16))
                    }
                  />
                ),
              }}
            />
          </label>
          <div className="mt-2 grid grid-cols-2 gap-1.5">
            {STEPS.map((step) => (
              <Button
                key={step.text}
                className="justify-between py-1! text-[13px]"
                onClick={() => onPick(later(value ?? now, step.minutes))}
              >
                {step.text} <kbd className="font-text text-ink-2">{step.key}</kbd>
              </Button>
            ))}
          </div>
          <Button
            look="link"
            className="mt-2"
            onClick={() => {
              onPick(undefined);
              setOpen(false);
            }}
          >
            <T
              id="pages.instantPick.backToNowN"
              values={{ kbd: (chunks) => <kbd className="font-text text-ink-2">{chunks}</kbd> }}
            />
          </Button>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

const SHOWN = new Intl.DateTimeFormat(locale(), {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
  timeZone: 'UTC', // the text holds the shop's own clock already
});
const words = (moment: string | undefined) =>
  moment ? SHOWN.format(new Date(`${moment}Z`)) : t('pages.instantPick.now');
