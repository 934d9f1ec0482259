import { useState } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { Field } from '../../ui/field';
import { Pick, type Choice } from '../../ui/pick';
import { PickMany } from '../../ui/pick-many';
import { api, need, Problem, type Schemas } from '../../shared/api';
import { moment, since } from '../../shared/words';
import { useShop } from './queries';
import { useSay } from '../../ui/toasts';

type Scope = Schemas['KeyLine']['scopes'][number];

const SCOPES: Choice<Scope>[] = [
  { value: 'PRODUCTS_IN', text: 'sending products and orders' },
  { value: 'REVIEWS_OUT', text: 'reading reviews' },
  { value: 'PREVIEW', text: 'looking at pages' },
  { value: 'PUBLISH', text: 'publishing the draft' },
  { value: 'ALL', text: 'all that an editor may' },
];
const ENDS: Choice<string>[] = [
  { value: '30', text: 'in 30 days' },
  { value: '365', text: 'in a year' },
  { value: '', text: 'never' },
];

const told = (key: Schemas['KeyLine'], zone: string) =>
  key.endsAt ? `ends ${moment(key.endsAt, zone)}` : 'has no end';

/** Keys for programs that send products and orders; each is told once. */
export function Programs() {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [scopes, setScopes] = useState<Scope[]>(['PRODUCTS_IN']);
  const [days, setDays] = useState('365');
  const [made, setMade] = useState<string>();
  const { sayProblem } = useSay();
  const zone = useShop().data?.zone ?? 'UTC';
  const keys = useQuery({ queryKey: ['keys'], queryFn: () => need(api.GET('/api/v1/keys')) });
  const again = () => void queries.invalidateQueries({ queryKey: ['keys'] });
  const make = useMutation({
    mutationFn: () =>
      need(
        api.POST('/api/v1/keys', {
          body: { name, scopes, ...(days ? { days: Number(days) } : {}) },
        }),
      ),
    onSuccess: ({ key }) => {
      setMade(key);
      setName('');
      again();
    },
  });
  const remove = useMutation({
    mutationFn: (id: number) => need(api.DELETE('/api/v1/keys/{id}', { params: { path: { id } } })),
    onSettled: again,
    onError: sayProblem,
  });
  return (
    <section className="rounded-2xl border border-line bg-paper p-6" aria-label="Programs">
      <h2 className="mb-2 text-lg">Programs that send to you</h2>
      <p className="text-[13px] text-ink-2">
        A till or a shop’s own script works with a key, as the Catalogue’s feeds say. Each key opens
        what it is for, and nothing else.
      </p>
      <form
        className="mt-3 flex items-start gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          make.mutate();
        }}
      >
        <Field
          label="What the key is for"
          className="flex-1"
          value={name}
          maxLength={60}
          fault={make.error instanceof Problem ? make.error.message : undefined}
          onChange={(event) => setName(event.target.value)}
        />
        <span className="pt-7">
          <Button type="submit" disabled={!name.trim() || scopes.length === 0 || make.isPending}>
            Make a key
          </Button>
        </span>
      </form>
      <p className="text-[15px] leading-8 text-ink-2">
        It is for{' '}
        <PickMany
          label="What it opens"
          values={scopes}
          any="nothing yet"
          choices={SCOPES}
          onPick={setScopes}
        />
        , and it ends <Pick label="When it ends" value={days} choices={ENDS} onPick={setDays} />.
      </p>
      {made && (
        <p role="status" className="mt-2 rounded-lg bg-fern-soft px-3 py-2 text-fern-ink">
          Keep it now, it is not shown again: <code className="break-all">{made}</code>
        </p>
      )}
      {keys.error ? (
        <Failure error={keys.error} again={() => void keys.refetch()} />
      ) : !keys.data ? (
        <Loading lines={1} />
      ) : (
        <ul className="mt-3">
          {keys.data.items.map((key) => (
            <li
              key={key.id}
              className="flex items-baseline gap-3 border-t border-line/70 py-1.5 first:border-0"
            >
              <span className="min-w-0 flex-1">
                <b className="block truncate">{key.name}</b>
                <span className="text-[13px] text-ink-2">
                  {key.scopes
                    .map((one) => SCOPES.find(({ value }) => value === one)?.text ?? one)
                    .join(', ')}
                </span>
              </span>
              <span className="text-end text-[13px] text-ink-2">
                {key.isOver ? <b className="text-rust-ink">has ended</b> : told(key, zone)}
                <br />
                {key.usedAt ? `used ${since(key.usedAt)}` : 'never used'}
              </span>
              <Button look="link" onClick={() => remove.mutate(key.id)}>
                Remove
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
