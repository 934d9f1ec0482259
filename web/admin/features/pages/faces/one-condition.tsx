import { useState, type ReactNode } from 'react';
import { Pick } from '../../../ui/pick';
import { PickMany } from '../../../ui/pick-many';
import { DAY_CHOICES, Figure, INPUT, When } from './inputs';
import { COUNTRIES, LANGUAGES } from '../places';
import { useCategories } from '../queries';
import { ProductsPick } from './products-pick';
import type { Rule } from '../nod-queries';

interface OneProps {
  rule: Rule;
  /** what is wrong with a part of it, or with all of it under '' */
  fault: (name: string) => string | undefined;
  onChange: (rule: Rule) => void;
}

/** One condition as a sentence whose parts can be changed in place. */
export function OneCondition({ rule, fault, onChange }: OneProps) {
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
    <Figure
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
          it is in category
          <Categories rule={rule} onSet={setNames} />
        </>
      );
    case 'HAS_TAG':
      return (
        <>
          it has the tag
          <Words label="Tags, parted by commas" values={names} onSet={setNames} />
        </>
      );
    case 'PRODUCT_IN':
      return (
        <>
          it is
          <ProductsPick values={names} onSet={setNames} />
        </>
      );
    case 'BRAND_IN':
      return (
        <>
          it is sold under
          <Words label="Brands, parted by commas" values={names} onSet={setNames} />
        </>
      );
    case 'HAS_PICTURE':
      return <>it has a picture</>;
    case 'PUBLISHED_WITHIN':
      return <>it has been in the shop for at most {figure('window', 'Days')} days</>;
    default:
      return undefined;
  }
}

/** What is counted or measured of the product. */
function ofItsFigures({ rule, set, figure }: Parts): ReactNode {
  switch (rule.kind) {
    case 'REVIEWS_AT_LEAST':
      return <>it has at least {figure('count', 'Least reviews')} published reviews</>;
    case 'RATING_AT_LEAST':
      return (
        <>
          its mean is at least {figure('stars', 'Least mean', 0.1)} from at least
          {figure('count', 'Least reviews')} reviews
        </>
      );
    case 'PERCENT_OFF_BETWEEN':
      return (
        <>
          its price lies from {figure('least', 'Lowest percentage')} to
          {figure('most', 'Highest percentage')} % under the lowest of the 30 days before
        </>
      );
    case 'PRICE_BETWEEN':
      return (
        <>
          its price is from {figure('least', 'Lowest price', 0.01)} to
          {figure('most', 'Highest price', 0.01)}
        </>
      );
    case 'STOCK_BETWEEN':
      return (
        <>
          from {figure('least', 'Fewest pieces')} to {figure('most', 'Most pieces')} are in stock
        </>
      );
    case 'SOLD_AT_LEAST':
      return (
        <>
          at least {figure('count', 'Least units')} were sold in {figure('window', 'Days')} days
        </>
      );
    case 'RANK_AT_MOST':
      return (
        <>
          it is among the first {figure('count', 'How many of the first')} of
          <Pick
            label="Among"
            value={rule.inShop ? 'shop' : 'category'}
            choices={AMONG}
            onPick={(among) => set({ inShop: among === 'shop' })}
          />
          by units sold in {figure('window', 'Days')} days
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
      from
      <When type={type} label="From" value={rule.from} onSet={(from) => set({ from })} />
      to
      <When type={type} label="To" value={rule.to} onSet={(to) => set({ to })} />
      shop time
    </>
  );
  const many = (label: string, choices: ManyProps['choices']) => (
    <Many label={label} rule={rule} choices={choices} onSet={(names) => set({ names })} />
  );
  switch (rule.kind) {
    case 'COUNTRY_IN':
      return <>the shopper is in {many('Countries', COUNTRIES)}</>;
    case 'LANGUAGE_IN':
      return <>the shopper reads {many('Languages', LANGUAGES)}</>;
    case 'BETWEEN':
      return <>it is {hours('datetime-local')}</>;
    case 'DAILY':
      return (
        <>
          it is
          <PickMany
            label="Weekdays"
            values={rule.days ?? []}
            any="no day"
            choices={DAY_CHOICES}
            onPick={(days) => set({ days })}
          />
          {hours('time')}
        </>
      );
    default:
      return undefined;
  }
}

const AMONG = [
  { value: 'category', text: 'its category' },
  { value: 'shop', text: 'the shop' },
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
  return <Many label="Categories" rule={rule} choices={useCategories()} onSet={onSet} />;
}

function Many({ label, rule, choices, onSet }: ManyProps) {
  return (
    <PickMany
      label={label}
      values={rule.names ?? []}
      any="choose"
      choices={choices}
      onPick={onSet}
    />
  );
}
