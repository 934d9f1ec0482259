import { Menu, MenuItem } from '../../ui/menu';
import { InlineSelect } from '../../ui/inline-select';
import { number } from '../../shared/format';
import type { Rule, RuleGroup } from '../layout/nod-queries';
import { ConditionRow } from './condition-row';
import { faultOf, type FaceProps } from './face';
import { T, t } from '../../shared/t';

interface ConditionsProps {
  root: RuleGroup;
  alone: Record<string, number>;
  faults: FaceProps['faults'];
  onChange: (root: RuleGroup) => void;
}

const TOGETHER = [
  { value: 'ALL_OF' as const, text: t('nod.conditions.allOf') },
  { value: 'ANY_OF' as const, text: t('nod.conditions.anyOf') },
];

const KINDS: { text: string; rule: Rule }[] = [
  { text: t('nod.conditions.numberOfReviews'), rule: { kind: 'REVIEWS_AT_LEAST', count: 5 } },
  {
    text: t('nod.conditions.averageRating'),
    rule: { kind: 'RATING_AT_LEAST', stars: 4, count: 5 },
  },
  { text: t('nod.conditions.category'), rule: { kind: 'IN_CATEGORY', names: [] } },
  { text: t('nod.conditions.tag'), rule: { kind: 'HAS_TAG', names: [] } },
  { text: t('nod.conditions.product'), rule: { kind: 'PRODUCT_IN', names: [] } },
  { text: t('nod.conditions.brand'), rule: { kind: 'BRAND_IN', names: [] } },
  { text: t('nod.conditions.priceDrop'), rule: { kind: 'PERCENT_OFF_BETWEEN', least: 20 } },
  { text: t('nod.conditions.stock'), rule: { kind: 'STOCK_BETWEEN', least: 1 } },
  {
    text: t('nod.conditions.unitsSold'),
    rule: { kind: 'SOLD_AT_LEAST', count: 10, window: 30 },
  },
  {
    text: t('nod.conditions.bestSeller'),
    rule: { kind: 'RANK_AT_MOST', count: 5, window: 30 },
  },
  { text: t('nod.conditions.timeInTheShop'), rule: { kind: 'PUBLISHED_WITHIN', window: 30 } },
  { text: t('nod.conditions.productImage'), rule: { kind: 'HAS_PICTURE' } },
  { text: t('nod.conditions.price'), rule: { kind: 'PRICE_BETWEEN', least: 10 } },
  { text: t('nod.conditions.country'), rule: { kind: 'COUNTRY_IN', names: ['PT'] } },
  { text: t('nod.conditions.language'), rule: { kind: 'LANGUAGE_IN', names: ['en'] } },
  { text: t('nod.conditions.dates'), rule: { kind: 'BETWEEN' } },
  {
    text: t('nod.conditions.timeOfDay'),
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
  rule: RuleGroup;
  /** its place, such as '2'; empty at the top */
  path: string;
  field: string;
  alone: Record<string, number>;
  faults: FaceProps['faults'];
  onChange: (rule: RuleGroup) => void;
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
        <T
          id="nod.conditions.head"
          values={{
            isTop: top ? 'yes' : 'no',
            which: (
              <InlineSelect
                label={top ? t('nod.conditions.combine') : t('nod.conditions.combineInThisGroup')}
                value={rule.kind === 'ANY_OF' ? 'ANY_OF' : 'ALL_OF'}
                choices={TOGETHER}
                onPick={(kind) => onChange({ ...rule, kind })}
              />
            ),
          }}
        />
        <span className="flex-1" />
        {top && parts.length > 0 && (
          <span className="text-[12px]">{t('nod.conditions.matchThisCondition')}</span>
        )}
      </p>
      <ul className="mt-1.5 ml-1 flex flex-col gap-2 border-l-2 border-plum pl-3.5">
        {parts.length === 0 && (
          <li className="text-ink-2">
            {rule.kind === 'ANY_OF'
              ? t('nod.conditions.emptyGroupNeverMatches')
              : t('nod.conditions.noConditionsShownOnEvery')}
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
                  <ConditionRow
                    rule={part}
                    fault={(name) => faultOf(faults, name ? `${own}.${name}` : own)}
                    onChange={(next) => put(index, next)}
                  />
                )}
              </div>
              <b
                className="text-ink-2 tabular-nums"
                aria-label={t('nod.conditions.matchThisCondition')}
              >
                {alone[place] === undefined ? '' : number(alone[place])}
              </b>
              <button
                type="button"
                aria-label={t('nod.conditions.removeCondition', { place })}
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
      mark={top ? t('nod.conditions.addACondition') : t('nod.conditions.addToTheGroup')}
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
          {t('nod.conditions.groupOfConditions')}
        </MenuItem>
      )}
    </Menu>
  );
}
