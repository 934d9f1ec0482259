import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { PickMany } from '../../ui/pick-many';
import { ProductPick } from '../../ui/product-pick';
import { country, language } from '../../shared/format';
import { Permission } from './permission';
import type { ImportChoices, Inspection, Preview } from './queries';
import { NameFormPicks } from '../reviews/name-form';
import { MOSTS, RATINGS } from './labels';
import { T, t } from '../../shared/t';

interface TakeInProps {
  look: Inspection;
  choices: ImportChoices;
  trial: Preview | undefined;
  counting: boolean;
  fault: string | undefined;
  busy: boolean;
  onChange: (changes: Partial<ImportChoices>) => void;
  permitted: boolean;
  onPermit: (permitted: boolean) => void;
  onRead: () => void;
}

/** How to take a file in, as a sentence; what comes of it; the permission; and the act. */
export function ImportOptions(props: TakeInProps) {
  const { trial, fault, counting, busy, permitted, onRead } = props;
  const mayRead = !!trial && !fault && trial.usable > 0 && (permitted || !trial.asksPermission);
  return (
    <section
      className="rounded-2xl border border-line bg-paper p-4"
      aria-label={t('imports.importOptions.whatToImport')}
    >
      <h2 className="mb-1 text-[16px]">{t('imports.importOptions.whatToImport')}</h2>
      <Sentence {...props} />
      {trial && (
        <p className="mt-2 border-t border-line pt-2" aria-live="polite">
          <T
            id="imports.importOptions.resultReviewsWillBeImported"
            values={{
              b: (chunks) => <b>{chunks}</b>,
              usable: trial.usable,
              bad: trial.unreadable,
              left: trial.duplicates + trial.leftOutBefore + trial.notSelected,
              isOfOthers: isOfOtherProducts(trial) ? 'yes' : 'no',
            }}
          />
        </p>
      )}
      {trial && (
        <Permission {...props} before={props.look.choices?.source} asks={trial.asksPermission} />
      )}
      {fault && (
        <p role="alert" className="mt-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          {fault}
        </p>
      )}
      <div className="mt-3 flex items-center gap-3">
        <Button look="inside" className="py-2!" disabled={!mayRead || busy} onClick={onRead}>
          {trial
            ? t('imports.importOptions.importReviews', { usable: trial.usable })
            : t('imports.importOptions.importReviews2')}
        </Button>
        <span className="text-[13px] text-ink-2">
          {counting
            ? t('imports.importOptions.counting')
            : trial?.asksPermission && !permitted && trial.usable > 0
              ? t('imports.importOptions.confirmThatYouMayPublish')
              : t('imports.importOptions.youCanKeepWorkingMeanwhile')}
        </span>
      </div>
    </section>
  );
}

const isOfOtherProducts = (trial: Preview) =>
  trial.usable === 0 &&
  trial.unreadable > 0 &&
  trial.problems.every((one) => one.column === 'product');

const ONLY = [
  { value: 'ANY', text: t('imports.importOptions.withOrWithoutText') },
  { value: 'WORDS', text: t('imports.importOptions.withText') },
  { value: 'PICTURES', text: t('imports.importOptions.withPhotos') },
  { value: 'BOTH', text: t('imports.importOptions.withTextAndPhotos') },
];

function onlyOf({ withPictures, withWords }: ImportChoices): string {
  if (withPictures) return withWords ? 'BOTH' : 'PICTURES';
  return withWords ? 'WORDS' : 'ANY';
}

const some = (values: string[]) => (values.length ? values : undefined);

function Sentence({ look, choices, trial, onChange }: TakeInProps) {
  const column = choices.columns?.['PRODUCT'];
  const named = column === undefined ? undefined : look.headings[column];
  const stars = [...(choices.stars ?? [])].sort();
  const rating = RATINGS.find((one) => one.stars.join() === stars.join())?.value ?? 'ANY';
  return (
    <p className="text-[15px] leading-[1.95] text-ink-2">
      <T
        id="imports.importOptions.importReviewsWithForShow"
        values={{
          count: (
            <InlineSelect
              label={t('imports.importOptions.number')}
              value={choices.most ? String(choices.most) : 'ALL'}
              choices={MOSTS}
              onPick={(most) => onChange({ most: most === 'ALL' ? undefined : Number(most) })}
            />
          ),
          rating: (
            <InlineSelect
              label={t('imports.importOptions.ratings')}
              value={rating}
              choices={RATINGS}
              onPick={(value) =>
                onChange({ stars: RATINGS.find((one) => one.value === value)?.stars ?? [] })
              }
            />
          ),
          content: (
            <InlineSelect
              label={t('imports.importOptions.with')}
              value={onlyOf(choices)}
              choices={ONLY}
              onPick={(next) =>
                onChange({
                  withWords: next === 'WORDS' || next === 'BOTH' || undefined,
                  withPictures: next === 'PICTURES' || next === 'BOTH' || undefined,
                })
              }
            />
          ),
          hasCountries: look.countries.length > 0 ? 'yes' : 'no',
          countries: (
            <PickMany
              label={t('imports.importOptions.countries')}
              any={t('imports.importOptions.anyCountry')}
              values={choices.countries ?? []}
              choices={look.countries.map(({ code }) => ({ value: code, text: country(code) }))}
              onPick={(countries) => onChange({ countries: some(countries) })}
            />
          ),
          hasLanguages: look.languages.length > 0 ? 'yes' : 'no',
          languages: (
            <PickMany
              label={t('imports.importOptions.languages')}
              any={t('imports.importOptions.anyLanguage')}
              values={choices.languages ?? []}
              choices={look.languages.map(({ code }) => ({ value: code, text: language(code) }))}
              onPick={(languages) => onChange({ languages: some(languages) })}
            />
          ),
          product: (
            <ProductPick
              label={t('imports.importOptions.product')}
              value={choices.product}
              none={
                named === undefined
                  ? t('imports.importOptions.chooseAProduct')
                  : t('imports.importOptions.theProductNamedInColumn', { named })
              }
              onPick={(product) => onChange({ product })}
            />
          ),
          names: (
            <NameFormPicks
              value={choices.nameForm ?? 'AS_GIVEN'}
              onPick={(nameForm) => onChange({ nameForm })}
            />
          ),
          before: (
            <InlineSelect
              label={t('imports.importOptions.leftOutBefore')}
              value={choices.takesLeftOut ? 'TAKE' : 'SKIP'}
              choices={[
                {
                  value: 'SKIP',
                  text: trial?.leftOutBefore
                    ? t('imports.importOptions.skipThe', {
                        leftOutBefore: trial.leftOutBefore,
                      })
                    : t('imports.importOptions.skip'),
                },
                { value: 'TAKE', text: t('imports.importOptions.include') },
              ]}
              onPick={(next) => onChange({ takesLeftOut: next === 'TAKE' || undefined })}
            />
          ),
        }}
      />
    </p>
  );
}
