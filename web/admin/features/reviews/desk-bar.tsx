import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Menu, MenuItem } from '../../ui/menu';
import { Pick, type Choice } from '../../ui/pick';
import { ProductPick } from '../../ui/product-pick';
import { api, need } from '../../shared/api';
import { count, country, language } from '../../shared/words';
import type { DeskFilter } from './queries';
import { FLAGS, ORIGIN, STATES } from './words';

type Changes = Partial<Record<keyof DeskFilter, string | undefined>>;

interface DeskBarProps {
  filter: DeskFilter;
  total: number | undefined;
  onChange: (changes: Changes) => void;
}

const ANY = 'ANY';
const MORE = ['stars', 'language', 'country', 'pictures', 'flag', 'from', 'to'] as const;
const STARS: Choice<string>[] = [
  { value: ANY, text: 'of any rating' },
  ...[5, 4, 3, 2, 1].map((n) => ({ value: `${n}`, text: n === 1 ? 'of 1 star' : `of ${n} stars` })),
];
const ORIGINS: Choice<string>[] = [
  { value: ANY, text: 'from anywhere' },
  ...Object.entries(ORIGIN).map(([value, text]) => ({ value, text })),
];
const CHECKS: Choice<string>[] = [
  { value: ANY, text: 'with or without checks' },
  ...Object.entries(FLAGS).map(([value, { text }]) => ({ value, text: `to check: ${text}` })),
];
const PICTURES: Choice<string>[] = [
  { value: ANY, text: 'with or without a picture' },
  { value: 'true', text: 'with a picture' },
  { value: 'false', text: 'without a picture' },
];

function useFacets() {
  return useQuery({
    queryKey: ['reviews', 'facets'],
    queryFn: () => need(api.GET('/api/v1/reviews/facets')),
    staleTime: 60_000,
  });
}

/** Which reviews are on the desk, as a sentence. */
export function DeskBar({ filter, total, onChange }: DeskBarProps) {
  const facets = useFacets();
  const [opened, setOpened] = useState(false);
  const narrow = opened || MORE.some((name) => filter[name] !== undefined);
  const pick =
    (name: keyof DeskFilter) =>
    (value: string): void =>
      onChange({ [name]: value === ANY ? undefined : value });
  return (
    <div className="flex min-h-11 shrink-0 flex-wrap items-center gap-x-1.5 border-b border-line bg-paper px-5 py-1.5 text-[15px] text-ink-2">
      Showing
      <Pick
        label="State"
        value={filter.state ?? ANY}
        choices={[...STATES, { value: ANY, text: 'all' }]}
        onPick={(state) => onChange({ state })}
      />
      reviews of
      <ProductPick
        label="Product"
        value={filter.product}
        none="any product"
        onPick={(product) => onChange({ product })}
      />
      <Pick
        label="Where from"
        value={filter.origin ?? ANY}
        choices={ORIGINS}
        onPick={pick('origin')}
      />
      {narrow ? (
        <>
          <Pick
            label="Rating"
            value={filter.stars ? `${filter.stars}` : ANY}
            choices={STARS}
            onPick={pick('stars')}
          />
          <Pick
            label="Language"
            value={filter.language ?? ANY}
            choices={named('in any language', facets.data?.languages ?? [], language)}
            onPick={pick('language')}
          />
          <Pick
            label="Country"
            value={filter.country ?? ANY}
            choices={named('from any country', facets.data?.countries ?? [], country)}
            onPick={pick('country')}
          />
          <Pick
            label="Pictures"
            value={filter.pictures === undefined ? ANY : `${filter.pictures}`}
            choices={PICTURES}
            onPick={pick('pictures')}
          />
          <Pick
            label="To check"
            value={filter.flag ?? ANY}
            choices={CHECKS}
            onPick={pick('flag')}
          />
          <Day label="written from" value={filter.from} onChange={(from) => onChange({ from })} />
          <Day label="to" value={filter.to} onChange={(to) => onChange({ to })} />
        </>
      ) : (
        <button
          type="button"
          className="px-1 text-plum underline underline-offset-2"
          onClick={() => setOpened(true)}
        >
          narrow further
        </button>
      )}
      {filter.batch && (
        <Chip text="from one batch" onClear={() => onChange({ batch: undefined })} />
      )}
      {filter.q && <Chip text={`with “${filter.q}”`} onClear={() => onChange({ q: undefined })} />}
      <span className="flex-1" />
      {total !== undefined && <span className="text-[13px]">{count(total, 'review')}</span>}
      {!!total && <TakeOut filter={filter} />}
    </div>
  );
}

const FORMATS = { csv: 'CSV', xlsx: 'XLSX', jsonl: 'JSON Lines', jsonld: 'JSON-LD' };

/** What is listed, as a file. */
function TakeOut({ filter }: { filter: DeskFilter }) {
  const query = new URLSearchParams();
  for (const [name, value] of Object.entries(filter)) {
    if (value !== undefined && value !== '' && name !== 'page') query.set(name, String(value));
  }
  return (
    <Menu mark="as a file" className="text-[13px] text-plum underline underline-offset-2">
      {Object.entries(FORMATS).map(([format, text]) => (
        <MenuItem key={format} asChild>
          <a href={`/api/v1/reviews/out/${format}?${query.toString()}`} download>
            {text}
          </a>
        </MenuItem>
      ))}
    </Menu>
  );
}

const named = (all: string, codes: string[], name: (code: string) => string): Choice<string>[] => [
  { value: ANY, text: all },
  ...codes.map((code) => ({ value: code, text: name(code) })),
];

interface DayProps {
  label: string;
  value: string | undefined;
  onChange: (value: string | undefined) => void;
}

function Day({ label, value, onChange }: DayProps) {
  return (
    <label className="flex items-center gap-1.5">
      {label}
      <input
        type="date"
        className={`w-[8.2rem] border-b-2 border-saffron bg-transparent text-[14px] ${value ? 'font-semibold text-ink' : 'text-ink-2'}`}
        value={value ?? ''}
        onChange={(event) => onChange(event.target.value || undefined)}
      />
    </label>
  );
}

function Chip({ text, onClear }: { text: string; onClear: () => void }) {
  return (
    <button
      type="button"
      className="ml-2 rounded-full border border-line-2 bg-paper-2 px-2.5 text-[13px] text-ink"
      onClick={onClear}
    >
      {text} <span aria-hidden>×</span>
      <span className="sr-only">: show all</span>
    </button>
  );
}
