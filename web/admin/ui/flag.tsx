import { t } from '../shared/t';
/** A nod's number, on the small flag that stands beside it on the page; dashed where it is not. */
export function Flag({ n, isPicked }: { n: number | undefined; isPicked: boolean }) {
  const stem = 'after:absolute after:top-full after:h-[7px]';
  return n === undefined ? (
    <span
      role="img"
      aria-label={t('ui.flag.notShown')}
      className={`relative mt-0.5 h-[19px] min-w-[19px] self-start rounded-[3px_3px_0_3px] border border-dashed border-line-3 px-1 text-center text-[13px] leading-[17px] text-ink-2 ${stem} after:-right-px after:border-r after:border-dashed after:border-line-3`}
    >
      –
    </span>
  ) : (
    <span
      className={`relative mt-0.5 h-[19px] min-w-[19px] self-start rounded-[3px_3px_0_3px] border-plum px-1 text-center text-[13px] font-bold text-plum tabular-nums ${stem} after:border-plum ${isPicked ? 'border-2 bg-plum-soft leading-[15px] after:-right-0.5 after:border-r-2' : 'border bg-paper leading-[17px] after:-right-px after:border-r'}`}
    >
      {n}
    </span>
  );
}
