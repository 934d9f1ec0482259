import { createBrowserRouter } from 'react-router';
import { Frame } from './features/session/frame';
import { Desk } from './features/reviews/desk';
import { BringIn } from './features/bring-in/bring-in';
import { ByHand } from './features/bring-in/by-hand';
import { FromPage } from './features/bring-in/from-page';
import { ByProduct } from './features/reviews/by-product';
import { ListingPage } from './features/listing/listing-page';
import { Batch } from './features/bring-in/batch';
import { SortingTable } from './features/sorting/sorting';
import { Pages } from './features/pages/pages';
import { Catalogue } from './features/catalogue/catalogue';
import { FeedsPage } from './features/catalogue/feeds-page';
import { Delivery } from './features/delivery/delivery';
import { AccountPage } from './features/people/account-page';
import { PeoplePage } from './features/people/people-page';
import { Proof } from './features/proof/proof';
import { Setup } from './features/setup/setup';
import { Start } from './features/today/start';
import { Today } from './features/today/today';
import { Broken, NotHere } from './ui/empty';

export const router = createBrowserRouter([
  {
    path: '/',
    element: <Frame />,
    errorElement: <Broken />,
    children: [
      { index: true, element: <Start /> },
      { path: 'today', element: <Today /> },
      { path: 'reviews', element: <Desk /> },
      { path: 'reviews/bring-in', element: <BringIn /> },
      { path: 'reviews/bring-in/by-hand', element: <ByHand /> },
      { path: 'reviews/bring-in/from-page', element: <FromPage /> },
      { path: 'reviews/bring-in/:id', element: <Batch /> },
      { path: 'reviews/by-product', element: <ByProduct /> },
      { path: 'reviews/listing', element: <ListingPage /> },
      { path: 'reviews/sort/:batch', element: <SortingTable /> },
      { path: 'pages', element: <Pages /> },
      { path: 'pages/:kind', element: <Pages /> },
      { path: 'pages/:kind/:product', element: <Pages /> },
      { path: 'catalogue', element: <Catalogue /> },
      { path: 'catalogue/feeds', element: <FeedsPage /> },
      { path: 'delivery', element: <Delivery /> },
      { path: 'proof', element: <Proof /> },
      { path: 'setup', element: <Setup /> },
      { path: 'setup/people', element: <PeoplePage /> },
      { path: 'account', element: <AccountPage /> },
      { path: '*', element: <NotHere /> },
    ],
  },
]);
