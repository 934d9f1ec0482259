import { Menu, MenuItem } from '../../../ui/menu';
import { Pick } from '../../../ui/pick';
import { number } from '../../../shared/words';
import type { Rule } from '../nod-queries';
import { OneCondition } from './one-condition';
import { faultOf, type FaceProps } from './face';

interface ConditionsProps {
  root: Rule;
  alone: Record<string, number>;
  faults: FaceProps['faults'];
  onChange: (root: Rule) => void;
}

const TOGETHER = [
  { value: 'ALL_OF' as const, text: 'all of' },
  { value: 'ANY_OF' as const, text: 'any of' },
];

const KINDS: { text: string; rule: Rule }[] = [
  { text: 'it has so many reviews', rule: { kind: 'REVIEWS_AT_LEAST', count: 5 } },
  { text: 'its mean is at least', rule: { kind: 'RATING_AT_LEAST', stars: 4, count: 5 } },
  { text: 'it is in a category', rule: { kind: 'IN_CATEGORY', names: [] } },
  { text: 'it has a tag', rule: { kind: 'HAS_TAG', names: [] } },
  { text: 'it is one of these products', rule: { kind: 'PRODUCT_IN', names: [] } },
  { text: 'it is sold under a brand', rule: { kind: 'BRAND_IN', names: [] } },
  { text: 'its price fell by so much', rule: { kind: 'PERCENT_OFF_BETWEEN', least: 20 } },
  { text: 'so many are in stock', rule: { kind: 'STOCK_BETWEEN', least: 1 } },
  { text: 'so many were sold', rule: { kind: 'SOLD_AT_LEAST', count: 10, window: 30 } },
  { text: 'it sells among the best', rule: { kind: 'RANK_AT_MOST', count: 5, window: 30 } },
  { text: 'it is new in the shop', rule: { kind: 'PUBLISHED_WITHIN', window: 30 } },
  { text: 'it has a picture', rule: { kind: 'HAS_PICTURE' } },
  { text: 'its price is between', rule: { kind: 'PRICE_BETWEEN', least: 10 } },
  { text: 'the shopper is in a country', rule: { kind: 'COUNTRY_IN', names: ['PT'] } },
  { text: 'the shopper reads a language', rule: { kind: 'LANGUAGE_IN', names: ['en'] } },
  { text: 'it is from one date to another', rule: { kind: 'BETWEEN' } },
  {
    text: 'it is a time of day',
    rule: {
      kind: 'DAILY',
      from: '09:00',
      to: '18:00',
      days: ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY'],
    },
  },
];

/** A group of conditions as sentences on a stem; a group may stand in it once. */
export function Conditions({ root, alone, faults, onChange }: ConditionsProps) {
  return (
    <Group rule={root} path="" field="audience" alone={alone} faults={faults} onChange={onChange} />
  );
}

interface GroupProps {
  rule: Rule;
  /** its place, such as '2'; empty at the top */
  path: string;
  field: string;
  alone: Record<string, number>;
  faults: FaceProps['faults'];
  onChange: (rule: Rule) => void;
}

function Group({ rule, path, field, alone, faults, onChange }: GroupProps) {
  const parts = rule.parts ?? [];
  const top = path === '';
  const put = (index: number, next: Rule | undefined) =>
    onChange({
      ...rule,
      parts: parts.flatMap((one, i) => (i !== index ? [one] : next ? [next] : [])),
    });
  return (
    <div>
      <p className="flex items-baseline gap-1.5 text-ink-2">
        {top ? 'Shows on a product when' : 'when'}
        <Pick
          label={top ? 'Together' : 'Together in the group'}
          value={rule.kind === 'ANY_OF' ? 'ANY_OF' : 'ALL_OF'}
          choices={TOGETHER}
          onPick={(kind) => onChange({ ...rule, kind })}
        />
        {parts.length === 1 ? 'this is true' : 'these are true'}
        <span className="flex-1" />
        {top && parts.length > 0 && <span className="text-[12px]">fit alone</span>}
      </p>
      <ul className="mt-1.5 ml-1 flex flex-col gap-2 border-l-2 border-plum pl-3.5">
        {parts.length === 0 && (
          <li className="text-ink-2">
            {rule.kind === 'ANY_OF' ? 'no condition, so nothing fits' : 'no condition: for all'}
          </li>
        )}
        {parts.map((part, index) => {
          const place = path ? `${path}.${index + 1}` : String(index + 1);
          const own = `${field}.${index + 1}`;
          return (
            <li key={place} className="flex items-baseline gap-2">
              <div className="min-w-0 flex-1">
                {part.kind === 'ALL_OF' || part.kind === 'ANY_OF' ? (
                  <Group
                    rule={part}
                    path={place}
                    field={own}
                    alone={alone}
                    faults={faults}
                    onChange={(next) => put(index, next)}
                  />
                ) : (
                  <OneCondition
                    rule={part}
                    fault={(name) => faultOf(faults, name ? `${own}.${name}` : own)}
                    onChange={(next) => put(index, next)}
                  />
                )}
              </div>
              <b className="text-ink-2 tabular-nums" aria-label="fit alone">
                {alone[place] === undefined ? '' : number(alone[place])}
              </b>
              <button
                type="button"
                aria-label={`Remove condition ${place}`}
                className="rounded px-1 text-ink-2 hover:bg-paper-2"
                onClick={() => put(index, undefined)}
              >
                ×
              </button>
            </li>
          );
        })}
        <li>
          <Add top={top} onAdd={(next) => onChange({ ...rule, parts: [...parts, next] })} />
        </li>
      </ul>
    </div>
  );
}

function Add({ top, onAdd }: { top: boolean; onAdd: (rule: Rule) => void }) {
  return (
    <Menu
      mark={top ? 'Add a condition' : 'Add to the group'}
      className="text-plum underline"
      align="start"
    >
      {KINDS.map(({ text, rule }) => (
        <MenuItem key={text} onSelect={() => onAdd(rule)}>
          {text}
        </MenuItem>
      ))}
      {top && (
        <MenuItem
          onSelect={() =>
            onAdd({ kind: 'ANY_OF', parts: [{ kind: 'REVIEWS_AT_LEAST', count: 5 }] })
          }
        >
          a group of conditions
        </MenuItem>
      )}
    </Menu>
  );
}
