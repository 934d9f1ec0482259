import { useState, type FormEvent } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Pick, type Choice } from '../../ui/pick';
import { useSay } from '../../ui/toasts';
import { api, need, Problem, type Schemas } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import { language } from '../../shared/words';
import { useCategories } from '../pages/queries';

type FormSet = Schemas['FormSet'];
type Asked = FormSet['fields'][string];
type Criterion = FormSet['criteria'][number];

const KEY = ['review-form'];
const LANGUAGES = ['en', 'pt', 'de', 'es', 'fr', 'ja', 'ar'];
const FIELDS: { field: string; text: string }[] = [
  { field: 'TITLE', text: 'a line above the words' },
  { field: 'WORDS', text: 'the words' },
  { field: 'PROS', text: 'what is good' },
  { field: 'CONS', text: 'what is not' },
  { field: 'CRITERIA', text: 'stars for single things' },
  { field: 'PICTURES', text: 'pictures' },
  { field: 'NAME', text: 'a name' },
  { field: 'EMAIL', text: 'an e-mail address, never shown' },
];
const ASKED: Choice<Asked>[] = [
  { value: 'REQUIRED', text: 'needed' },
  { value: 'OPTIONAL', text: 'can stay empty' },
  { value: 'OFF', text: 'not asked' },
];

/** What the form on shop pages asks, and what machines are told of the ratings. */
export function ReviewForm() {
  const form = useQuery({
    queryKey: KEY,
    queryFn: () => need(api.GET('/api/v1/own-reviews/form')),
  });
  return (
    <section className="col-span-2 rounded-2xl border border-line bg-paper p-6">
      <h2 className="mb-2 text-xl">What the form asks</h2>
      {form.data && <Fields key={JSON.stringify(form.data)} form={form.data} />}
      {form.error && <p className="text-rust-ink">{form.error.message}</p>}
      <Markup />
    </section>
  );
}

function Fields({ form }: { form: FormSet }) {
  const [wanted, setWanted] = useState(form);
  useUnsaved('review-form', JSON.stringify(wanted) !== JSON.stringify(form));
  const { say } = useSay();
  const queries = useQueryClient();
  const save = useMutation({
    mutationFn: (body: FormSet) => need(api.PUT('/api/v1/own-reviews/form', { body })),
    onSuccess: (kept) => {
      queries.setQueryData(KEY, kept);
      say('The form asks that now');
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
      <p className="mb-2 text-ink-2">The stars are always needed, and none is chosen at first.</p>
      <ul className="grid grid-cols-2 gap-x-8">
        {FIELDS.map(({ field, text }) => (
          <li
            key={field}
            className="flex items-baseline justify-between gap-3 border-b border-line py-1.5"
          >
            {text}
            <Pick
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
          at most
          <Figure
            label="Pictures to a review"
            value={wanted.mostPictures}
            most={10}
            fault={faultOf('mostPictures')}
            onSet={(mostPictures) => setWanted({ ...wanted, mostPictures })}
          />
          pictures, of up to
          <Figure
            label="Megabytes to a picture"
            value={wanted.largestPicture}
            most={20}
            fault={faultOf('largestPicture')}
            onSet={(largestPicture) => setWanted({ ...wanted, largestPicture })}
          />
          MB each; a place or a camera’s number in them is removed
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
        Keep the form
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
  const choices: Choice<string>[] = [{ value: '', text: 'all products' }, ...categories];
  const put = (at: number, change: Partial<Criterion>) =>
    onSet(criteria.map((one, n) => (n === at ? { ...one, ...change } : one)));
  return (
    <fieldset className="mt-4">
      <legend className="font-semibold">Single things that reviews rate</legend>
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
                    aria-label={`Name ${at + 1} in ${language(code)}`}
                    dir="auto"
                    className="w-40 rounded-lg border border-line-3 bg-white px-2 py-1 text-[14px] text-ink"
                    onChange={(event) =>
                      put(at, { names: { ...one.names, [code]: event.target.value } })
                    }
                  />
                </label>
              ))}
            <Pick
              label={`Another language for thing ${at + 1}`}
              value=""
              choices={[
                { value: '', text: 'another language' },
                ...LANGUAGES.filter(
                  (code) => !(code in one.names) && !['en', 'pt'].includes(code),
                ).map((code) => ({ value: code, text: language(code) })),
              ]}
              onPick={(code) => code && put(at, { names: { ...one.names, [code]: '' } })}
            />
            <span className="text-ink-2">asked of</span>
            <Pick
              label={`Products that thing ${at + 1} is for`}
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
              Earlier
            </Button>
            <Button look="link" onClick={() => onSet(criteria.filter((_, n) => n !== at))}>
              Ask no more
            </Button>
            {faultOf(`criteria.${at + 1}`) && (
              <p role="alert" className="w-full text-[13px] text-rust-ink">
                This one {faultOf(`criteria.${at + 1}`)}
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
          Ask about one more
        </Button>
        What was rated before stays in its reviews, also when it is asked no more.
      </p>
    </fieldset>
  );
}

const COUNTED: Choice<'own' | 'all'>[] = [
  { value: 'own', text: 'those written in this shop' },
  { value: 'all', text: 'those brought in from elsewhere too' },
];

/** What machines that read the page are told. */
function Markup() {
  const queries = useQueryClient();
  const { say, sayProblem } = useSay();
  const rule = useQuery({
    queryKey: ['markup-rule'],
    queryFn: () => need(api.GET('/api/v1/structured/rule')),
  });
  const save = useMutation({
    mutationFn: (countsBroughtIn: boolean) =>
      need(api.PUT('/api/v1/structured/rule', { body: { countsBroughtIn } })),
    onSuccess: (kept) => {
      queries.setQueryData(['markup-rule'], kept);
      say('Kept');
    },
    onError: sayProblem,
  });
  if (!rule.data) return null;
  return (
    <p className="mt-5 border-t border-line pt-3 text-[15px] leading-8 text-ink-2">
      In the page’s structured data for machines count{' '}
      <Pick
        label="Counted in structured data"
        value={rule.data.countsBroughtIn ? 'all' : 'own'}
        choices={COUNTED}
        onPick={(value) => save.mutate(value === 'all')}
      />
      .
      {rule.data.countsBroughtIn &&
        ' Search engines may take ratings of another place for a breach of their rules.'}
    </p>
  );
}
