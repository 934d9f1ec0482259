/** What the owner reads of a kind. */
export interface KindTexts {
  text: string;
  note: string;
  /** where it usually stands on a product page */
  spot: string;
  /** how much of it is seen where it is picked */
  height: string;
  /** its ready looks; the first is how it looks when none is chosen */
  ready: { value: string; text: string }[];
  /** what each of its words is for */
  words: Record<string, string>;
  /** of a label, the name of its usual shape */
  shape?: string;
}
