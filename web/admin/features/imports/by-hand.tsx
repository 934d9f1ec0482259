import { useState, type FormEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { ProductPick } from '../../ui/product-pick';
import { InlineSelect } from '../../ui/inline-select';
import { Problem, sendForm } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import { useVariants } from '../layout/queries';
import { ReviewTabs } from '../reviews/tabs';
import { STARS } from '../reviews/labels';
import { T, t } from '../../shared/t';

interface Typed {
  product?: string;
  variant?: string;
  stars?: number;
  title: string;
  words: string;
  reviewer: string;
  country: string;
  writtenOn: string;
  from: string;
}

const EMPTY: Typed = { title: '', words: '', reviewer: '', country: '', writtenOn: '', from: '' };

async function store(typed: Typed, original: File | undefined): Promise<void> {
  const form = new FormData();
  const filled = Object.fromEntries(Object.entries(typed).filter(([, value]) => value !== ''));
  form.append('review', new Blob([JSON.stringify(filled)], { type: 'application/json' }));
  if (original) form.append('original', original);
  await sendForm('/api/v1/imports/by-hand', form);
}

/** One review typed in, from a letter, a card or a message. */
export function ByHand() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [typed, setTyped] = useState(EMPTY);
  const [original, setOriginal] = useState<File | undefined>();
  const [problem, setProblem] = useState<Problem | undefined>();
  const [busy, setBusy] = useState(false);
  useUnsaved('by-hand', typed !== EMPTY && !busy);
  const fault = (field: string) => problem?.faults.find((one) => one.field === field)?.reason;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    setProblem(undefined);
    store(typed, original)
      .then(async () => {
        await queries.invalidateQueries({ queryKey: ['reviews'] });
        await navigate('/reviews');
      })
      .catch((error: unknown) =>
        setProblem(
          error instanceof Problem ? error : new Problem(0, t('imports.byHand.thatDidNotWork')),
        ),
      )
      .finally(() => setBusy(false));
  };
  return (
    <>
      <ReviewTabs>
        <Link to="/reviews/bring-in" className="px-2 text-plum underline">
          {t('imports.byHand.otherWaysToImport')}
        </Link>
      </ReviewTabs>
      <div className="min-h-0 flex-1 overflow-auto p-5">
        <form
          onSubmit={submit}
          noValidate
          className="max-w-2xl rounded-2xl border border-line bg-paper p-6"
        >
          <h1 className="text-xl">{t('imports.byHand.addAReviewByHand')}</h1>
          <p className="mb-4 text-ink-2">{t('imports.byHand.typeItExactlyAsIt')}</p>
          <About typed={typed} onSet={setTyped} />
          <Fields typed={typed} fault={fault} onSet={setTyped} onOriginal={setOriginal} />
          {problem && (
            <p role="alert" className="mt-4 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
              {problem.message}
            </p>
          )}
          <Button
            look="inside"
            type="submit"
            className="mt-4"
            disabled={busy || !typed.product || !typed.stars || !typed.from.trim()}
          >
            {t('imports.byHand.addReview')}
          </Button>
        </form>
      </div>
    </>
  );
}

interface AboutProps {
  typed: Typed;
  onSet: (typed: Typed) => void;
}

function without(typed: Typed, ...names: ('product' | 'variant' | 'stars')[]): Typed {
  const rest = { ...typed };
  for (const name of names) delete rest[name];
  return rest;
}

const CHOICES = [{ value: '', text: t('imports.byHand.chooseTheStars') }, ...STARS];

/** What the review is about, and how many stars it gives, as a sentence. */
function About({ typed, onSet }: AboutProps) {
  const variants = useVariants(typed.product).map((variant) => variant.title);
  return (
    <p className="mb-3 text-[15px] leading-8 text-ink-2">
      <T
        id="imports.byHand.aReviewOfWith"
        values={{
          productPick: (
            <ProductPick
              label={t('imports.byHand.product')}
              value={typed.product}
              none={t('imports.byHand.chooseAProduct')}
              onPick={(product) =>
                onSet({ ...without(typed, 'product', 'variant'), ...(product ? { product } : {}) })
              }
            />
          ),
          variants: variants.length > 0 && (
            <>
              ,{' '}
              <InlineSelect
                label={t('imports.byHand.variant')}
                value={typed.variant ?? ''}
                choices={[
                  { value: '', text: t('imports.byHand.anyVariant') },
                  ...variants.map((title) => ({ value: title, text: title })),
                ]}
                onPick={(variant) =>
                  onSet(variant ? { ...typed, variant } : without(typed, 'variant'))
                }
              />
            </>
          ),
          pick: (
            <InlineSelect
              label={t('imports.byHand.stars')}
              value={typed.stars ? String(typed.stars) : ''}
              choices={CHOICES}
              onPick={(stars) =>
                onSet(stars ? { ...typed, stars: Number(stars) } : without(typed, 'stars'))
              }
            />
          ),
        }}
      />
    </p>
  );
}

interface FieldsProps extends AboutProps {
  fault: (field: string) => string | undefined;
  onOriginal: (file: File | undefined) => void;
}

function Fields({ typed, fault, onSet, onOriginal }: FieldsProps) {
  const text = (field: 'title' | 'reviewer' | 'country' | 'writtenOn' | 'from') => ({
    value: typed[field],
    fault: fault(field),
    onChange: (event: { target: { value: string } }) =>
      onSet({ ...typed, [field]: event.target.value }),
  });
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
                value={typed.words}
                onChange={(event) => onSet({ ...typed, words: event.target.value })}
              />
            ),
            fault: fault('words') && (
              <span className="text-[13px] font-normal text-rust-ink">{fault('words')}</span>
            ),
          }}
        />
      </label>
      <div className="grid grid-cols-2 gap-3">
        <Field label={t('imports.byHand.titleOptional')} {...text('title')} />
        <Field label={t('imports.byHand.reviewer')} {...text('reviewer')} />
        <Field label={t('imports.byHand.country')} {...text('country')} />
        <Field label={t('imports.byHand.date')} type="date" {...text('writtenOn')} />
        <Field
          label={t('imports.byHand.source')}
          note={t('imports.byHand.eGLetterCardMessage')}
          required
          {...text('from')}
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
