import { useState, type ReactNode } from 'react';
import { InlineSelect } from '../../ui/inline-select';
import { PickMany } from '../../ui/pick-many';
import { DAY_CHOICES, NumberField, INPUT, When } from '../../ui/inputs';
import { COUNTRIES, LANGUAGES } from '../layout/places';
import { useCategories } from '../layout/queries';
import { ProductsPick } from './products-pick';
import type { Rule } from '../layout/nod-queries';
import { T, t } from '../../shared/t';

interface OneProps {
  rule: Rule;
  /** what is wrong with a part of it, or with all of it under '' */
  fault: (name: string) => string | undefined;
  onChange: (rule: Rule) => void;
}

/** One condition as a sentence whose parts can be changed in place. */
export function ConditionRow({ rule, fault, onChange }: OneProps) {
  const faults = [
    '',
    'count',
    'stars',
    'names',
    'least',
    'most',
    'from',
    'to',
    'days',
    'window',
  ].flatMap((name) => fault(name) ?? []);
  return (
    <>
      <span className="flex flex-wrap items-baseline gap-x-1.5 gap-y-1">
        <Sentence rule={rule} fault={fault} onChange={onChange} />
      </span>
      {faults.map((text) => (
        <span key={text} role="alert" className="block text-[13px] text-rust-ink">
          {text}
        </span>
      ))}
    </>
  );
}

/** What each sentence is put together from. */
interface Parts {
  rule: Rule;
  set: (changes: Partial<Rule>) => void;
  figure: (name: FigureName, label: string, step?: number) => ReactNode;
}

function Sentence({ rule, onChange }: OneProps): ReactNode {
  const set = (changes: Partial<Rule>) => onChange({ ...rule, ...changes });
  const figure = (name: FigureName, label: string, step = 1) => (
    <NumberField
      label={label}
      value={rule[name]}
      step={step}
      onSet={(value) =>
        onChange(value === undefined ? without(rule, name) : { ...rule, [name]: value })
      }
    />
  );
  const parts = { rule, set, figure };
  return ofTheProduct(parts) ?? ofItsFigures(parts) ?? ofTheShopper(parts) ?? null;
}

/** What the product is. */
function ofTheProduct({ rule, set, figure }: Parts): ReactNode {
  const names = rule.names ?? [];
  const setNames = (next: string[]) => set({ names: next });
  switch (rule.kind) {
    case 'IN_CATEGORY':
      return (
        <>
          <T
            id="nod.conditionRow.theCategoryIs"
            values={{ categories: <Categories rule={rule} onSet={setNames} /> }}
          />
        </>
      );
    case 'HAS_TAG':
      return (
        <>
          <T
            id="nod.conditionRow.theTagIs"
            values={{
              words: (
                <Words
                  label={t('nod.conditionRow.tagsSeparatedByCommas')}
                  values={names}
                  onSet={setNames}
                />
              ),
            }}
          />
        </>
      );
    case 'PRODUCT_IN':
      return (
        <>
          <T
            id="nod.conditionRow.theProductIs"
            values={{ productsPick: <ProductsPick values={names} onSet={setNames} /> }}
          />
        </>
      );
    case 'BRAND_IN':
      return (
        <>
          <T
            id="nod.conditionRow.theBrandIs"
            values={{
              words: (
                <Words
                  label={t('nod.conditionRow.brandsSeparatedByCommas')}
                  values={names}
                  onSet={setNames}
                />
              ),
            }}
          />
        </>
      );
    case 'HAS_PICTURE':
      return <>{t('nod.conditionRow.theProductHasAnImage')}</>;
    case 'PUBLISHED_WITHIN':
      return (
        <>
          <T
            id="nod.conditionRow.itWasAddedToThe"
            values={{ figure: figure('window', t('nod.conditionRow.days')) }}
          />
        </>
      );
    default:
      return undefined;
  }
}

/** What is counted or measured of the product. */
function ofItsFigures({ rule, set, figure }: Parts): ReactNode {
  switch (rule.kind) {
    case 'REVIEWS_AT_LEAST':
      return (
        <>
          <T
            id="nod.conditionRow.itHasAtLeastPublished"
            values={{ figure: figure('count', t('nod.conditionRow.minimumReviews')) }}
          />
        </>
      );
    case 'RATING_AT_LEAST':
      return (
        <>
          <T
            id="nod.conditionRow.theAverageRatingIsAt"
            values={{
              figure: figure('stars', t('nod.conditionRow.minimumAverage'), 0.1),
              figure2: figure('count', t('nod.conditionRow.minimumReviews')),
            }}
          />
        </>
      );
    case 'PERCENT_OFF_BETWEEN':
      return (
        <>
          <T
            id="nod.conditionRow.thePriceIsToBelow"
            values={{
              figure: figure('least', t('nod.conditionRow.lowestPercentage')),
              figure2: figure('most', t('nod.conditionRow.highestPercentage')),
            }}
          />
        </>
      );
    case 'PRICE_BETWEEN':
      return (
        <>
          <T
            id="nod.conditionRow.thePriceIsBetweenAnd"
            values={{
              figure: figure('least', t('nod.conditionRow.lowestPrice'), 0.01),
              figure2: figure('most', t('nod.conditionRow.highestPrice'), 0.01),
            }}
          />
        </>
      );
    case 'STOCK_BETWEEN':
      return (
        <>
          <T
            id="nod.conditionRow.stockIsBetweenAnd"
            values={{
              figure: figure('least', t('nod.conditionRow.minimumStock')),
              figure2: figure('most', t('nod.conditionRow.maximumStock')),
            }}
          />
        </>
      );
    case 'SOLD_AT_LEAST':
      return (
        <>
          <T
            id="nod.conditionRow.atLeastWereSoldIn"
            values={{
              figure: figure('count', t('nod.conditionRow.minimumSold')),
              figure2: figure('window', t('nod.conditionRow.days')),
            }}
          />
        </>
      );
    case 'RANK_AT_MOST':
      return (
        <>
          <T
            id="nod.conditionRow.itIsOneOfThe"
            values={{
              figure: figure('count', t('nod.conditionRow.top')),
              pick: (
                <InlineSelect
                  label={t('nod.conditionRow.in')}
                  value={rule.inShop ? 'shop' : 'category'}
                  choices={AMONG}
                  onPick={(among) => set({ inShop: among === 'shop' })}
                />
              ),
              figure2: figure('window', t('nod.conditionRow.days')),
            }}
          />
        </>
      );
    default:
      return undefined;
  }
}

/** Who looks, and when. */
function ofTheShopper({ rule, set }: Parts): ReactNode {
  const hours = (type: 'datetime-local' | 'time') => (
    <>
      <T
        id="nod.conditionRow.itIsBetweenAndShop"
        values={{
          when: (
            <When
              type={type}
              label={t('nod.conditionRow.from')}
              value={rule.from}
              onSet={(from) => set({ from })}
            />
          ),
          when2: (
            <When
              type={type}
              label={t('nod.conditionRow.to')}
              value={rule.to}
              onSet={(to) => set({ to })}
            />
          ),
        }}
      />
    </>
  );
  const many = (label: string, choices: ManyProps['choices']) => (
    <Many label={label} rule={rule} choices={choices} onSet={(names) => set({ names })} />
  );
  switch (rule.kind) {
    case 'COUNTRY_IN':
      return (
        <>
          <T
            id="nod.conditionRow.theShopperIsIn"
            values={{ many: many(t('nod.conditionRow.countries'), COUNTRIES) }}
          />
        </>
      );
    case 'LANGUAGE_IN':
      return (
        <>
          <T
            id="nod.conditionRow.theShoppersLanguageIs"
            values={{ many: many(t('nod.conditionRow.languages'), LANGUAGES) }}
          />
        </>
      );
    case 'BETWEEN':
      return (
        <>
          <T id="nod.conditionRow.itIs" values={{ hours: hours('datetime-local') }} />
        </>
      );
    case 'DAILY':
      return (
        <>
          <T
            id="nod.conditionRow.itIs2"
            values={{
              pickMany: (
                <PickMany
                  label={t('nod.conditionRow.weekdays')}
                  values={rule.days ?? []}
                  any={t('nod.conditionRow.noDay')}
                  choices={DAY_CHOICES}
                  onPick={(days) => set({ days })}
                />
              ),
              hours: hours('time'),
            }}
          />
        </>
      );
    default:
      return undefined;
  }
}

const AMONG = [
  { value: 'category', text: t('nod.conditionRow.itsCategory') },
  { value: 'shop', text: t('nod.conditionRow.theWholeShop') },
];

type FigureName = 'count' | 'stars' | 'least' | 'most' | 'window';

function without(rule: Rule, name: FigureName): Rule {
  const rest = { ...rule };
  delete rest[name];
  return rest;
}

interface WordsProps {
  label: string;
  values: string[];
  onSet: (names: string[]) => void;
}

const parted = (text: string) => text.split(',').flatMap((one) => one.trim() || []);

function Words({ label, values, onSet }: WordsProps) {
  const [typed, setTyped] = useState('');
  const isOwn = parted(typed).join() === values.join();
  return (
    <input
      aria-label={label}
      value={isOwn ? typed : values.join(', ')}
      placeholder={label}
      className={`w-[14em] ${INPUT}`}
      onChange={(event) => {
        setTyped(event.target.value);
        onSet(parted(event.target.value));
      }}
    />
  );
}

interface ManyProps {
  label: string;
  rule: Rule;
  choices: { value: string; text: string }[];
  onSet: (names: string[]) => void;
}

function Categories({ rule, onSet }: Omit<ManyProps, 'label' | 'choices'>) {
  return (
    <Many
      label={t('nod.conditionRow.categories')}
      rule={rule}
      choices={useCategories()}
      onSet={onSet}
    />
  );
}

function Many({ label, rule, choices, onSet }: ManyProps) {
  return (
    <PickMany
      label={label}
      values={rule.names ?? []}
      any={t('nod.conditionRow.choose')}
      choices={choices}
      onPick={onSet}
    />
  );
}
