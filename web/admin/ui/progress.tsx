const BAR =
  'h-2 w-full appearance-none overflow-hidden rounded-full [&::-webkit-progress-bar]:bg-transparent';
// a bar with a shape of its own loses the accent colour in Chromium
const ON_PAPER = 'bg-line [&::-moz-progress-bar]:bg-plum [&::-webkit-progress-value]:bg-plum';
const ON_PLUM =
  'bg-plum-2 [&::-moz-progress-bar]:bg-on-plum-2 [&::-webkit-progress-value]:bg-on-plum-2';

/** How far something is. */
export function Progress({ percent, onPlum = false }: { percent: number; onPlum?: boolean }) {
  return (
    <progress
      className={`${BAR} ${onPlum ? ON_PLUM : ON_PAPER}`}
      max={100}
      value={percent}
      aria-label="Progress"
    />
  );
}
