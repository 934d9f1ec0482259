import type { ReactNode } from 'react';
import { InlineSelect } from '../../ui/inline-select';
import { PickMany } from '../../ui/pick-many';
import { DAY_CHOICES, NumberField, When } from '../../ui/inputs';
import { Categories, Many, Words } from './condition-names';
import { AMONG, PLACES, RANGES } from './condition-texts';
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

/** A number within the sentence. */
type Figure = (
  label: string,
  value: number | undefined,
  changed: (value: number | undefined) => Rule,
  step?: number,
) => ReactNode;

interface Parts {
  rule: Rule;
  onChange: (rule: Rule) => void;
  figure: Figure;
}

function Sentence({ rule, onChange }: OneProps): ReactNode {
  const figure: Figure = (label, value, changed, step = 1) => (
    <NumberField
      label={label}
      value={value}
      step={step}
      onSet={(next) => onChange(changed(next))}
    />
  );
  const parts = { rule, onChange, figure };
  return ofTheProduct(parts) ?? ofItsFigures(parts) ?? ofTheShopper(parts) ?? null;
}

/** What the product is. */
function ofTheProduct({ rule, onChange, figure }: Parts): ReactNode {
  switch (rule.kind) {
    case 'IN_CATEGORY':
      return (
        <T
          id="nod.conditionRow.theCategoryIs"
          values={{
            categories: (
              <Categories names={rule.names} onSet={(names) => onChange({ ...rule, names })} />
            ),
          }}
        />
      );
    case 'HAS_TAG':
      return (
        <T
          id="nod.conditionRow.theTagIs"
          values={{
            words: (
              <Words
                label={t('nod.conditionRow.tagsSeparatedByCommas')}
                values={rule.names ?? []}
                onSet={(names) => onChange({ ...rule, names })}
              />
            ),
          }}
        />
      );
    case 'PRODUCT_IN':
      return (
        <T
          id="nod.conditionRow.theProductIs"
          values={{
            productsPick: (
              <ProductsPick
                values={rule.names ?? []}
                onSet={(names) => onChange({ ...rule, names })}
              />
            ),
          }}
        />
      );
    case 'BRAND_IN':
      return (
        <T
          id="nod.conditionRow.theBrandIs"
          values={{
            words: (
              <Words
                label={t('nod.conditionRow.brandsSeparatedByCommas')}
                values={rule.names ?? []}
                onSet={(names) => onChange({ ...rule, names })}
              />
            ),
          }}
        />
      );
    case 'HAS_PICTURE':
      return <>{t('nod.conditionRow.theProductHasAnImage')}</>;
    case 'PUBLISHED_WITHIN':
      return (
        <T
          id="nod.conditionRow.itWasAddedToThe"
          values={{
            figure: figure(t('nod.conditionRow.days'), rule.window, (window) => ({
              ...rule,
              window,
            })),
          }}
        />
      );
    default:
      return undefined;
  }
}

/** What is counted or measured of the product. */
function ofItsFigures({ rule, onChange, figure }: Parts): ReactNode {
  switch (rule.kind) {
    case 'REVIEWS_AT_LEAST':
      return (
        <T
          id="nod.conditionRow.itHasAtLeastPublished"
          values={{
            figure: figure(t('nod.conditionRow.minimumReviews'), rule.count, (count) => ({
              ...rule,
              count,
            })),
          }}
        />
      );
    case 'RATING_AT_LEAST':
      return (
        <T
          id="nod.conditionRow.theAverageRatingIsAt"
          values={{
            figure: figure(
              t('nod.conditionRow.minimumAverage'),
              rule.stars,
              (stars) => ({ ...rule, stars }),
              0.1,
            ),
            figure2: figure(t('nod.conditionRow.minimumReviews'), rule.count, (count) => ({
              ...rule,
              count,
            })),
          }}
        />
      );
    case 'PERCENT_OFF_BETWEEN':
    case 'PRICE_BETWEEN':
    case 'STOCK_BETWEEN': {
      const { id, least, most, step } = RANGES[rule.kind];
      return (
        <T
          id={id}
          values={{
            figure: figure(least, rule.least, (value) => ({ ...rule, least: value }), step),
            figure2: figure(most, rule.most, (value) => ({ ...rule, most: value }), step),
          }}
        />
      );
    }
    case 'SOLD_AT_LEAST':
      return (
        <T
          id="nod.conditionRow.atLeastWereSoldIn"
          values={{
            figure: figure(t('nod.conditionRow.minimumSold'), rule.count, (count) => ({
              ...rule,
              count,
            })),
            figure2: figure(t('nod.conditionRow.days'), rule.window, (window) => ({
              ...rule,
              window,
            })),
          }}
        />
      );
    case 'RANK_AT_MOST':
      return (
        <T
          id="nod.conditionRow.itIsOneOfThe"
          values={{
            figure: figure(t('nod.conditionRow.top'), rule.count, (count) => ({ ...rule, count })),
            pick: (
              <InlineSelect
                label={t('nod.conditionRow.in')}
                value={rule.inShop ? 'shop' : 'category'}
                choices={AMONG}
                onPick={(among) => onChange({ ...rule, inShop: among === 'shop' })}
              />
            ),
            figure2: figure(t('nod.conditionRow.days'), rule.window, (window) => ({
              ...rule,
              window,
            })),
          }}
        />
      );
    default:
      return undefined;
  }
}

/** Who looks, and when. */
function ofTheShopper({ rule, onChange }: Parts): ReactNode {
  switch (rule.kind) {
    case 'COUNTRY_IN':
    case 'LANGUAGE_IN': {
      const { id, label, choices } = PLACES[rule.kind];
      return (
        <T
          id={id}
          values={{
            many: (
              <Many
                label={label}
                names={rule.names}
                choices={choices}
                onSet={(names) => onChange({ ...rule, names })}
              />
            ),
          }}
        />
      );
    }
    case 'BETWEEN':
      return (
        <T
          id="nod.conditionRow.itIs"
          values={{ hours: <Hours type="datetime-local" rule={rule} onChange={onChange} /> }}
        />
      );
    case 'DAILY':
      return (
        <T
          id="nod.conditionRow.itIs2"
          values={{
            pickMany: (
              <PickMany
                label={t('nod.conditionRow.weekdays')}
                values={rule.days ?? []}
                any={t('nod.conditionRow.noDay')}
                choices={DAY_CHOICES}
                onPick={(days) => onChange({ ...rule, days })}
              />
            ),
            hours: <Hours type="time" rule={rule} onChange={onChange} />,
          }}
        />
      );
    default:
      return undefined;
  }
}

interface HoursProps {
  type: 'datetime-local' | 'time';
  rule: Extract<Rule, { kind: 'BETWEEN' | 'DAILY' }>;
  onChange: (rule: Rule) => void;
}

function Hours({ type, rule, onChange }: HoursProps) {
  return (
    <T
      id="nod.conditionRow.itIsBetweenAndShop"
      values={{
        when: (
          <When
            type={type}
            label={t('nod.conditionRow.from')}
            value={rule.from}
            onSet={(from) => onChange({ ...rule, from })}
          />
        ),
        when2: (
          <When
            type={type}
            label={t('nod.conditionRow.to')}
            value={rule.to}
            onSet={(to) => onChange({ ...rule, to })}
          />
        ),
      }}
    />
  );
}
