import { shopToday } from '../../shared/shop-time';
import { DropdownMenu } from 'radix-ui';
import { Menu, MenuItem } from '../../ui/menu';
import { Caret } from '../../ui/pick';
import { useSay } from '../../ui/toasts';
import { DatesPick } from './dates-pick';
import { DaysPick } from './days-pick';
import { FigurePick } from './figure-pick';
import { RegionsPick } from './regions-pick';
import { WeekPick } from './week-pick';
import { closedWeekdays, layerTitle, leaves, range, season } from './words';
import type { Layer, LayerReading } from './queries';

type Field = LayerReading['wins'][number];

const FIELDS: Record<Field, string> = {
  HANDLING: 'leaving',
  DISPATCH: 'cut-offs',
  HOLIDAYS: 'holidays',
  LONGER: 'the way',
};

interface LayerCardProps {
  layer: Layer;
  reading: LayerReading | undefined;
  stock: number | undefined;
  names: Map<string, string>;
  gaps: string[];
  onSet: (layer: Layer, words: string) => Promise<unknown>;
  onAct: (act: LayerAct) => void;
}

export type LayerAct = 'copy' | 'up' | 'down' | 'remove';

/** One layer of timings as a sentence: what wins is in force, what is overruled is struck through. */
export function LayerCard(props: LayerCardProps) {
  const { layer, reading, stock, names, gaps, onSet, onAct } = props;
  const title = layerTitle(layer, names);
  const wins = (reading?.applies && reading.wins) || [];
  const struck = (field: Field) => layer.on && !!reading && !wins.includes(field);
  const put = (change: Partial<Layer>) => onSet({ ...layer, ...change }, title);
  return (
    <li
      aria-label={title}
      className={`rounded-xl border px-3 pt-2 pb-2.5 ${wins.length > 0 ? 'border-[#a9cdb4] bg-white shadow-[inset_4px_0_0_var(--color-fern)]' : 'border-line bg-paper-2'} ${layer.on ? '' : 'opacity-70'}`}
    >
      <div className="flex items-baseline gap-2">
        <h3 className="font-text text-[13px] font-semibold tracking-normal">{title}</h3>
        <span
          className={`ml-auto rounded-full border px-2 text-[12px] ${wins.length > 0 ? 'border-[#a9cdb4] bg-fern-soft text-fern-ink' : 'border-line-2 text-ink-2'}`}
        >
          {status(layer, reading)}
        </span>
        <LayerMenu layer={layer} title={title} put={put} onAct={onAct} />
      </div>
      <LayerSentence layer={layer} reading={reading} stock={stock} struck={struck} put={put} />
      {gaps.map((gap) => (
        <p key={gap} className="text-[13px] text-rust-ink">
          {gap}
        </p>
      ))}
    </li>
  );
}

interface LayerSentenceProps extends Pick<LayerCardProps, 'layer' | 'reading' | 'stock'> {
  struck: (field: Field) => boolean;
  put: (change: Partial<Layer>) => Promise<unknown>;
}

function LayerSentence({ layer, reading, stock, struck, put }: LayerSentenceProps) {
  return (
    <p className="flex flex-wrap items-baseline gap-x-1 text-[13.5px] leading-[1.7] text-ink-2">
      {layer.handling && (
        <>
          Leaves
          <DaysPick
            label="Leaves"
            value={layer.handling}
            shown={leaves(layer.handling)}
            isOverruled={struck('HANDLING')}
            onSet={(handling) => put({ handling })}
          />
        </>
      )}
      {layer.cutOffs && (
        <>
          <span>{layer.handling && '; '}orders until</span>
          <WeekPick
            value={layer.cutOffs}
            isOverruled={struck('DISPATCH')}
            onSet={(times) => put({ cutOffs: times as NonNullable<Layer['cutOffs']> })}
          />
          <span>; nothing leaves on {closedWeekdays(layer.cutOffs)}</span>
        </>
      )}
      {layer.holidays && (
        <>
          <span>and on holidays of</span>
          <RegionsPick
            label="Holidays"
            values={layer.holidays}
            none="no country"
            isOverruled={struck('HOLIDAYS')}
            onSet={(holidays) => put({ holidays })}
          />
        </>
      )}
      {layer.longer && (
        <>
          takes
          <DaysPick
            label="Longer on the way"
            value={layer.longer}
            shown={`${range(layer.longer)} working days longer`}
            isOverruled={struck('LONGER')}
            onSet={(longer) => put({ longer })}
          />
          on the way
        </>
      )}
      {layer.whileStockAbove !== undefined && (
        <>
          while stock is above
          <FigurePick
            label="While stock is above"
            value={layer.whileStockAbove}
            onSet={(whileStockAbove) => put({ whileStockAbove })}
          />
          {reading && stock !== undefined && <span>(it is {stock} now)</span>}
        </>
      )}
      {layer.season && (
        <>
          for orders of
          <DatesPick
            label="Season"
            value={layer.season}
            shown={season(layer.season)}
            onSet={(dates) => put({ season: dates })}
          />
        </>
      )}
      {isEmpty(layer) && 'Sets nothing yet: add a timing by its menu.'}
    </p>
  );
}

const isEmpty = (layer: Layer) =>
  !layer.handling && !layer.cutOffs && !layer.holidays && !layer.longer;

function status(layer: Layer, reading: LayerReading | undefined): string {
  if (!layer.on) return 'switched off';
  if (!reading) return 'not for this order';
  if (!reading.applies)
    return layer.whileStockAbove !== undefined && !layer.season
      ? 'waits for more stock'
      : 'not on this day';
  const [first, ...rest] = reading.wins.map((field) => FIELDS[field]);
  if (!first) return 'overruled here';
  return `wins for ${rest.length > 0 ? `${[first, ...rest.slice(0, -1)].join(', ')} and ${rest.at(-1)}` : first}`;
}

interface LayerMenuProps {
  layer: Layer;
  title: string;
  put: (change: Partial<Layer>) => Promise<unknown>;
  onAct: (act: LayerAct) => void;
}

function LayerMenu({ layer, title, put, onAct }: LayerMenuProps) {
  const { sayProblem } = useSay();
  const today = shopToday();
  const set = (change: Partial<Layer>) => void put(change).catch(sayProblem);
  const part = (has: boolean, text: string, add: Partial<Layer>, drop: Partial<Layer>) => (
    <MenuItem onSelect={() => set(has ? drop : add)}>
      {has ? `Leave ${text} as it is elsewhere` : `Set ${text}`}
    </MenuItem>
  );
  return (
    <Menu
      mark={<Caret />}
      name={`More for ${title}`}
      className="rounded-md px-1.5 py-1 hover:bg-plum-soft"
    >
      {part(
        !!layer.handling,
        'when it leaves',
        { handling: { least: 1, most: 2 } },
        { handling: undefined },
      )}
      {part(!!layer.cutOffs, 'weekdays and cut-offs', { cutOffs: WEEK }, { cutOffs: undefined })}
      {part(!!layer.holidays, 'holidays', { holidays: [] }, { holidays: undefined })}
      {part(
        !!layer.longer,
        'more days on the way',
        { longer: { least: 1, most: 2 } },
        { longer: undefined },
      )}
      {part(
        !!layer.season,
        'a season',
        { season: { first: today, last: today } },
        { season: undefined },
      )}
      {part(
        layer.whileStockAbove !== undefined,
        'a stock that it needs',
        { whileStockAbove: 0 },
        { whileStockAbove: undefined },
      )}
      <DropdownMenu.Separator className="my-1 border-t border-line" />
      <MenuItem onSelect={() => set({ on: !layer.on })}>
        {layer.on ? 'Switch off' : 'Switch on'}
      </MenuItem>
      <MenuItem onSelect={() => onAct('copy')}>Copy</MenuItem>
      <MenuItem onSelect={() => onAct('up')}>Move up</MenuItem>
      <MenuItem onSelect={() => onAct('down')}>Move down</MenuItem>
      <MenuItem onSelect={() => onAct('remove')}>Remove</MenuItem>
    </Menu>
  );
}

const WEEK = {
  MONDAY: '16:00',
  TUESDAY: '16:00',
  WEDNESDAY: '16:00',
  THURSDAY: '16:00',
  FRIDAY: '16:00',
};
