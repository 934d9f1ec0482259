import { useKeys, type KeyNames } from '../../shared/keys';
import type { useReviewActions } from './review-actions';
import type { ReviewLine } from './queries';
import { REASONS } from './labels';
import { t } from '../../shared/t';

interface DeskKeysGiven {
  /** the one that is read */
  review: ReviewLine | undefined;
  chosen: number[];
  acts: ReturnType<typeof useReviewActions>;
  onGo: (by: -1 | 1) => void;
  onChoose: (by: -1 | 1) => void;
  onReply: () => void;
  onSearch: () => void;
}

const TOLD: KeyNames = [
  ['↑ ↓', t('reviews.reviewListKeys.previousOrNextReview')],
  ['⇧ ↑ ↓', t('reviews.reviewListKeys.selectSeveral')],
  ['P', t('reviews.reviewListKeys.publish')],
  ['H', t('reviews.reviewListKeys.hold')],
  ['L', t('reviews.reviewListKeys.leaveOut')],
  ['S', t('reviews.reviewListKeys.spam')],
  ['F', t('reviews.reviewListKeys.featureOrStopFeaturing')],
  ['R', t('reviews.reviewListKeys.reply')],
  ['⇧ P H L S', t('reviews.reviewListKeys.theSameForAllSelected')],
  ['1 – 6', t('reviews.reviewListKeys.chooseTheReasonWhereOne')],
  ['Z', t('reviews.reviewListKeys.undoStepByStep')],
  ['⇧ Z', t('reviews.reviewListKeys.redo')],
  ['/', t('reviews.reviewListKeys.search')],
];

/** The desk by keys: small letters for the one that is read, capitals for all that are chosen. */
export function useReviewListKeys(given: DeskKeysGiven): void {
  const { review, chosen, acts, onGo, onChoose, onReply, onSearch } = given;
  const one = review ? [review.id] : [];
  useKeys(
    {
      'Shift+ArrowDown': () => onChoose(1),
      'Shift+ArrowUp': () => onChoose(-1),
      ArrowDown: () => onGo(1),
      ArrowUp: () => onGo(-1),
      p: () => acts.act(one, 'PUBLISHED'),
      h: () => acts.act(one, 'ON_HOLD'),
      l: () => acts.act(one, 'LEFT_OUT'),
      s: () => acts.act(one, 'SPAM'),
      f: () => review && acts.edit({ what: 'featured', featured: !review.isFeatured }),
      r: onReply,
      'Shift+s': () => acts.act(chosen, 'SPAM'),
      'Shift+p': () => acts.act(chosen, 'PUBLISHED'),
      'Shift+h': () => acts.act(chosen, 'ON_HOLD'),
      'Shift+l': () => acts.act(chosen, 'LEFT_OUT'),
      z: acts.undo,
      'Shift+z': acts.redo,
      '/': onSearch,
      Escape: acts.keepIn,
      ...Object.fromEntries(
        REASONS.map(({ value }, i) => [String(i + 1), () => acts.because(value)]),
      ),
    },
    TOLD,
  );
}
