import { Failure, Loading } from '../../ui/empty-state';
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
import { useShop } from '../shop/queries';
import { SetupTabs } from './tabs';

/** The shop, how reviews come, and what runs beside it. */
export function Setup() {
  const shop = useShop();
  if (isLost(shop)) return <Failure error={shop.error} again={() => void shop.refetch()} />;
  if (!shop.data) return <Loading />;
  return (
    <>
      <SetupTabs />
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_minmax(0,1fr)] items-start gap-5 overflow-auto p-5">
        <FollowUps />
        <ShopForm shop={shop.data} />
        <SubmissionPolicy />
        <ReviewForm />
        <PageCheck />
        <ApiKeys />
        <ShopperCountry />
        <ConnectedServices />
        <Jobs />
        <SimulatedShoppers />
        <Export />
      </div>
    </>
  );
}
