import { useKeys, type ToldKeys } from '../../shared/keys';
import type { useDeskActs } from './desk-acts';
import type { ReviewLine } from './queries';
import { REASONS } from './words';

interface DeskKeysGiven {
  /** the one that is read */
  review: ReviewLine | undefined;
  chosen: number[];
  acts: ReturnType<typeof useDeskActs>;
  onGo: (by: -1 | 1) => void;
  onChoose: (by: -1 | 1) => void;
  onReply: () => void;
  onSearch: () => void;
}

const TOLD: ToldKeys = [
  ['↑ ↓', 'the review before, the next'],
  ['⇧ ↑ ↓', 'choose several'],
  ['P', 'publish'],
  ['H', 'hold'],
  ['X', 'leave out'],
  ['S', 'spam'],
  ['F', 'feature, or no more'],
  ['R', 'reply'],
  ['⇧ P H X S', 'the same with all that are chosen'],
  ['1 – 6', 'the reason, where one is asked for'],
  ['Z', 'take the last act back, as often as there are acts'],
  ['⇧ Z', 'do it again'],
  ['/', 'search'],
];

/** The desk by keys: small letters for the one that is read, capitals for all that are chosen. */
export function useDeskKeys(given: DeskKeysGiven): void {
  const { review, chosen, acts, onGo, onChoose, onReply, onSearch } = given;
  const one = review ? [review.id] : [];
  useKeys(
    {
      'Shift+ArrowDown': () => onChoose(1),
      'Shift+ArrowUp': () => onChoose(-1),
      ArrowDown: () => onGo(1),
      ArrowUp: () => onGo(-1),
      p: () => acts.act(one, 'PUBLISHED'),
      h: () => acts.act(one, 'HELD'),
      x: () => acts.act(one, 'LEFT_OUT'),
      s: () => acts.act(one, 'SPAM'),
      f: () => review && acts.edit({ what: 'featured', featured: !review.isFeatured }),
      r: onReply,
      'Shift+s': () => acts.act(chosen, 'SPAM'),
      'Shift+p': () => acts.act(chosen, 'PUBLISHED'),
      'Shift+h': () => acts.act(chosen, 'HELD'),
      'Shift+x': () => acts.act(chosen, 'LEFT_OUT'),
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
