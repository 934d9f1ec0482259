import { Link } from 'react-router';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { country, language, number } from '../../shared/format';
import type { ImportView } from '../imports/queries';
import { FLAGS, STARS, type Flag } from '../reviews/labels';
import type { ImportFilter, ImportProgress } from './queries';
import { T, t } from '../../shared/t';

interface SortBarProps {
  batch: ImportView;
  filter: ImportFilter;
  total: number;
  standing: ImportProgress | undefined;
  onChange: (changes: ImportFilter) => void;
}

const ANY = 'ANY';
const RATINGS: Choice<string>[] = [
  { value: ANY, text: t('import-check.filterBar.anyRating') },
  ...STARS,
];
const STATES: Choice<string>[] = [
  { value: ANY, text: t('import-check.filterBar.all') },
  { value: 'OPEN', text: t('import-check.filterBar.notCheckedYet') },
  { value: 'ACCEPTED', text: t('import-check.filterBar.kept') },
  { value: 'LEFT_OUT', text: t('import-check.filterBar.leftOut') },
];
const PICTURES: Choice<string>[] = [
  { value: ANY, text: t('import-check.filterBar.withOrWithoutPhotos') },
  { value: 'true', text: t('import-check.filterBar.withPhotos') },
  { value: 'false', text: t('import-check.filterBar.withoutPhotos') },
];
const CHECKS: Choice<string>[] = [
  { value: ANY, text: t('import-check.filterBar.withOrWithoutFlags') },
  ...Object.entries(FLAGS).map(([value, { text }]) => ({
    value,
    text: t('import-check.filterBar.flagged', { text }),
  })),
];

/** What came of the file, and which of it is looked at, as sentences. */
export function FilterBar({ batch, filter, total, standing, onChange }: SortBarProps) {
  const given = (value: string) => (value === ANY ? undefined : value);
  return (
    <>
      <Came batch={batch} />
      <div className="flex min-h-11 shrink-0 flex-wrap items-center gap-x-1.5 border-b border-line bg-paper px-5 py-1.5 text-[15px] text-ink-2">
        <T
          id="import-check.filterBar.showWithAnd"
          values={{
            which: (
              <InlineSelect
                label={t('import-check.filterBar.decision')}
                value={filter.decision ?? ANY}
                choices={STATES}
                onPick={(value) => onChange({ decision: given(value) as ImportFilter['decision'] })}
              />
            ),
            rating: (
              <InlineSelect
                label={t('import-check.filterBar.rating')}
                value={filter.stars ? String(filter.stars) : ANY}
                choices={RATINGS}
                onPick={(value) => onChange({ stars: value === ANY ? undefined : Number(value) })}
              />
            ),
            photos: (
              <InlineSelect
                label={t('import-check.filterBar.photos')}
                value={filter.pictures === undefined ? ANY : String(filter.pictures)}
                choices={PICTURES}
                onPick={(value) =>
                  onChange({ pictures: value === ANY ? undefined : value === 'true' })
                }
              />
            ),
            hasCountries: batch.inspection.countries.length > 1 ? 'yes' : 'no',
            countries: (
              <InlineSelect
                label={t('import-check.filterBar.country')}
                value={filter.country ?? ANY}
                choices={[
                  { value: ANY, text: t('import-check.filterBar.anyCountry') },
                  ...batch.inspection.countries.map((one) => ({
                    value: one.code,
                    text: country(one.code),
                  })),
                ]}
                onPick={(value) => onChange({ country: given(value) })}
              />
            ),
            hasLanguages: batch.inspection.languages.length > 1 ? 'yes' : 'no',
            languages: (
              <InlineSelect
                label={t('import-check.filterBar.language')}
                value={filter.language ?? ANY}
                choices={[
                  { value: ANY, text: t('import-check.filterBar.anyLanguage') },
                  ...batch.inspection.languages.map((one) => ({
                    value: one.code,
                    text: language(one.code),
                  })),
                ]}
                onPick={(value) => onChange({ language: given(value) })}
              />
            ),
            flags: (
              <InlineSelect
                label={t('import-check.filterBar.flags')}
                value={filter.flag ?? ANY}
                choices={CHECKS}
                onPick={(value) => onChange({ flag: given(value) as Flag | undefined })}
              />
            ),
            span: <span className="flex-1" />,
            standing: standing && (
              <span className="text-[13px]">
                <T
                  id="import-check.filterBar.showingOfNotCheckedYet"
                  values={{
                    shown: <b className="text-ink">{number(total)}</b>,
                    reviews: standing.all.reviews,
                    open: <b className="text-ink">{number(standing.open)}</b>,
                  }}
                />
              </span>
            ),
          }}
        />
      </div>
    </>
  );
}

/** What came of the file. */
function Came({ batch }: { batch: ImportView }) {
  return (
    <div className="flex h-11 shrink-0 items-center gap-4 border-b border-line bg-paper-2 px-5">
      <Link
        to={`/reviews/bring-in/${batch.id}`}
        className="max-w-80 truncate font-semibold underline decoration-line-3 underline-offset-2"
      >
        {batch.source ?? batch.fileName}
      </Link>
      <Shares batch={batch} />
      <span className="text-ink-2">
        <T
          id="import-check.filterBar.imported"
          values={{
            b: <b className="text-ink">{number(batch.imported)}</b>,
            hereAlready: batch.duplicates > 0 && (
              <>
                <T
                  id="import-check.filterBar.alreadyImported"
                  values={{ b: <b className="ml-2 text-ink">{number(batch.duplicates)}</b> }}
                />{' '}
              </>
            ),
            leftOutBefore: batch.leftOutBefore > 0 && (
              <>
                <T
                  id="import-check.filterBar.leftOutBefore"
                  values={{ b: <b className="ml-2 text-ink">{number(batch.leftOutBefore)}</b> }}
                />{' '}
              </>
            ),
            bad: batch.unreadable > 0 && (
              <>
                <T
                  id="import-check.filterBar.notReadableSeeWhy"
                  values={{
                    b: <b className="ml-2 text-ink">{number(batch.unreadable)}</b>,
                    link: (chunks) => (
                      <Link
                        to={`/reviews/bring-in/${batch.id}`}
                        className="font-semibold text-plum underline"
                      >
                        {chunks}
                      </Link>
                    ),
                  }}
                />
              </>
            ),
          }}
        />
      </span>
    </div>
  );
}

/** Usable, left aside and unreadable, as shares of a line. */
function Shares({ batch }: { batch: ImportView }) {
  const aside = batch.duplicates + batch.leftOutBefore + batch.notSelected;
  const all = Math.max(1, batch.imported + aside + batch.unreadable);
  const width = (n: number) => (n * 144) / all;
  return (
    <svg viewBox="0 0 144 8" className="h-2 w-36 shrink-0" aria-hidden>
      <rect
        width={Math.max(0, width(batch.imported) - 2)}
        height="8"
        rx="1.500"
        className="fill-fern"
      />
      <rect
        x={width(batch.imported)}
        width={Math.max(0, width(aside) - 2)}
        height="8"
        rx="1.500"
        className="fill-line-2"
      />
      <rect
        x={width(batch.imported + aside)}
        width={width(batch.unreadable)}
        height="8"
        rx="1.500"
        className="fill-rust"
      />
    </svg>
  );
}
