import type { ReviewsPage } from '../script/page/answer';

/** What a view gets beside its content: words in the shopper's language, and a way to ask for more. */
export interface ViewContext {
  language: string;
  words: Record<string, unknown>;
  more: (page: number, size: number) => Promise<ReviewsPage>;
}
