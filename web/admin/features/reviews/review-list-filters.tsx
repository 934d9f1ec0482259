import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Menu, MenuItem } from '../../ui/menu';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { ProductPick } from '../../ui/product-pick';
import { api, need } from '../../shared/api';
import { country, language } from '../../shared/format';
import { queryOf, type ReviewFilter } from './queries';
import { FLAGS, ORIGIN, STATES } from './labels';
import { T, t } from '../../shared/t';

type Changes = Partial<Record<keyof ReviewFilter, string | undefined>>;

interface DeskBarProps {
  filter: ReviewFilter;
  total: number | undefined;
  onChange: (changes: Changes) => void;
}

const ANY = 'ANY';
const MORE = ['stars', 'language', 'country', 'pictures', 'flag', 'from', 'to'] as const;
const STARS: Choice<string>[] = [
  { value: ANY, text: t('reviews.reviewListFilters.withAnyRating') },
  ...[5, 4, 3, 2, 1].map((n) => ({
    value: `${n}`,
    text:
      n === 1
        ? t('reviews.reviewListFilters.with1Star')
        : t('reviews.reviewListFilters.withStars', { n }),
  })),
];
const ORIGINS: Choice<string>[] = [
  { value: ANY, text: t('reviews.reviewListFilters.fromAnySource') },
  ...Object.entries(ORIGIN).map(([value, text]) => ({ value, text })),
];
const CHECKS: Choice<string>[] = [
  { value: ANY, text: t('reviews.reviewListFilters.withOrWithoutFlags') },
  ...Object.entries(FLAGS).map(([value, { text }]) => ({
    value,
    text: t('reviews.reviewListFilters.flagged', { text }),
  })),
];
const PICTURES: Choice<string>[] = [
  { value: ANY, text: t('reviews.reviewListFilters.withOrWithoutPhotos') },
  { value: 'true', text: t('reviews.reviewListFilters.withPhotos') },
  { value: 'false', text: t('reviews.reviewListFilters.withoutPhotos') },
];

function useFacets() {
  return useQuery({
    queryKey: ['reviews', 'facets'],
    queryFn: () => need(api.GET('/api/v1/reviews/facets')),
    staleTime: 60_000,
  });
}

/** Which reviews are on the desk, as a sentence. */
export function ReviewListFilters({ filter, total, onChange }: DeskBarProps) {
  const facets = useFacets();
  const [opened, setOpened] = useState(false);
  const narrow = opened || MORE.some((name) => filter[name] !== undefined);
  const pick =
    (name: keyof ReviewFilter) =>
    (value: string): void =>
      onChange({ [name]: value === ANY ? undefined : value });
  return (
    <div className="flex min-h-11 shrink-0 flex-wrap items-center gap-x-1.5 border-b border-line bg-paper px-5 py-1.5 text-[15px] text-ink-2">
      <T
        id="reviews.reviewListFilters.showReviewsOf"
        values={{
          state: (
            <InlineSelect
              label={t('reviews.reviewListFilters.status')}
              value={filter.state ?? ANY}
              choices={[...STATES, { value: ANY, text: t('reviews.reviewListFilters.all') }]}
              onPick={(state) => onChange({ state })}
            />
          ),
          product: (
            <ProductPick
              label={t('reviews.reviewListFilters.product')}
              value={filter.product}
              none={t('reviews.reviewListFilters.anyProduct')}
              onPick={(product) => onChange({ product })}
            />
          ),
          source: (
            <InlineSelect
              label={t('reviews.reviewListFilters.source')}
              value={filter.origin ?? ANY}
              choices={ORIGINS}
              onPick={pick('origin')}
            />
          ),
          narrow: narrow ? (
            <>
              <InlineSelect
                label={t('reviews.reviewListFilters.rating')}
                value={filter.stars ? `${filter.stars}` : ANY}
                choices={STARS}
                onPick={pick('stars')}
              />
              <InlineSelect
                label={t('reviews.reviewListFilters.language')}
                value={filter.language ?? ANY}
                choices={named(
                  t('reviews.reviewListFilters.inAnyLanguage'),
                  facets.data?.languages ?? [],
                  language,
                )}
                onPick={pick('language')}
              />
              <InlineSelect
                label={t('reviews.reviewListFilters.country')}
                value={filter.country ?? ANY}
                choices={named(
                  t('reviews.reviewListFilters.fromAnyCountry'),
                  facets.data?.countries ?? [],
                  country,
                )}
                onPick={pick('country')}
              />
              <InlineSelect
                label={t('reviews.reviewListFilters.photos')}
                value={filter.pictures === undefined ? ANY : `${filter.pictures}`}
                choices={PICTURES}
                onPick={pick('pictures')}
              />
              <InlineSelect
                label={t('reviews.reviewListFilters.flags')}
                value={filter.flag ?? ANY}
                choices={CHECKS}
                onPick={pick('flag')}
              />
              <Day
                label={t('reviews.reviewListFilters.writtenBetween')}
                value={filter.from}
                onChange={(from) => onChange({ from })}
              />
              <Day
                label={t('reviews.reviewListFilters.to')}
                value={filter.to}
                onChange={(to) => onChange({ to })}
              />
            </>
          ) : (
            <button
              type="button"
              className="px-1 text-plum underline underline-offset-2"
              onClick={() => setOpened(true)}
            >
              {t('reviews.reviewListFilters.moreFilters')}
            </button>
          ),
          batch: filter.batch && (
            <Chip
              text={t('reviews.reviewListFilters.fromOneImport')}
              onClear={() => onChange({ batch: undefined })}
            />
          ),
          q: filter.q && (
            <Chip
              text={t('reviews.reviewListFilters.with', { q: filter.q })}
              onClear={() => onChange({ q: undefined })}
            />
          ),
          span: <span className="flex-1" />,
          total: total !== undefined && (
            <span className="text-[13px]">{t('reviews.reviewListFilters.reviews', { total })}</span>
          ),
          total2: !!total && <TakeOut filter={filter} />,
        }}
      />
    </div>
  );
}

const FORMATS = {
  csv: 'CSV',
  xlsx: 'XLSX',
  jsonl: t('reviews.reviewListFilters.jsonLines'),
  jsonld: t('reviews.reviewListFilters.jsonLd'),
};

/** What is listed, as a file. */
function TakeOut({ filter }: { filter: ReviewFilter }) {
  const query = new URLSearchParams();
  for (const [name, value] of Object.entries(queryOf(filter))) {
    if (value !== undefined && value !== '' && name !== 'page') query.set(name, String(value));
  }
  return (
    <Menu
      mark={t('reviews.reviewListFilters.exportAs')}
      className="text-[13px] text-plum underline underline-offset-2"
    >
      {Object.entries(FORMATS).map(([format, text]) => (
        <MenuItem key={format} asChild>
          <a href={`/api/v1/reviews/export/${format}?${query.toString()}`} download>
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
      aria-label={t('reviews.reviewListFilters.clear', { text })}
      onClick={onClear}
    >
      {text} <span aria-hidden>×</span>
    </button>
  );
}
