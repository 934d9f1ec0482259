import type { ReviewsPage } from '../script/page/answer';

/** What a view gets beside its content: words in the shopper's language, and a way to ask for more. */
export interface ViewContext {
  language: string;
  words: Record<string, unknown>;
  /** the owner's own words over them; those that count by name and plural form */
  own: Record<string, string>;
  more: (page: number, size: number) => Promise<ReviewsPage>;
}
