import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { useProducts } from '../../ui/product-pick';
import { useCopy } from '../../ui/copy';
import { isLost } from '../../shared/api';
import { FollowUps } from './follow-ups';
import { Export } from './export';
import { SubmissionPolicy } from './submission-policy';
import { Jobs } from './jobs';
import { PageCheck } from './page-check';
import { ReviewForm } from './review-form';
import { ConnectedServices } from './connected-services';
import { ApiKeys } from './api-keys';
import { ShopperCountry } from './shopper-country';
import { SimulatedShoppers } from './shoppers';
import { ShopForm } from './shop-form';
import { useShop, type Shop } from '../shop/queries';
import { T, t } from '../../shared/t';

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
      <SubmissionPolicy />
      <ReviewForm />
      <PageCheck />
      <PeopleCard />
      <ApiKeys />
      <ShopperCountry />
      <ConnectedServices />
      <Jobs />
      <SimulatedShoppers />
      <Export />
    </div>
  );
}

/** Who else works here stands on a page of its own. */
function PeopleCard() {
  return (
    <section
      className="rounded-2xl border border-line bg-paper p-6"
      aria-label={t('setup.setup.people')}
    >
      <h2 className="mb-2 text-lg">{t('setup.setup.people')}</h2>
      <p className="text-[13px] text-ink-2">{t('setup.setup.invitePeopleChooseWhatThey')}</p>
      <Link
        to="/setup/people"
        className="mt-3 inline-block rounded-lg border border-line-3 px-3.5 py-1.5 font-medium hover:bg-paper-2"
      >
        {t('setup.setup.peopleAndActivity')}
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
      <h1 className="mb-4 text-xl">{t('setup.setup.connectYourShop')}</h1>
      <ol className="flex flex-col gap-5">
        <Step n={1} title={t('setup.setup.addThisLineToEvery')}>
          <Code text={line} onCopy={copy} />
        </Step>
        <Step n={2} title={t('setup.setup.sayWhatKindOfPage')}>
          <Code
            text={`<body data-nod-page="product" data-nod-product="${product?.slug ?? 'NAME-IN-ADDRESSES'}">`}
            onCopy={copy}
          />
          <p className="mt-1.5 text-[13px] text-ink-2">
            <T
              id="setup.setup.theKindsAreProductListing"
              values={{
                product: product
                  ? `${t('setup.setup.thisIsEachProductHas', { title: product.title })} `
                  : `${t('setup.setup.eachProductHasItsOwn')} `,
              }}
            />
          </p>
        </Step>
        <Step n={3} title={t('setup.setup.markTheSpotsForNods')}>
          <Code text={'<div data-nod-spot="under-title"></div>'} onCopy={copy} />
          <p className="mt-1.5 text-[13px] text-ink-2">
            {t('setup.setup.productPageAboveTitleUnder')}
          </p>
        </Step>
      </ol>
    </section>
  );
}

function Step({ n, title, children }: { n: number; title: string; children: React.ReactNode }) {
  return (
    <li className="grid grid-cols-[28px_minmax(0,1fr)] gap-2">
      <span className="font-display text-[19px] leading-6 font-bold">{n}</span>
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
        {t('setup.setup.copy')}
      </Button>
    </div>
  );
}
