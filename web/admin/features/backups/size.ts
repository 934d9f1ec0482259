import { number } from '../../shared/format';
import { t } from '../../shared/t';

const MEGA = 1_000_000;
const TENTH = 100_000;

/** 41 MB; of less than ten with a digit behind the point */
export function size(bytes: number): string {
  const mega =
    bytes < 10 * MEGA ? Math.max(1, Math.round(bytes / TENTH)) / 10 : Math.round(bytes / MEGA);
  return t('backups.size.megabytes', { n: number(mega) });
}
