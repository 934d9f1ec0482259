import type { ReviewsPage } from '../script/page/answer';

/** What a view gets beside its content: words in the shopper's language, and a way to ask for more. */
export interface ViewContext {
  language: string;
  words: Record<string, unknown>;
  /** the owner's own words over them; those that count by name and plural form */
  own: Record<string, string>;
  /** the arrow that leads on and back, by its name or address; words where there is none */
  arrow?: string | undefined;
  more: (page: number, size: number) => Promise<ReviewsPage>;
}
