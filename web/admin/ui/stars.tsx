import { t } from '../shared/t';
const STAR =
  'M12 3.600l2.600 5.400 5.900.8-4.300 4.100 1.100 5.900L12 17l-5.300 2.800 1.100-5.900-4.300-4.100 5.900-.8z';

/** Stars of a review on the desk, filled to the quarter. */
export function Stars({ value, size = 15 }: { value: number; size?: number }) {
  return (
    <span
      role="img"
      aria-label={t('ui.stars.of5Stars', { value })}
      className="inline-flex shrink-0"
    >
      {[0, 1, 2, 3, 4].map((i) => {
        const part = Math.min(1, Math.max(0, Math.floor((value - i) * 4) / 4));
        return (
          <svg key={i} width={size} height={size} viewBox="0 0 24 24" aria-hidden>
            <path d={STAR} className="fill-line-2" />
            <path
              d={STAR}
              className="fill-saffron"
              clipPath={`inset(0 ${(1 - part) * 100}% 0 0)`}
            />
          </svg>
        );
      })}
    </span>
  );
}
