import { Button } from '../../ui/button';
import { useSay } from '../../ui/toasts';
import { DatesPick } from './dates-pick';
import { FileAct } from './file-act';
import { season } from './words';
import { INPUT } from '../pages/faces/inputs';
import type { DeliveryView, Settings } from './queries';

interface ClosedProps {
  view: DeliveryView;
  onSet: (settings: Settings, words: string) => Promise<unknown>;
}

/** Days on which the shop does not work, by hand or from a calendar file. */
export function Closed({ view, onSet }: ClosedProps) {
  const { settings } = view;
  const { sayProblem } = useSay();
  const put = (closed: Settings['closed'], words: string) => onSet({ ...settings, closed }, words);
  return (
    <section
      aria-label="Closed days"
      className="min-w-0 rounded-xl border border-line bg-paper px-4 pt-2.5 pb-3"
    >
      <div className="flex items-baseline gap-2">
        <h2 className="text-base">Closed days of your own</h2>
        <span className="ml-auto text-[12.5px] text-ink-2">
          add{' '}
          <DatesPick
            label="Add closed days"
            value={undefined}
            shown="days"
            onSet={(dates) =>
              put([...settings.closed, { ...dates, name: '' }], 'closed days added')
            }
          />
        </span>
      </div>
      <p className="text-[13px] text-ink-2">
        Public holidays come by country, in the timings. These are yours: a stocktaking, a fair, a
        summer.
      </p>
      <ul className="mt-1.5 max-h-56 overflow-auto">
        {settings.closed.map((one, index) => (
          <li
            key={`${one.first} ${one.last} ${one.name}`}
            className="flex items-baseline gap-2 border-b border-[#f1eadd] py-0.5 text-[13.5px]"
          >
            <DatesPick
              label={`Closed days ${one.name}`}
              value={one}
              shown={season(one)}
              onSet={(dates) =>
                put(settings.closed.with(index, { ...one, ...dates }), 'closed days changed')
              }
            />
            <span className="text-[12px] text-ink-2">{one.first.slice(0, 4)}</span>
            <input
              className={`flex-1 ${INPUT}`}
              aria-label={`Why closed, ${season(one)}`}
              placeholder="why, for yourself"
              maxLength={80}
              defaultValue={one.name}
              onBlur={(event) => {
                const name = event.target.value.trim();
                if (name !== one.name)
                  void put(settings.closed.with(index, { ...one, name }), 'a name').catch(
                    sayProblem,
                  );
              }}
            />
            <Button
              look="link"
              aria-label={`Remove ${season(one)}`}
              onClick={() =>
                void put(settings.closed.toSpliced(index, 1), 'closed days removed').catch(
                  sayProblem,
                )
              }
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      {settings.closed.length === 0 && <p className="py-1 text-ink-2">None.</p>}
      <p className="mt-2 flex flex-wrap gap-x-4 text-[13px]">
        <FileAct
          kind="closed-days"
          accept=".ics,text/calendar"
          out="/api/v1/delivery/closed-days.ics"
        />
      </p>
    </section>
  );
}
