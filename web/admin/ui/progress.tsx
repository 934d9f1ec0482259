import { t } from '../shared/t';
const BAR =
  'h-2 w-full appearance-none overflow-hidden rounded-full [&::-webkit-progress-bar]:bg-transparent';
// a bar with a shape of its own loses the accent colour in Chromium
const ON_PAPER = 'bg-line [&::-moz-progress-bar]:bg-ink [&::-webkit-progress-value]:bg-ink';
const ON_PLUM =
  'bg-dark-2 [&::-moz-progress-bar]:bg-on-dark-2 [&::-webkit-progress-value]:bg-on-dark-2';

/** How far something is. */
export function Progress({ percent, onDark = false }: { percent: number; onDark?: boolean }) {
  return (
    <progress
      className={`${BAR} ${onDark ? ON_PLUM : ON_PAPER}`}
      max={100}
      value={percent}
      aria-label={t('ui.progress.progress')}
    />
  );
}
