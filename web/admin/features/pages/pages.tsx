import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { Pick } from '../../ui/pick';
import { ProductPick, useProducts } from '../../ui/product-pick';
import { Empty, Failure, Loading } from '../../ui/empty';
import { useShop, type Shop } from '../setup/queries';
import { useFrames } from './frame-link';
import { LivePage } from './live-page';
import { OnThisPage } from './on-this-page';
import { useCategories, useOnThisPage, usePreviewToken } from './queries';
import {
  KINDS,
  readViewpoint,
  SCREENS,
  shopPage,
  viewpointAddress,
  type ViewpointParts,
} from './viewpoint';

/** The live page, and why each nod shows on it or does not. */
export function Pages() {
  const params = useParams();
  const [query] = useSearchParams();
  const navigate = useNavigate();
  const shop = useShop();
  const products = useProducts('');
  const view = readViewpoint(params['kind'], params['product'], query.get('as'));
  const first = products.data?.items[0]?.slug;
  const needsProduct = view.kind === 'product' && !view.product;
  useEffect(() => {
    if (needsProduct && first) {
      void navigate(viewpointAddress({ ...view, product: first }), { replace: true });
    }
  });
  if (shop.error) return <Failure error={shop.error} again={() => void shop.refetch()} />;
  if (!shop.data || !products.data) return <Loading />;
  const go = (changes: Partial<ViewpointParts>, replace = false) =>
    void navigate(viewpointAddress({ ...view, ...changes }), { replace });
  return (
    <>
      <ViewpointSentence view={view} onChange={go} />
      {shop.data.address && needsProduct && products.data.total === 0 ? (
        <Empty level={1} title="The catalogue is empty">
          Send your products to /api/v1/catalogue/imports, as JSON Lines of schema.org ProductGroup,
          and their pages appear here.
        </Empty>
      ) : !shop.data.address ? (
        <Empty level={1} title="The shop is not connected yet">
          Tell where its pages are, and they appear here.{' '}
          <Link to="/setup" className="text-plum underline">
            Connect the shop
          </Link>
        </Empty>
      ) : (
        <Stage key={shop.data.address} shop={shop.data} view={view} />
      )}
    </>
  );
}

function ViewpointSentence({
  view,
  onChange,
}: {
  view: ViewpointParts;
  onChange: (changes: Partial<ViewpointParts>, replace?: boolean) => void;
}) {
  return (
    <div className="flex h-12 shrink-0 items-center gap-1.5 border-b border-line bg-paper px-5 text-[15px] text-ink-2">
      See the
      <Pick
        label="Page"
        value={view.kind}
        choices={KINDS}
        onPick={(kind) => onChange({ kind, product: undefined })}
      />
      {view.kind === 'product' && (
        <>
          of
          <ProductPick
            label="Product"
            value={view.product}
            onPick={(product) => onChange({ product })}
          />
        </>
      )}
      {view.kind === 'listing' && (
        <>
          of
          <CategoryPick
            value={view.product}
            onPick={(product, replace) => onChange({ product }, replace)}
          />
        </>
      )}
      on
      <Pick
        label="Screen"
        value={view.screens}
        choices={SCREENS}
        onPick={(screens) => onChange({ screens })}
      />
    </div>
  );
}

function CategoryPick({
  value,
  onPick,
}: {
  value: string | undefined;
  onPick: (slug: string, replace?: boolean) => void;
}) {
  const categories = useCategories();
  const first = categories[0]?.value;
  useEffect(() => {
    if (!value && first) onPick(first, true);
  });
  return <Pick label="Category" value={value ?? ''} choices={categories} onPick={onPick} />;
}

function Stage({ shop, view }: { shop: Shop; view: ViewpointParts }) {
  const frames = useRef(new Map<string, HTMLIFrameElement>());
  const [picked, setPicked] = useState<string | undefined>();
  const token = usePreviewToken();
  const page = shopPage(shop, view);
  const link = useFrames(new URL(shop.address).origin, frames, setPicked);
  const known = link.report?.context;
  const products =
    known?.products ?? (view.kind === 'product' && view.product ? [view.product] : []);
  const onPage = useOnThisPage(known?.kind ?? view.kind, products, known?.variant);
  const [late, setLate] = useState<string | undefined>();
  useEffect(() => {
    const timer = setTimeout(() => setLate(page), 6000);
    return () => clearTimeout(timer);
  }, [page]);
  if (token.error) return <Failure error={token.error} again={() => void token.refetch()} />;
  if (!token.data || !page) return <Loading />;
  const address = `${page}#nodyes-preview=${token.data.token}`;
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_404px]">
      <section
        aria-label="The live page"
        className="flex min-h-0 flex-col bg-[radial-gradient(circle_at_1px_1px,#e2d8c6_1px,transparent_0)] bg-[length:16px_16px] px-5 pt-4"
      >
        {!link.report && late === page && (
          <p role="status" className="mb-3 rounded-xl bg-rust-soft px-4 py-2 text-rust-ink">
            This page says nothing. Either it refuses to stand in a frame, or the script is not on
            it:{' '}
            <Link to="/setup" className="underline">
              see how to connect
            </Link>
            .
          </p>
        )}
        <LivePage
          key={page}
          address={address}
          shown={page.replace(/^https?:\/\//, '')}
          screens={view.screens}
          frames={frames}
        />
      </section>
      <aside
        className="flex min-h-0 flex-col border-l border-line bg-paper"
        aria-label="On this page"
      >
        <OnThisPage
          page={onPage}
          report={link.report}
          picked={picked}
          onPick={(nod) => {
            setPicked(nod);
            link.mark(nod);
          }}
          onPoint={link.mark}
          onChanged={link.refresh}
        />
      </aside>
    </div>
  );
}
