import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { ProductPick } from '../../ui/product-pick';
import { InlineSelect } from '../../ui/inline-select';
import { Problem, sendForm } from '../../shared/api';
import { useServerForm } from '../../shared/server-form';
import { useUnsaved } from '../../shared/unsaved';
import { useVariants } from '../layout/queries';
import { ReviewTabs } from '../reviews/tabs';
import { STARS } from '../reviews/labels';
import { T, t } from '../../shared/t';

interface Typed {
  product: string;
  variant: string;
  stars: string;
  title: string;
  words: string;
  reviewer: string;
  country: string;
  writtenOn: string;
  from: string;
}

const EMPTY: Typed = {
  product: '',
  variant: '',
  stars: '',
  title: '',
  words: '',
  reviewer: '',
  country: '',
  writtenOn: '',
  from: '',
};

async function store({ stars, ...typed }: Typed, original: File | undefined): Promise<void> {
  const form = new FormData();
  const filled = Object.fromEntries(Object.entries(typed).filter(([, value]) => value !== ''));
  const review = JSON.stringify({ ...filled, ...(stars ? { stars: Number(stars) } : {}) });
  form.append('review', new Blob([review], { type: 'application/json' }));
  if (original) form.append('original', original);
  await sendForm('/api/v1/imports/by-hand', form);
}

/** One review typed in, from a letter, a card or a message. */
export function ByHand() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [original, setOriginal] = useState<File | undefined>();
  const typing = useServerForm<Typed>(EMPTY);
  const { form, problem, isChanged, onSubmit, refuse } = typing;
  const add = useMutation({
    mutationFn: (typed: Typed) => store(typed, original),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['reviews'] });
      await navigate('/reviews');
    },
    onError: (error) =>
      refuse(error instanceof Problem ? error : new Problem(0, t('imports.byHand.thatDidNotWork'))),
  });
  useUnsaved('by-hand', isChanged && !add.isPending && !add.isSuccess);
  const submit = onSubmit((typed) => add.mutate(typed));
  const isWhole = form.getValues(['product', 'stars', 'from']).every((text) => text.trim() !== '');
  return (
    <>
      <ReviewTabs>
        <Link to="/reviews/bring-in" className="px-2 text-plum underline">
          {t('imports.byHand.otherWaysToImport')}
        </Link>
      </ReviewTabs>
      <div className="min-h-0 flex-1 overflow-auto p-5">
        <form
          onSubmit={(event) => void submit(event)}
          noValidate
          className="max-w-2xl rounded-2xl border border-line bg-paper p-6"
        >
          <h1 className="text-xl">{t('imports.byHand.addAReviewByHand')}</h1>
          <p className="mb-4 text-ink-2">{t('imports.byHand.typeItExactlyAsIt')}</p>
          <About typing={typing} />
          <Fields field={typing.field} onOriginal={setOriginal} />
          {problem && (
            <p role="alert" className="mt-4 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
              {problem}
            </p>
          )}
          <Button look="inside" type="submit" className="mt-4" disabled={add.isPending || !isWhole}>
            {t('imports.byHand.addReview')}
          </Button>
        </form>
      </div>
    </>
  );
}

type Typing = ReturnType<typeof useServerForm<Typed>>;

const CHOICES = [{ value: '', text: t('imports.byHand.chooseTheStars') }, ...STARS];

/** What the review is about, and how many stars it gives, as a sentence. */
function About({ typing: { form, pick } }: { typing: Typing }) {
  const product = form.getValues('product');
  const variants = useVariants(product || undefined).map((variant) => variant.title);
  return (
    <p className="mb-3 text-[15px] leading-8 text-ink-2">
      <T
        id="imports.byHand.aReviewOfWith"
        values={{
          productPick: (
            <ProductPick
              label={t('imports.byHand.product')}
              value={product || undefined}
              none={t('imports.byHand.chooseAProduct')}
              onPick={(chosen) => {
                pick('product').onPick(chosen ?? '');
                pick('variant').onPick('');
              }}
            />
          ),
          variants: variants.length > 0 && (
            <>
              ,{' '}
              <InlineSelect
                label={t('imports.byHand.variant')}
                choices={[
                  { value: '', text: t('imports.byHand.anyVariant') },
                  ...variants.map((title) => ({ value: title, text: title })),
                ]}
                {...pick('variant')}
              />
            </>
          ),
          pick: (
            <InlineSelect label={t('imports.byHand.stars')} choices={CHOICES} {...pick('stars')} />
          ),
        }}
      />
    </p>
  );
}

interface FieldsProps {
  field: Typing['field'];
  onOriginal: (file: File | undefined) => void;
}

function Fields({ field, onOriginal }: FieldsProps) {
  const { fault, ...words } = field('words');
  return (
    <div className="flex flex-col gap-3">
      <label className="flex flex-col gap-1 font-medium">
        <T
          id="imports.byHand.text"
          values={{
            textarea: (
              <textarea
                rows={5}
                className="rounded-lg border border-line-3 bg-white px-3 py-2 font-normal"
                {...words}
              />
            ),
            fault: fault && <span className="text-[13px] font-normal text-rust-ink">{fault}</span>,
          }}
        />
      </label>
      <div className="grid grid-cols-2 gap-3">
        <Field label={t('imports.byHand.titleOptional')} {...field('title')} />
        <Field label={t('imports.byHand.reviewer')} {...field('reviewer')} />
        <Field label={t('imports.byHand.country')} {...field('country')} />
        <Field label={t('imports.byHand.date')} type="date" {...field('writtenOn')} />
        <Field
          label={t('imports.byHand.source')}
          note={t('imports.byHand.eGLetterCardMessage')}
          required
          {...field('from')}
        />
        <label className="flex flex-col gap-1 font-medium">
          <T
            id="imports.byHand.photoOfTheOriginalKept"
            values={{
              input: (
                <input
                  type="file"
                  accept="image/jpeg,image/png,image/gif,image/webp"
                  className="rounded-lg border border-line-3 bg-white px-3 py-1.5 font-normal"
                  onChange={(event) => onOriginal(event.target.files?.[0])}
                />
              ),
              span: (chunks) => (
                <span className="text-[13px] font-normal text-ink-2">{chunks}</span>
              ),
            }}
          />
        </label>
      </div>
    </div>
  );
}
