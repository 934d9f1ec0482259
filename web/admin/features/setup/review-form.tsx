import type { UseFormRegisterReturn } from 'react-hook-form';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { InlineSelect, type Choice } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';
import { api, need, type Schemas } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import { useServerForm } from '../../shared/server-form';
import { T, t } from '../../shared/t';
import { DetailedRatings } from './detailed-ratings';
import { StructuredDataPolicy } from './structured-data-policy';

type FormSet = Schemas['FormSet'];
type Asked = FormSet['fields'][string];

const KEY = ['review-form'];
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
      {form.data && <Fields asked={form.data} />}
      {form.error && <p className="text-rust-ink">{form.error.message}</p>}
      <StructuredDataPolicy />
    </section>
  );
}

function Fields({ asked }: { asked: FormSet }) {
  const { form, field, faultOf, pick, problem, hasFaults, isChanged, onSubmit, refuse } =
    useServerForm<FormSet>(asked);
  useUnsaved('review-form', isChanged);
  const { say } = useNotify();
  const queries = useQueryClient();
  const save = useMutation({
    mutationFn: (body: FormSet) => need(api.PUT('/api/v1/review-form', { body })),
    onSuccess: (kept) => {
      queries.setQueryData(KEY, kept);
      form.reset(kept);
      say(t('setup.reviewForm.reviewFormSaved'));
    },
    onError: refuse,
  });
  const submit = onSubmit((wanted) => save.mutate(wanted));
  const criteria = pick('criteria');
  const isAsked = (name: string) => form.getValues(`fields.${name}`) !== 'OFF';
  return (
    <form onSubmit={(event) => void submit(event)} noValidate>
      <p className="mb-2 text-ink-2">{t('setup.reviewForm.starsAreAlwaysRequiredNone')}</p>
      <ul className="grid grid-cols-2 gap-x-8">
        {FIELDS.map((one) => (
          <li
            key={one.field}
            className="flex items-baseline justify-between gap-3 border-b border-line py-1.5"
          >
            {one.text}
            <InlineSelect label={one.text} choices={ASKED} {...pick(`fields.${one.field}`)} />
          </li>
        ))}
      </ul>
      {isAsked('PICTURES') && (
        <p className="mt-3 flex flex-wrap items-baseline gap-1.5 text-ink-2">
          <T
            id="setup.reviewForm.upToPhotosMbEach"
            values={{
              figure: (
                <Figure
                  label={t('setup.reviewForm.photosPerReview')}
                  most={10}
                  {...field('mostPictures', { setValueAs: Number })}
                />
              ),
              figure2: (
                <Figure
                  label={t('setup.reviewForm.megabytesPerPhoto')}
                  most={20}
                  {...field('largestPicture', { setValueAs: Number })}
                />
              ),
            }}
          />
        </p>
      )}
      {isAsked('CRITERIA') && (
        <DetailedRatings
          criteria={criteria.value}
          faultOf={(line) => faultOf(`criteria.${line}`)}
          onSet={criteria.onPick}
        />
      )}
      {problem && !hasFaults && (
        <p role="alert" className="mt-2 text-rust-ink">
          {problem}
        </p>
      )}
      <Button look="inside" type="submit" className="mt-4" disabled={save.isPending}>
        {t('setup.reviewForm.save')}
      </Button>
    </form>
  );
}

interface FigureProps extends UseFormRegisterReturn {
  label: string;
  most: number;
  fault: string | undefined;
}

function Figure({ label, most, fault, ...input }: FigureProps) {
  return (
    <>
      <input
        type="number"
        min={1}
        max={most}
        aria-label={label}
        aria-invalid={!!fault}
        className="w-16 border-b-2 border-saffron bg-transparent px-1 font-semibold text-ink"
        {...input}
      />
      {fault && (
        <span role="alert" className="text-[13px] text-rust-ink">
          {fault}
        </span>
      )}
    </>
  );
}
