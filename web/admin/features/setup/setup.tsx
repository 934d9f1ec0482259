import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty';
import { Field } from '../../ui/field';
import { useProducts } from '../../ui/product-pick';
import { useCopy } from '../../ui/copy';
import { useSay } from '../../ui/toasts';
import { Problem, isLost } from '../../shared/api';
import { useUnsaved } from '../../shared/unsaved';
import { FollowUps } from './follow-ups';
import { Leaving } from './leaving';
import { NewReviews } from './new-reviews';
import { PageCheck } from './page-check';
import { ReviewForm } from './review-form';
import { Outside } from './outside';
import { Programs } from './programs';
import { WhereShoppersAre } from './where';
import { SimulatedShoppers } from './shoppers';
import { useSaveShop, useShop, type Shop } from './queries';

/** Connecting the shop: the script line, and where its pages are. */
export function Setup() {
  const shop = useShop();
  if (isLost(shop)) return <Failure error={shop.error} again={() => void shop.refetch()} />;
  if (!shop.data) return <Loading />;
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_minmax(0,1fr)] items-start gap-5 overflow-auto p-5">
      <FollowUps />
      <Connect shop={shop.data} />
      <ShopForm shop={shop.data} />
      <NewReviews />
      <ReviewForm />
      <PageCheck />
      <PeopleCard />
      <Programs />
      <WhereShoppersAre />
      <Outside />
      <SimulatedShoppers />
      <Leaving />
    </div>
  );
}

/** Who else works here stands on a page of its own. */
function PeopleCard() {
  return (
    <section className="rounded-2xl border border-line bg-paper p-6" aria-label="People">
      <h2 className="mb-2 text-lg">People</h2>
      <p className="text-[13px] text-ink-2">
        Invite people and say what they may do, see where they are signed in, and what was done by
        whom.
      </p>
      <Link
        to="/setup/people"
        className="mt-3 inline-block rounded-lg border border-line-3 px-3.5 py-1.5 font-medium hover:bg-paper-2"
      >
        People and what was done
      </Link>
    </section>
  );
}

function Connect({ shop }: { shop: Shop }) {
  const copy = useCopy();
  const product = useProducts('').data?.items[0];
  const line = `<script async src="${location.origin}/nodyes.js" data-shop="${shop.publicKey}"></script>`;
  return (
    <section className="rounded-2xl border border-line bg-paper p-6">
      <h1 className="mb-4 text-xl">Connect the shop</h1>
      <ol className="flex flex-col gap-5">
        <Step n={1} title="Put this line into every page of the shop">
          <Code text={line} onCopy={copy} />
        </Step>
        <Step n={2} title="Say which page it is">
          <Code
            text={`<body data-nod-page="product" data-nod-product="${product?.slug ?? 'NAME-IN-ADDRESSES'}">`}
            onCopy={copy}
          />
          <p className="mt-1.5 text-[13px] text-ink-2">
            {product
              ? `This is ‘${product.title}’; each product has its own name, which the Catalogue shows. `
              : 'Each product has its own name, as the Catalogue will show it. '}
            The kinds are product, listing, basket, home and confirmation; a confirmation says with
            data-nod-ordered when the order was placed. In listings each card carries its own
            data-nod-product.
          </p>
        </Step>
        <Step n={3} title="Mark where nods may stand">
          <Code text={'<div data-nod-spot="under-title"></div>'} onCopy={copy} />
          <p className="mt-1.5 text-[13px] text-ink-2">
            On a product’s page: above-title, under-title, under-price, above-buy, under-buy,
            under-picture, under-description and page-end; on-picture is put on the element that
            holds the picture. On each card of a listing: listing-card. In the basket: basket-line
            and basket-end; on the confirmation: order-end. The screen’s edge needs no mark. Without
            marks, point at the places in Pages instead.
          </p>
        </Step>
      </ol>
    </section>
  );
}

function Step({ n, title, children }: { n: number; title: string; children: React.ReactNode }) {
  return (
    <li className="grid grid-cols-[28px_minmax(0,1fr)] gap-2">
      <span className="grid size-6 place-items-center rounded-[50%_50%_50%_5px] bg-plum text-[13px] font-bold text-white">
        {n}
      </span>
      <div>
        <h2 className="mb-2 text-[15px]">{title}</h2>
        {children}
      </div>
    </li>
  );
}

function Code({ text, onCopy }: { text: string; onCopy: (text: string) => void }) {
  return (
    <div className="flex items-start gap-2 rounded-lg border border-line bg-paper-2 p-2.5">
      <code className="min-w-0 flex-1 text-[13px] break-all">{text}</code>
      <Button className="py-0.5!" onClick={() => onCopy(text)}>
        Copy
      </Button>
    </div>
  );
}

const FIELDS: { field: keyof Shop; label: string; note: string }[] = [
  { field: 'name', label: 'Name', note: 'What shoppers know it by.' },
  { field: 'address', label: 'Address', note: 'Such as https://shop.example, without a path.' },
  {
    field: 'productPath',
    label: 'A product’s page',
    note: '{product} stands for its name in addresses; ?variant={variant} may name the chosen SKU.',
  },
  {
    field: 'listingPath',
    label: 'A category’s page',
    note: '{category} stands for its name in addresses.',
  },
  { field: 'basketPath', label: 'The basket', note: 'Such as /basket.' },
  {
    field: 'zone',
    label: 'Time zone',
    note: 'Days and deadlines are counted in it, such as Europe/Lisbon.',
  },
  { field: 'currency', label: 'Currency', note: 'Such as EUR.' },
];

function ShopForm({ shop }: { shop: Shop }) {
  const [wanted, setWanted] = useState(shop);
  const save = useSaveShop();
  const { say } = useSay();
  useUnsaved('shop', JSON.stringify(wanted) !== JSON.stringify(shop));
  const problem = save.error instanceof Problem ? save.error : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    save.mutate(wanted, {
      onSuccess: (saved) => {
        setWanted(saved);
        say('Saved');
      },
    });
  };
  return (
    <form onSubmit={submit} noValidate className="rounded-2xl border border-line bg-paper p-6">
      <h2 className="mb-4 text-xl">The shop</h2>
      <div className="grid grid-cols-2 gap-x-5 gap-y-3">
        {FIELDS.map(({ field, label, note }) => (
          <Field
            key={field}
            label={label}
            note={note}
            value={wanted[field]}
            fault={problem?.faults.find((fault) => fault.field === field)?.reason}
            onChange={(event) => setWanted({ ...wanted, [field]: event.target.value })}
          />
        ))}
      </div>
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="mt-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
          {problem.message}
        </p>
      )}
      <Button look="inside" type="submit" className="mt-5" disabled={save.isPending}>
        Save
      </Button>
    </form>
  );
}
