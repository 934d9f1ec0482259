import { Button } from '../../ui/button';
import { useNotify } from '../../ui/toasts';
import { DatesPick } from './dates-pick';
import { FileActions } from './file-act';
import { season } from './labels';
import { INPUT } from '../../ui/inputs';
import type { DeliveryView, Settings } from './queries';
import { T, t } from '../../shared/t';

interface ClosedProps {
  view: DeliveryView;
  onSet: (settings: Settings, words: string) => Promise<unknown>;
}

/** Days on which the shop does not work, by hand or from a calendar file. */
export function Closures({ view, onSet }: ClosedProps) {
  const { settings } = view;
  const { sayProblem } = useNotify();
  const put = (closed: Settings['closed'], words: string) => onSet({ ...settings, closed }, words);
  return (
    <section
      aria-label={t('delivery.closures.closedDays')}
      className="min-w-0 rounded-xl border border-line bg-paper px-4 pt-2.5 pb-3"
    >
      <div className="flex items-baseline gap-2">
        <h2 className="text-base">{t('delivery.closures.yourClosedDays')}</h2>
        <span className="ml-auto text-[12.5px] text-ink-2">
          <T
            id="delivery.closures.add"
            values={{
              datesPick: (
                <DatesPick
                  label={t('delivery.closures.addClosedDays')}
                  value={undefined}
                  shown={t('delivery.closures.chooseDays')}
                  onSet={(dates) =>
                    put(
                      [...settings.closed, { ...dates, name: '' }],
                      t('delivery.closures.closedDaysAdded'),
                    )
                  }
                />
              ),
            }}
          />
        </span>
      </div>
      <p className="text-[13px] text-ink-2">{t('delivery.closures.publicHolidaysComeFromThe')}</p>
      <ul className="mt-1.5 max-h-56 overflow-auto">
        {settings.closed.map((one, index) => (
          <li
            key={`${one.first} ${one.last} ${one.name}`}
            className="flex items-baseline gap-2 border-b border-[#f1eadd] py-0.5 text-[13.5px]"
          >
            <DatesPick
              label={t('delivery.closures.closedDays2', { name: one.name })}
              value={one}
              shown={season(one)}
              onSet={(dates) =>
                put(
                  settings.closed.with(index, { ...one, ...dates }),
                  t('delivery.closures.closedDaysChanged'),
                )
              }
            />
            <span className="text-[12px] text-ink-2">{one.first.slice(0, 4)}</span>
            <input
              className={`flex-1 ${INPUT}`}
              aria-label={t('delivery.closures.reason', { one: season(one) })}
              placeholder={t('delivery.closures.reasonOnlyYouSeeIt')}
              maxLength={80}
              defaultValue={one.name}
              onBlur={(event) => {
                const name = event.target.value.trim();
                if (name !== one.name)
                  void put(
                    settings.closed.with(index, { ...one, name }),
                    t('delivery.closures.aName'),
                  ).catch(sayProblem);
              }}
            />
            <Button
              look="link"
              aria-label={t('delivery.closures.remove2', { one: season(one) })}
              onClick={() =>
                void put(
                  settings.closed.toSpliced(index, 1),
                  t('delivery.closures.closedDaysRemoved'),
                ).catch(sayProblem)
              }
            >
              {t('delivery.closures.remove')}
            </Button>
          </li>
        ))}
      </ul>
      {settings.closed.length === 0 && (
        <p className="py-1 text-ink-2">{t('delivery.closures.none')}</p>
      )}
      <p className="mt-2 flex flex-wrap gap-x-4 text-[13px]">
        <FileActions
          kind="closures"
          accept=".ics,text/calendar"
          out="/api/v1/delivery/closures.ics"
        />
      </p>
    </section>
  );
}
