import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useProducts } from '../../ui/product-pick';
import { Empty, Failure, Loading } from '../../ui/empty';
import { useShop, type Shop } from '../setup/queries';
import { useFrames } from './frame-link';
import { LivePage } from './live-page';
import { MomentsStrip } from './moments-strip';
import { OnThisPage } from './on-this-page';
import { useOnThisPage, usePreviewToken, useShopTime } from './queries';
import { ViewpointSentence } from './viewpoint-sentence';
import { asked, readViewpoint, shopPage, viewpointAddress, type ViewpointParts } from './viewpoint';

/** The live page, and why each nod shows on it or does not. */
export function Pages() {
  const params = useParams();
  const [query] = useSearchParams();
  const navigate = useNavigate();
  const shop = useShop();
  const products = useProducts('');
  const clock = useShopTime();
  const view = readViewpoint(params['kind'], params['product'], query);
  const first = products.data?.items[0]?.slug;
  const needsProduct = view.kind === 'product' && !view.product;
  useEffect(() => {
    if (needsProduct && first) {
      void navigate(viewpointAddress({ ...view, product: first }), { replace: true });
    }
  });
  if (shop.error) return <Failure error={shop.error} again={() => void shop.refetch()} />;
  if (clock.error) return <Failure error={clock.error} again={() => void clock.refetch()} />;
  if (!shop.data || !products.data || !clock.data) return <Loading />;
  const go = (changes: Partial<ViewpointParts>, replace = false) =>
    void navigate(viewpointAddress({ ...view, ...changes }), { replace });
  return (
    <>
      <ViewpointSentence view={view} now={clock.data.shopTime} onChange={go} />
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
        <Stage
          key={shop.data.address}
          shop={shop.data}
          view={view}
          onMoment={(moment) => go({ moment })}
        />
      )}
    </>
  );
}

interface StageProps {
  shop: Shop;
  view: ViewpointParts;
  onMoment: (moment: string) => void;
}

function Stage({ shop, view, onMoment }: StageProps) {
  const frames = useRef(new Map<string, HTMLIFrameElement>());
  const [picked, setPicked] = useState<string | undefined>();
  const token = usePreviewToken();
  const page = shopPage(shop, view);
  const link = useFrames(new URL(shop.address).origin, frames, setPicked);
  const known = link.report?.context;
  const products =
    known?.products ?? (view.kind === 'product' && view.product ? [view.product] : []);
  const kind = known?.kind ?? view.kind;
  const as = { ...(known?.variant ? { variant: known.variant } : {}), ...asked(view) };
  const onPage = useOnThisPage(kind, products, as);
  const [late, setLate] = useState<string | undefined>();
  useEffect(() => {
    const timer = setTimeout(() => setLate(page), 6000);
    return () => clearTimeout(timer);
  }, [page]);
  if (token.error) return <Failure error={token.error} again={() => void token.refetch()} />;
  if (!token.data || !page) return <Loading />;
  const address = `${page}#${new URLSearchParams({ 'nodyes-preview': token.data.token, ...asked(view) }).toString()}`;
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_404px] grid-rows-[minmax(0,1fr)_auto]">
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
          at={view.moment}
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
      <div className="col-span-2 min-w-0">
        <MomentsStrip
          kind={kind}
          products={products}
          as={as}
          moment={view.moment}
          onGo={onMoment}
        />
      </div>
    </div>
  );
}
