import { Menu, MenuItem } from '../../ui/menu';
import { Caret } from '../../ui/inline-select';
import { PickMany } from '../../ui/pick-many';
import { country } from '../../shared/format';
import { useNotify } from '../../ui/toasts';
import { DAY_CHOICES } from '../../ui/inputs';
import { DatesPick } from './dates-pick';
import { DaysPick } from './days-pick';
import { RegionsPick } from './regions-pick';
import { arrives, range, season, weekdays } from './labels';
import type { Destination } from './queries';
import { T, t } from '../../shared/t';

/** On which days beside the carrier's weekdays nothing comes. */
function exceptions(picksRegions: boolean, hasHolidays: boolean) {
  if (picksRegions) return hasHolidays ? 'REGIONS_NAMED' : 'REGIONS';
  return hasHolidays ? 'NAMED' : 'NONE';
}

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
  const { sayProblem } = useNotify();
  const name = country(one.country);
  const holidays = arrival?.holidays.slice(0, 3) ?? [];
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
              label={t('delivery.destinationRow.season', { name })}
              value={one.season}
              shown={season(one.season)}
              onSet={(dates) => set({ season: dates })}
            />
          </>
        )}
        {!one.on && <> {t('delivery.destinationRow.off')}</>}
        {gaps.map((gap) => (
          <span key={gap} className="block text-[13px] text-rust-ink">
            {gap}
          </span>
        ))}
      </td>
      <td className="pr-2">
        {one.promised ? (
          <DaysPick
            label={t('delivery.destinationRow.transitTime', { name })}
            value={one.transit}
            shown={one.transit ? range(one.transit) : t('delivery.destinationRow.asElsewhere')}
            none={t('delivery.destinationRow.sameAsOtherCountries')}
            onSet={(transit) => set({ transit })}
          />
        ) : (
          t('delivery.destinationRow.noDeliveryDate')
        )}
      </td>
      <td className="pr-2">
        <T
          id="delivery.destinationRow.carrierDaysOnly"
          values={{
            days: (
              <PickMany
                label={t('delivery.destinationRow.carrierDays', { name })}
                values={[...(one.days ?? usual)] as NonNullable<Destination['days']>}
                any={weekdays([])}
                shown={weekdays([...(one.days ?? usual)])}
                choices={DAY_CHOICES}
                onPick={(days) => quick({ days })}
              />
            ),
            except: exceptions(isChosen, holidays.length > 0),
            regions: (
              <RegionsPick
                label={t('delivery.destinationRow.carriersHolidays', { name })}
                values={one.holidays ?? []}
                none={t('delivery.destinationRow.itsOwnHolidays')}
                onSet={(regions) => set({ holidays: regions.length > 0 ? regions : undefined })}
              />
            ),
            holidays: <span className="text-ink-2">{holidays.join(', ')}</span>,
          }}
        />
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
          name={t('delivery.destinationRow.moreFor', { name })}
          className="rounded-md px-1.5 py-1 hover:bg-plum-soft"
        >
          <MenuItem onSelect={() => quick({ promised: !one.promised })}>
            {one.promised
              ? t('delivery.destinationRow.hideDeliveryDate')
              : t('delivery.destinationRow.showDeliveryDate')}
          </MenuItem>
          <MenuItem onSelect={() => quick({ days: undefined })}>
            {t('delivery.destinationRow.theCarriersUsualDays')}
          </MenuItem>
          <MenuItem onSelect={() => onPut('copy')}>
            {t('delivery.destinationRow.copyForASeason')}
          </MenuItem>
          <MenuItem onSelect={() => quick({ on: !one.on })}>
            {one.on ? t('delivery.destinationRow.turnOff') : t('delivery.destinationRow.turnOn')}
          </MenuItem>
          <MenuItem onSelect={() => onPut('remove')}>
            {t('delivery.destinationRow.remove')}
          </MenuItem>
        </Menu>
      </td>
    </tr>
  );
}
