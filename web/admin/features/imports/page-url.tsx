import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../ui/button';
import { useServerForm } from '../../shared/server-form';
import { useBeginVisit, useCancelVisit, useVisit, wayOn } from './visit-queries';
import { T, t } from '../../shared/t';

/** Reviews of a web page, by its address. */
export function PageUrl() {
  const navigate = useNavigate();
  const { form, onSubmit } = useServerForm({ address: '' });
  const [id, setId] = useState<number | undefined>();
  const begin = useBeginVisit();
  const cancel = useCancelVisit();
  const visit = useVisit(id);
  const seen = id === undefined ? undefined : visit.data;
  const going = begin.isPending || (id !== undefined && (!seen || seen.state === 'GOING'));
  const problem = begin.error?.message ?? visit.error?.message ?? seen?.failure;

  useEffect(() => {
    const next = seen && wayOn(seen);
    if (next) void navigate(next);
  }, [seen, navigate]);
  const submit = onSubmit(({ address }) => {
    setId(undefined);
    begin.mutate(address, { onSuccess: (begun) => setId(begun.id) });
  });
  return (
    <section className="rounded-2xl border border-line bg-paper p-5">
      <h2 className="text-lg">{t('imports.pageUrl.fromAWebPage')}</h2>
      <form onSubmit={(event) => void submit(event)}>
        <label htmlFor="page-address" className="text-ink-2">
          {t('imports.pageUrl.forExampleYourProductOn')}
        </label>
        <div className="mt-2 flex gap-2">
          <input
            id="page-address"
            inputMode="url"
            className="min-w-0 flex-1 rounded-lg border border-line-3 bg-white px-3 py-1.5"
            placeholder={'https://'}
            {...form.register('address')}
          />
          <Button type="submit" disabled={!form.getValues('address').trim() || going}>
            {t('imports.pageUrl.readPage')}
          </Button>
        </div>
      </form>
      {going && (
        <p role="status" className="mt-3 flex items-center gap-3">
          <span className="flex-1">
            <T
              id="imports.pageUrl.readingPagesReviewsSoFar"
              values={{ pages: seen?.pages ?? 0, reviews: seen?.reviews ?? 0 }}
            />
          </span>
          {id !== undefined && (
            <Button onClick={() => cancel.mutate(id)}>{t('imports.pageUrl.cancel')}</Button>
          )}
        </p>
      )}
      {seen?.state === 'CANCELLED' && (
        <p role="status" className="mt-3 text-ink-2">
          {t('imports.pageUrl.cancelledNothingWasImported')}
        </p>
      )}
      {problem && !going && (
        <p role="alert" className="mt-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          {problem}
        </p>
      )}
    </section>
  );
}
