import type { components } from '../../contract/schema';

export type Schemas = components['schemas'];
export type Answer = Schemas['WirePage'];
export type AnyNod = Schemas['WireNod'];
export type Dress = Schemas['WireAppearance'];
export type StarLineNod = Schemas['StarLineNod'];
export type ReviewWallNod = Schemas['ReviewWallNod'];
export type ReviewTabNod = Schemas['ReviewTabNod'];
export type PickedQuotesNod = Schemas['PickedQuotesNod'];
export type LabelNod = Schemas['LabelNod'];
export type TrustBadgesNod = Schemas['TrustBadgesNod'];
export type CountdownNod = Schemas['CountdownNod'];
export type StockLineNod = Schemas['StockLineNod'];
export type DeliveryPromiseNod = Schemas['DeliveryPromiseNod'];
export type RecentOrdersNod = Schemas['RecentOrdersNod'];
export type VisitorCountNod = Schemas['VisitorCountNod'];
export type ViewReport = Schemas['ViewReport'];
export type ViewNumbers = Schemas['ViewNumbers'];
export type NumberAsked = Schemas['NumberAsked'];
export type Wall = Schemas['WireWall'];
export type Quote = Schemas['WireQuote'];
export type Review = Schemas['WireReview'];
export type Translated = Schemas['Translation'];
export type OpenForm = Schemas['OpenForm'];
export type ReviewsPage = Schemas['WireReviews'];
export type VoteCounts = Schemas['VoteCounts'];

/** An answer, how long it holds from its arrival, in milliseconds, and the server's clock. */
export interface Arrived {
  answer: Answer;
  holdsFor: number | undefined;
  now: () => number;
}
