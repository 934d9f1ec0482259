import { shopToday } from '../../shared/shop-time';
import { DropdownMenu } from 'radix-ui';
import { Menu, MenuItem } from '../../ui/menu';
import { Caret } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { DatesPick } from './dates-pick';
import { DaysPick } from './days-pick';
import { NumberPick } from './figure-pick';
import { RegionsPick } from './regions-pick';
import { WeekPick } from './week-pick';
import { closedWeekdays, ruleTitle, leaves, range, season } from './labels';
import type { DeliveryRule, RuleReading } from './queries';
import type { RuleAction } from './rule-list';
import { T, t } from '../../shared/t';
import { all } from '../../shared/format';

type Field = RuleReading['wins'][number];

const FIELDS: Record<Field, string> = {
  HANDLING: t('delivery.ruleCard.handlingTime'),
  DISPATCH: t('delivery.ruleCard.orderCutOffName'),
  HOLIDAYS: t('delivery.ruleCard.holidaysName'),
  LONGER: t('delivery.ruleCard.transit'),
};

interface LayerCardProps {
  layer: DeliveryRule;
  reading: RuleReading | undefined;
  stock: number | undefined;
  names: Map<string, string>;
  gaps: string[];
  onSet: (layer: DeliveryRule, words: string) => Promise<unknown>;
  onAct: (act: RuleAction) => void;
}

/** One delivery rule as a sentence: what wins is in force, what is overruled is struck through. */
export function RuleCard(props: LayerCardProps) {
  const { layer, reading, stock, names, gaps, onSet, onAct } = props;
  const title = ruleTitle(layer, names);
  const wins = (reading?.applies && reading.wins) || [];
  const struck = (field: Field) => layer.on && !!reading && !wins.includes(field);
  const put = (change: Partial<DeliveryRule>) => onSet({ ...layer, ...change }, title);
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
  put: (change: Partial<DeliveryRule>) => Promise<unknown>;
}

function LayerSentence({ layer, reading, stock, struck, put }: LayerSentenceProps) {
  const closed = layer.cutOffs ? closedWeekdays(layer.cutOffs) : '';
  return (
    <p className="space-x-1 text-[13.5px] leading-[1.7] text-ink-2">
      {layer.handling && (
        <span>
          <T
            id="delivery.ruleCard.ships2"
            values={{
              daysPick: (
                <DaysPick
                  label={t('delivery.ruleCard.ships')}
                  value={layer.handling}
                  shown={leaves(layer.handling)}
                  isOverruled={struck('HANDLING')}
                  onSet={(handling) => put({ handling })}
                />
              ),
            }}
          />
        </span>
      )}
      {layer.cutOffs && (
        <span>
          <T
            id="delivery.ruleCard.orderCutOff"
            values={{
              weekPick: (
                <WeekPick
                  value={layer.cutOffs}
                  isOverruled={struck('DISPATCH')}
                  onSet={(times) => put({ cutOffs: times as NonNullable<DeliveryRule['cutOffs']> })}
                />
              ),
            }}
          />
        </span>
      )}
      {(closed || layer.holidays) && (
        <span>
          <T
            id="delivery.ruleCard.noShippingOn"
            values={{
              on: closed && layer.holidays ? 'BOTH' : closed ? 'DAYS' : 'HOLIDAYS',
              days: closed,
              regions: (
                <RegionsPick
                  label={t('delivery.ruleCard.holidays')}
                  values={layer.holidays ?? []}
                  none={t('delivery.ruleCard.noCountry')}
                  isOverruled={struck('HOLIDAYS')}
                  onSet={(holidays) => put({ holidays })}
                />
              ),
            }}
          />
        </span>
      )}
      {layer.longer && (
        <span>
          <T
            id="delivery.ruleCard.transitTakes"
            values={{
              daysPick: (
                <DaysPick
                  label={t('delivery.ruleCard.longerTransit')}
                  value={layer.longer}
                  shown={t('delivery.ruleCard.workingDaysLonger', { range: range(layer.longer) })}
                  isOverruled={struck('LONGER')}
                  onSet={(longer) => put({ longer })}
                />
              ),
            }}
          />
        </span>
      )}
      {layer.whileStockAbove !== undefined && (
        <span>
          <T
            id="delivery.ruleCard.onlyWhileStockIsAbove2"
            values={{
              figurePick: (
                <NumberPick
                  label={t('delivery.ruleCard.onlyWhileStockIsAbove')}
                  value={layer.whileStockAbove}
                  onSet={(whileStockAbove) => put({ whileStockAbove })}
                />
              ),
              isRead: reading && stock !== undefined ? 'yes' : 'no',
              stock: stock ?? '',
            }}
          />
        </span>
      )}
      {layer.season && (
        <span>
          <T
            id="delivery.ruleCard.forOrdersFrom"
            values={{
              datesPick: (
                <DatesPick
                  label={t('delivery.ruleCard.season')}
                  value={layer.season}
                  shown={season(layer.season)}
                  onSet={(dates) => put({ season: dates })}
                />
              ),
            }}
          />
        </span>
      )}
      {isEmpty(layer) && t('delivery.ruleCard.thisRuleIsEmptyAdd')}
    </p>
  );
}

const isEmpty = (layer: DeliveryRule) =>
  !layer.handling && !layer.cutOffs && !layer.holidays && !layer.longer;

function status(layer: DeliveryRule, reading: RuleReading | undefined): string {
  if (!layer.on) return t('delivery.ruleCard.off');
  if (!reading) return t('delivery.ruleCard.otherProducts');
  if (!reading.applies)
    return layer.whileStockAbove !== undefined && !layer.season
      ? t('delivery.ruleCard.notAppliedStockTooLow')
      : t('delivery.ruleCard.notAppliedOnThisDate');
  return reading.wins.length === 0
    ? t('delivery.ruleCard.aMoreSpecificRuleApplies')
    : t('delivery.ruleCard.applies', { rest: all(reading.wins.map((field) => FIELDS[field])) });
}

interface LayerMenuProps {
  layer: DeliveryRule;
  title: string;
  put: (change: Partial<DeliveryRule>) => Promise<unknown>;
  onAct: (act: RuleAction) => void;
}

function LayerMenu({ layer, title, put, onAct }: LayerMenuProps) {
  const { sayProblem } = useNotify();
  const today = shopToday();
  const set = (change: Partial<DeliveryRule>) => void put(change).catch(sayProblem);
  const part = (
    has: boolean,
    text: string,
    add: Partial<DeliveryRule>,
    drop: Partial<DeliveryRule>,
  ) => (
    <MenuItem onSelect={() => set(has ? drop : add)}>
      {has
        ? t('delivery.ruleCard.removeFromThisRule', { text })
        : t('delivery.ruleCard.add', { text })}
    </MenuItem>
  );
  return (
    <Menu
      mark={<Caret />}
      name={t('delivery.ruleCard.moreFor', { title })}
      className="rounded-md px-1.5 py-1 hover:bg-plum-soft"
    >
      {part(
        !!layer.handling,
        t('delivery.ruleCard.handlingTime'),
        { handling: { least: 1, most: 2 } },
        { handling: undefined },
      )}
      {part(
        !!layer.cutOffs,
        t('delivery.ruleCard.weekdaysAndCutOffs'),
        { cutOffs: WEEK },
        { cutOffs: undefined },
      )}
      {part(
        !!layer.holidays,
        t('delivery.ruleCard.holidaysName'),
        { holidays: [] },
        { holidays: undefined },
      )}
      {part(
        !!layer.longer,
        t('delivery.ruleCard.longerTransit2'),
        { longer: { least: 1, most: 2 } },
        { longer: undefined },
      )}
      {part(
        !!layer.season,
        t('delivery.ruleCard.season2'),
        { season: { first: today, last: today } },
        { season: undefined },
      )}
      {part(
        layer.whileStockAbove !== undefined,
        t('delivery.ruleCard.minimumStock'),
        { whileStockAbove: 0 },
        { whileStockAbove: undefined },
      )}
      <DropdownMenu.Separator className="my-1 border-t border-line" />
      <MenuItem onSelect={() => set({ on: !layer.on })}>
        {layer.on ? t('delivery.ruleCard.turnOff') : t('delivery.ruleCard.turnOn')}
      </MenuItem>
      <MenuItem onSelect={() => onAct('copy')}>{t('delivery.ruleCard.copy')}</MenuItem>
      <MenuItem onSelect={() => onAct('up')}>{t('delivery.ruleCard.moveUp')}</MenuItem>
      <MenuItem onSelect={() => onAct('down')}>{t('delivery.ruleCard.moveDown')}</MenuItem>
      <MenuItem onSelect={() => onAct('remove')}>{t('delivery.ruleCard.remove')}</MenuItem>
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
