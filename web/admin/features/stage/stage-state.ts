/** What the stage has in hand beside the page and the nods on it. */
export interface StageState {
  /** a version that is looked at in place of the draft */
  version: number | undefined;
  /** a nod on a product of which it is asked why it does not show */
  why: { nod: string; product: string } | undefined;
  /** what was just changed here, and the number of that change */
  done: { words: string; step: number } | undefined;
  /** the address of a page that did not answer */
  silent: string | undefined;
}

export type StageAct =
  | { type: 'version-shown'; version: number | undefined }
  | { type: 'why-asked'; nod: string; product: string }
  | { type: 'why-closed' }
  | { type: 'changed'; words: string; step: number }
  | { type: 'taken-back' }
  | { type: 'page-silent'; page: string | undefined };

export const AT_FIRST: StageState = {
  version: undefined,
  why: undefined,
  done: undefined,
  silent: undefined,
};

export function stageAfter(state: StageState, act: StageAct): StageState {
  switch (act.type) {
    case 'version-shown':
      return { ...state, version: act.version };
    case 'why-asked':
      return { ...state, why: { nod: act.nod, product: act.product } };
    case 'why-closed':
      return { ...state, why: undefined };
    case 'changed':
      return { ...state, done: { words: act.words, step: act.step } };
    case 'taken-back':
      return { ...state, done: undefined };
    case 'page-silent':
      return { ...state, silent: act.page };
  }
}

/** What can be taken back: the change made here, unless a later one was made elsewhere. */
export function lastChange(
  { done }: StageState,
  lastStep: { id: number; message: string } | undefined,
): string | undefined {
  return done && (!lastStep || done.step >= lastStep.id) ? done.words : lastStep?.message;
}

/** Whether the shop's page did not answer, so that the server is asked what keeps it from that. */
export const isToBeChecked = (
  { silent }: StageState,
  page: string | undefined,
  isOurs: boolean,
): boolean => !!page && silent === page && !isOurs;

/**
 * Whether our own page stands in for the shop's: where it was asked for, or where the shop's was
 * silent and the server has looked at it.
 */
export const isNeutral = (isOurs: boolean, isAsked: boolean, isChecked: boolean): boolean =>
  isOurs || (isAsked && isChecked);

/** Whether what is wrong with the shop's page is told. */
export const tellsStatus = (isAsked: boolean, neutral: boolean, hasReported: boolean): boolean =>
  isAsked && (neutral || !hasReported);
