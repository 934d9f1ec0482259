import { useState } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, need, told } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { useSay } from '../../ui/toasts';

const KEY = ['where'];

/** How the country of a shopper is known, which delivery promises go by. */
export function WhereShoppersAre() {
  const queries = useQueryClient();
  const { say } = useSay();
  const where = useQuery({ queryKey: KEY, queryFn: () => need(api.GET('/api/v1/where')) });
  const [typed, setTyped] = useState<string>();
  const set = useMutation({
    mutationFn: (header: string) => need(api.PUT('/api/v1/where', { body: { header } })),
    onSuccess: (now) => {
      queries.setQueryData(KEY, now);
      setTyped(undefined);
      say('Kept');
    },
  });
  const now = where.data;
  useUnsaved('where', typed !== undefined && typed !== now?.header);
  if (!now) return null;
  return (
    <section className="rounded-2xl border border-line bg-paper p-6">
      <h2 className="mb-2 text-lg">Where shoppers are</h2>
      <p className="mb-3 text-ink-2">
        A shopper’s own choice comes first. Then a header of your proxy, if you trust one; then{' '}
        {now.looksUp ? 'the file of countries by address' : 'no file of countries by address'}; then
        the time zone of their machine. Where none of it tells, the shop’s own country is taken, and
        that is said on the page.
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          set.mutate(typed ?? now.header);
        }}
      >
        <Field
          label="Header in which your proxy writes the country"
          note="Leave it empty unless the proxy sets it itself: anyone could write it otherwise."
          fault={set.error ? told(set.error) : undefined}
          value={typed ?? now.header}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Button look="inside" type="submit" className="mt-2" disabled={set.isPending}>
          Keep
        </Button>
      </form>
    </section>
  );
}
