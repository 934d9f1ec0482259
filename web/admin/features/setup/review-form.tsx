import { useState, type FormEvent } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { api, need, Problem, type Schemas } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import { language } from '../../shared/format';
import { useCategories } from '../layout/queries';
import { T, t } from '../../shared/t';

type FormSet = Schemas['FormSet'];
type Asked = FormSet['fields'][string];
type Criterion = FormSet['criteria'][number];

const KEY = ['review-form'];
const LANGUAGES = ['en', 'pt', 'de', 'es', 'fr', 'ja', 'ar'];
const FIELDS: { field: string; text: string }[] = [
  { field: 'TITLE', text: t('setup.reviewForm.title') },
  { field: 'WORDS', text: t('setup.reviewForm.text') },
  { field: 'PROS', text: t('setup.reviewForm.pros') },
  { field: 'CONS', text: t('setup.reviewForm.cons') },
  { field: 'CRITERIA', text: t('setup.reviewForm.detailedRatings') },
  { field: 'PICTURES', text: t('setup.reviewForm.photos') },
  { field: 'NAME', text: t('setup.reviewForm.name') },
  { field: 'EMAIL', text: t('setup.reviewForm.eMailAddressNeverShown') },
];
const ASKED: Choice<Asked>[] = [
  { value: 'REQUIRED', text: t('setup.reviewForm.required') },
  { value: 'OPTIONAL', text: t('setup.reviewForm.optional') },
  { value: 'OFF', text: t('setup.reviewForm.notAsked') },
];

/** What the form on shop pages asks, and what machines are told of the ratings. */
export function ReviewForm() {
  const form = useQuery({
    queryKey: KEY,
    queryFn: () => need(api.GET('/api/v1/review-form')),
  });
  return (
    <section className="col-span-2 rounded-2xl border border-line bg-paper p-6">
      <h2 className="mb-2 text-xl">{t('setup.reviewForm.reviewForm')}</h2>
      {form.data && <Fields key={JSON.stringify(form.data)} form={form.data} />}
      {form.error && <p className="text-rust-ink">{form.error.message}</p>}
      <Markup />
    </section>
  );
}

function Fields({ form }: { form: FormSet }) {
  const [wanted, setWanted] = useState(form);
  useUnsaved('review-form', JSON.stringify(wanted) !== JSON.stringify(form));
  const { say } = useNotify();
  const queries = useQueryClient();
  const save = useMutation({
    mutationFn: (body: FormSet) => need(api.PUT('/api/v1/review-form', { body })),
    onSuccess: (kept) => {
      queries.setQueryData(KEY, kept);
      say(t('setup.reviewForm.reviewFormSaved'));
    },
  });
  const problem = save.error instanceof Problem ? save.error : undefined;
  const faultOf = (field: string) => problem?.faults.find((one) => one.field === field)?.reason;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    save.mutate(wanted);
  };
  const setCriteria = (criteria: Criterion[]) => setWanted({ ...wanted, criteria });
  const hasPictures = wanted.fields['PICTURES'] !== 'OFF';
  return (
    <form onSubmit={submit} noValidate>
      <p className="mb-2 text-ink-2">{t('setup.reviewForm.starsAreAlwaysRequiredNone')}</p>
      <ul className="grid grid-cols-2 gap-x-8">
        {FIELDS.map(({ field, text }) => (
          <li
            key={field}
            className="flex items-baseline justify-between gap-3 border-b border-line py-1.5"
          >
            {text}
            <InlineSelect
              label={text}
              value={wanted.fields[field] ?? 'OFF'}
              choices={ASKED}
              onPick={(asked) =>
                setWanted({ ...wanted, fields: { ...wanted.fields, [field]: asked } })
              }
            />
          </li>
        ))}
      </ul>
      {hasPictures && (
        <p className="mt-3 flex flex-wrap items-baseline gap-1.5 text-ink-2">
          <T
            id="setup.reviewForm.upToPhotosMbEach"
            values={{
              figure: (
                <Figure
                  label={t('setup.reviewForm.photosPerReview')}
                  value={wanted.mostPictures}
                  most={10}
                  fault={faultOf('mostPictures')}
                  onSet={(mostPictures) => setWanted({ ...wanted, mostPictures })}
                />
              ),
              figure2: (
                <Figure
                  label={t('setup.reviewForm.megabytesPerPhoto')}
                  value={wanted.largestPicture}
                  most={20}
                  fault={faultOf('largestPicture')}
                  onSet={(largestPicture) => setWanted({ ...wanted, largestPicture })}
                />
              ),
            }}
          />
        </p>
      )}
      {wanted.fields['CRITERIA'] !== 'OFF' && (
        <Things criteria={wanted.criteria} faultOf={faultOf} onSet={setCriteria} />
      )}
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="mt-2 text-rust-ink">
          {problem.message}
        </p>
      )}
      <Button look="inside" type="submit" className="mt-4" disabled={save.isPending}>
        {t('setup.reviewForm.save')}
      </Button>
    </form>
  );
}

interface FigureProps {
  label: string;
  value: number;
  most: number;
  fault: string | undefined;
  onSet: (value: number) => void;
}

function Figure({ label, value, most, fault, onSet }: FigureProps) {
  return (
    <>
      <input
        type="number"
        min={1}
        max={most}
        value={value}
        aria-label={label}
        aria-invalid={!!fault}
        className="w-16 border-b-2 border-saffron bg-transparent px-1 font-semibold text-ink"
        onChange={(event) => onSet(Number(event.target.value))}
      />
      {fault && (
        <span role="alert" className="text-[13px] text-rust-ink">
          {fault}
        </span>
      )}
    </>
  );
}

interface ThingsProps {
  criteria: Criterion[];
  faultOf: (field: string) => string | undefined;
  onSet: (criteria: Criterion[]) => void;
}

/** The single things, each with its names and the category it is for. */
function Things({ criteria, faultOf, onSet }: ThingsProps) {
  const categories = useCategories();
  const choices: Choice<string>[] = [
    { value: '', text: t('setup.reviewForm.allProducts') },
    ...categories,
  ];
  const put = (at: number, change: Partial<Criterion>) =>
    onSet(criteria.map((one, n) => (n === at ? { ...one, ...change } : one)));
  return (
    <fieldset className="mt-4">
      <legend className="font-semibold">{t('setup.reviewForm.detailedRatings2')}</legend>
      <ul className="flex flex-col gap-2">
        {criteria.map((one, at) => (
          <li key={at} className="flex flex-wrap items-baseline gap-2 border-b border-line py-1.5">
            {LANGUAGES.slice(0, 2)
              .concat(Object.keys(one.names).filter((code) => !['en', 'pt'].includes(code)))
              .map((code) => (
                <label key={code} className="flex items-baseline gap-1 text-[13px] text-ink-2">
                  {language(code)}
                  <input
                    value={one.names[code] ?? ''}
                    aria-label={t('setup.reviewForm.nameIn', {
                      at: at + 1,
                      code: language(code),
                    })}
                    dir="auto"
                    className="w-40 rounded-lg border border-line-3 bg-white px-2 py-1 text-[14px] text-ink"
                    onChange={(event) =>
                      put(at, { names: { ...one.names, [code]: event.target.value } })
                    }
                  />
                </label>
              ))}
            <InlineSelect
              label={t('setup.reviewForm.addALanguageForRating', { at: at + 1 })}
              value=""
              choices={[
                { value: '', text: t('setup.reviewForm.addALanguage') },
                ...LANGUAGES.filter(
                  (code) => !(code in one.names) && !['en', 'pt'].includes(code),
                ).map((code) => ({ value: code, text: language(code) })),
              ]}
              onPick={(code) => code && put(at, { names: { ...one.names, [code]: '' } })}
            />
            <span className="text-ink-2">{t('setup.reviewForm.askedFor')}</span>
            <InlineSelect
              label={t('setup.reviewForm.productsWithRating', { at: at + 1 })}
              value={one.category ?? ''}
              choices={choices}
              onPick={(category) => {
                const rest = { ...one };
                delete rest.category;
                onSet(
                  criteria.map((other, n) =>
                    n === at ? (category ? { ...rest, category } : rest) : other,
                  ),
                );
              }}
            />
            <span className="flex-1" />
            <Button
              look="link"
              disabled={at === 0}
              onClick={() => {
                const next = [...criteria];
                next.splice(at - 1, 0, ...next.splice(at, 1));
                onSet(next);
              }}
            >
              {t('setup.reviewForm.moveUp')}
            </Button>
            <Button look="link" onClick={() => onSet(criteria.filter((_, n) => n !== at))}>
              {t('setup.reviewForm.remove')}
            </Button>
            {faultOf(`criteria.${at + 1}`) && (
              <p role="alert" className="w-full text-[13px] text-rust-ink">
                <T
                  id="setup.reviewForm.thisRating"
                  values={{ text: faultOf(`criteria.${at + 1}`) }}
                />
              </p>
            )}
          </li>
        ))}
      </ul>
      <p className="mt-2 flex items-baseline gap-3 text-[13px] text-ink-2">
        <Button
          disabled={criteria.length >= 12}
          onClick={() => onSet([...criteria, { id: 0, names: {} }])}
        >
          {t('setup.reviewForm.addARating')}
        </Button>
        {t('setup.reviewForm.earlierRatingsStayInTheir')}
      </p>
    </fieldset>
  );
}

const COUNTED: Choice<'own' | 'all'>[] = [
  { value: 'own', text: t('setup.reviewForm.reviewsWrittenInThisShop') },
  { value: 'all', text: t('setup.reviewForm.importedReviewsToo') },
];

/** What machines that read the page are told. */
function Markup() {
  const queries = useQueryClient();
  const { say, sayProblem } = useNotify();
  const rule = useQuery({
    queryKey: ['markup-rule'],
    queryFn: () => need(api.GET('/api/v1/structured-data-policy')),
  });
  const save = useMutation({
    mutationFn: (countsBroughtIn: boolean) =>
      need(api.PUT('/api/v1/structured-data-policy', { body: { countsBroughtIn } })),
    onSuccess: (kept) => {
      queries.setQueryData(['markup-rule'], kept);
      say(t('setup.reviewForm.saved'));
    },
    onError: sayProblem,
  });
  if (!rule.data) return null;
  return (
    <p className="mt-5 border-t border-line pt-3 text-[15px] leading-8 text-ink-2">
      <T
        id="setup.reviewForm.inStructuredDataForSearch"
        values={{
          pick: (
            <InlineSelect
              label={t('setup.reviewForm.countedInStructuredData')}
              value={rule.data.countsBroughtIn ? 'all' : 'own'}
              choices={COUNTED}
              onPick={(value) => save.mutate(value === 'all')}
            />
          ),
          countsBroughtIn:
            rule.data.countsBroughtIn &&
            ` ${t('setup.reviewForm.countingReviewsFromElsewhereMay')}`,
        }}
      />
    </p>
  );
}
