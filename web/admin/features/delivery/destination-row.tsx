import { Menu, MenuItem } from '../../ui/menu';
import { Caret } from '../../ui/pick';
import { PickMany } from '../../ui/pick-many';
import { country } from '../../shared/words';
import { useSay } from '../../ui/toasts';
import { DAY_CHOICES } from '../pages/faces/inputs';
import { DatesPick } from './dates-pick';
import { DaysPick } from './days-pick';
import { RegionsPick } from './regions-pick';
import { arrives, range, season, weekdays } from './words';
import type { Destination } from './queries';

export type Act = 'remove' | 'copy';

interface RowProps {
  one: Destination;
  usual: readonly string[];
  arrival: { arrival: Parameters<typeof arrives>[0]; holidays: string[] } | undefined;
  isChosen: boolean;
  gaps: string[];
  onCountry: () => void;
  onSet: (next: Destination) => Promise<unknown>;
  onPut: (act: Act) => void;
}

/** The way to a country, and when an order arrives there. */
export function DestinationRow({
  one,
  usual,
  arrival,
  isChosen,
  gaps,
  onCountry,
  onSet,
  onPut,
}: RowProps) {
  const { sayProblem } = useSay();
  const name = country(one.country);
  const set = (change: Partial<Destination>) => onSet({ ...one, ...change });
  const quick = (change: Partial<Destination>) => void set(change).catch(sayProblem);
  return (
    <tr
      className={`h-[26px] border-b border-[#f1eadd] align-baseline ${isChosen ? 'bg-plum-soft' : ''} ${one.on ? '' : 'text-ink-2'}`}
    >
      <td className="pr-2">
        <button
          type="button"
          className={`text-left whitespace-nowrap hover:underline ${isChosen ? 'font-semibold' : ''}`}
          onClick={onCountry}
        >
          {name}
        </button>
        {one.season && (
          <>
            {' '}
            <DatesPick
              label={`Season, ${name}`}
              value={one.season}
              shown={season(one.season)}
              onSet={(dates) => set({ season: dates })}
            />
          </>
        )}
        {!one.on && ' (off)'}
        {gaps.map((gap) => (
          <span key={gap} className="block text-[13px] text-rust-ink">
            {gap}
          </span>
        ))}
      </td>
      <td className="pr-2">
        {one.promised ? (
          <DaysPick
            label={`Days on the way, ${name}`}
            value={one.transit}
            shown={one.transit ? range(one.transit) : 'as elsewhere'}
            none="as elsewhere"
            onSet={(transit) => set({ transit })}
          />
        ) : (
          'no promise'
        )}
      </td>
      <td className="pr-2">
        <PickMany
          label={`Carrier days, ${name}`}
          values={[...(one.days ?? usual)] as NonNullable<Destination['days']>}
          any={weekdays([])}
          shown={weekdays([...(one.days ?? usual)])}
          choices={DAY_CHOICES}
          onPick={(days) => quick({ days })}
        />
        {isChosen && (
          <>
            {' '}
            not on
            <RegionsPick
              label={`Carrier’s holidays, ${name}`}
              values={one.holidays ?? []}
              none="its own holidays"
              onSet={(holidays) => set({ holidays: holidays.length > 0 ? holidays : undefined })}
            />
          </>
        )}
        {arrival && arrival.holidays.length > 0 && (
          <span className="text-ink-2">
            {isChosen ? ': ' : ', not '}
            {arrival.holidays.slice(0, 3).join(', ')}
          </span>
        )}
      </td>
      <td
        className={`pr-2 whitespace-nowrap ${isChosen ? 'font-semibold' : ''}`}
        title={arrival?.arrival.none}
      >
        {arrival && arrives(arrival.arrival)}
      </td>
      <td className="text-right">
        <Menu
          mark={<Caret />}
          name={`More for ${name}`}
          className="rounded-md px-1.5 py-1 hover:bg-plum-soft"
        >
          <MenuItem onSelect={() => quick({ promised: !one.promised })}>
            {one.promised ? 'Make no promise' : 'Make a promise'}
          </MenuItem>
          <MenuItem onSelect={() => quick({ days: undefined })}>The carrier’s usual days</MenuItem>
          <MenuItem onSelect={() => onPut('copy')}>Copy, for a season</MenuItem>
          <MenuItem onSelect={() => quick({ on: !one.on })}>
            {one.on ? 'Switch off' : 'Switch on'}
          </MenuItem>
          <MenuItem onSelect={() => onPut('remove')}>Remove</MenuItem>
        </Menu>
      </td>
    </tr>
  );
}
