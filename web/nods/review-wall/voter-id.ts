import { keptName } from '../../script/lib/random-name';

let kept: string | undefined;

/** A random name for this browser's votes, made when the first is cast; it tells nothing of a person. */
export function voter(): string {
  kept ??= keptName(() => localStorage, 'nodyes-voter');
  return kept;
}
