import { t } from '../../shared/t';
import type { Target } from './queries';

export const TARGETS = [
  'REVIEW',
  'STARS',
  'NAME',
  'DATE',
  'TITLE',
  'WORDS',
  'PICTURES',
  'VARIANT',
] as const satisfies readonly Target[];

/** What can be pointed at, as it is called. */
export const targetName = (target: Target) => t('page-readings.labels.target', { target });
