import { useQuery } from '@tanstack/react-query';
import { api, need } from '../../shared/api';

/** How to go, leaving nothing behind and taking everything along. */
export function Leaving() {
  const left = useQuery({ queryKey: ['leaving'], queryFn: () => need(api.GET('/api/v1/leaving')) });
  return (
    <section
      aria-label="If you leave"
      className="col-span-2 rounded-2xl border border-line bg-paper p-6"
    >
      <h2 className="mb-2 text-xl">If you leave</h2>
      <ol className="ml-5 flex max-w-3xl list-decimal flex-col gap-2">
        <li>
          <a className="text-plum underline" href="/api/v1/leaving/everything.zip" download>
            Take everything along
          </a>{' '}
          in one file: reviews with their pictures, nods, timings, closed days, and which numbers
          shoppers were shown, all in open formats.
        </li>
        <li>
          Take the script line out of your pages. With it all nods are gone at once; the marks that
          begin with data-nod do nothing by themselves and can go or stay.
        </li>
        <li>
          Stop Nod Yes and delete its folder
          {left.data && (
            <>
              , <code className="text-[13px] break-all">{left.data.folder}</code>
            </>
          )}
          . It keeps nothing elsewhere, but a shopper’s browser may hold a vote or a chosen country
          until its data is cleared.
        </li>
      </ol>
    </section>
  );
}
