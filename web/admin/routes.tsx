import { Navigate, createBrowserRouter } from 'react-router';
import { AppShell } from './features/session/app-shell';
import { ReviewList } from './features/reviews/review-list';
import { ImportPage } from './features/imports/import-page';
import { ByHand } from './features/imports/by-hand';
import { PageReadingPage } from './features/page-readings/page-reading';
import { ReceivedPage } from './features/imports/received-page';
import { ByProduct } from './features/reviews/by-product';
import { BusinessProfilePage } from './features/business-profile/business-profile-page';
import { ImportDetail } from './features/imports/import-detail';
import { ImportCheck } from './features/import-check/import-check';
import { Pages } from './features/pages/pages';
import { Catalogue } from './features/catalogue/catalogue';
import { FeedsPage } from './features/catalogue/feeds-page';
import { Delivery } from './features/delivery/delivery';
import { AccountPage } from './features/people/account-page';
import { PeoplePage } from './features/people/people-page';
import { BackupsPage } from './features/backups/backups-page';
import { Evidence } from './features/evidence/evidence';
import { Connect } from './features/connect/connect';
import { Setup } from './features/setup/setup';
import { Teach } from './features/teach/teach';
import { TodayOrPages } from './features/today/today-or-pages';
import { Today } from './features/today/today';
import { Broken, NotFound } from './ui/empty-state';

export const router = createBrowserRouter([
  {
    path: '/',
    element: <AppShell />,
    errorElement: <Broken />,
    children: [
      { index: true, element: <TodayOrPages /> },
      { path: 'today', element: <Today /> },
      { path: 'reviews', element: <ReviewList /> },
      { path: 'reviews/bring-in', element: <ImportPage /> },
      { path: 'reviews/bring-in/by-hand', element: <ByHand /> },
      { path: 'reviews/bring-in/from-page', element: <ReceivedPage /> },
      { path: 'reviews/bring-in/page/:id', element: <PageReadingPage /> },
      { path: 'reviews/bring-in/:id', element: <ImportDetail /> },
      { path: 'reviews/by-product', element: <ByProduct /> },
      { path: 'reviews/listing', element: <BusinessProfilePage /> },
      { path: 'reviews/sort/:batch', element: <ImportCheck /> },
      { path: 'pages', element: <Pages /> },
      { path: 'pages/:kind', element: <Pages /> },
      { path: 'pages/:kind/:product', element: <Pages /> },
      { path: 'catalogue', element: <Catalogue /> },
      { path: 'catalogue/feeds', element: <FeedsPage /> },
      { path: 'delivery', element: <Delivery /> },
      { path: 'evidence', element: <Evidence /> },
      { path: 'proof', element: <Navigate to="/evidence" replace /> },
      { path: 'setup', element: <Setup /> },
      { path: 'setup/connect', element: <Connect /> },
      { path: 'setup/connect/cards', element: <Teach /> },
      { path: 'setup/people', element: <PeoplePage /> },
      { path: 'setup/backups', element: <BackupsPage /> },
      { path: 'account', element: <AccountPage /> },
      { path: '*', element: <NotFound /> },
    ],
  },
]);
