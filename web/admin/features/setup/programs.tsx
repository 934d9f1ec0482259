import { useState } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { Field } from '../../ui/field';
import { api, need, Problem } from '../../shared/api';
import { since } from '../../shared/words';
import { useSay } from '../../ui/toasts';

/** Keys for programs that send products and orders; each is told once. */
export function Programs() {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [made, setMade] = useState<string>();
  const { sayProblem } = useSay();
  const keys = useQuery({ queryKey: ['keys'], queryFn: () => need(api.GET('/api/v1/keys')) });
  const again = () => void queries.invalidateQueries({ queryKey: ['keys'] });
  const make = useMutation({
    mutationFn: () => need(api.POST('/api/v1/keys', { body: { name } })),
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
        A till or a shop’s own script can send products and orders with a key, as the Catalogue’s
        feeds say.
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
          <Button type="submit" disabled={!name.trim() || make.isPending}>
            Make a key
          </Button>
        </span>
      </form>
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
              <b className="min-w-0 flex-1 truncate">{key.name}</b>
              <span className="text-[13px] text-ink-2">made {since(key.madeAt)}</span>
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
