import type { PageReport } from '../layout/frame-link';
import type { usePageVerdicts } from '../layout/queries';

/** The nods of the page that is looked at, and what is done with them. */
export interface OnThisPageProps {
  page: ReturnType<typeof usePageVerdicts>;
  report: PageReport | undefined;
  /** the moment that is looked at, if not now */
  at: string | undefined;
  /** a published version that is looked at in place of the draft */
  version: number | undefined;
  /** the nod whose pin on the page is pointed at */
  picked: string | undefined;
  onOpen: (nod: string) => void;
  onPoint: (nod: string | undefined) => void;
  onWhy: (nod: string, product: string) => void;
  onAdd: (spot: string | undefined) => void;
  onTaken: (words: string, step: number) => void;
  onChanged: () => void;
}
