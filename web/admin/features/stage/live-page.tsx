import { useEffect, useLayoutEffect, useRef, useState, type RefObject } from 'react';
import type { Screens } from '../layout/viewpoint';
import { T, t } from '../../shared/t';

interface LivePageProps {
  address: string;
  shown: string;
  screens: Screens;
  frames: RefObject<Map<string, HTMLIFrameElement>>;
  /** told when the pages are drawn in another size */
  onScaled: () => void;
}

const WIDE = 1280;
const NARROW = 390;
const GAP = 18;
const HEAD = 27;

/** The shop's own page in frames, as wide as on those screens and drawn smaller to fit. */
export function LivePage({ address, shown, screens, frames, onScaled }: LivePageProps) {
  const area = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const element = area.current;
    if (!element) return;
    const measure = () => setSize({ width: element.clientWidth, height: element.clientHeight });
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  useEffect(onScaled, [onScaled, size.width, screens]);
  const narrowWidth = screens === 'narrow' ? Math.min(NARROW, size.width) : size.width * 0.28;
  const wideWidth = screens === 'wide' ? size.width : size.width - narrowWidth - GAP;
  const props = { address, shown, frames, height: size.height };
  return (
    <div ref={area} className="flex min-h-0 flex-1 justify-center" style={{ gap: GAP }}>
      {size.width > 0 && screens !== 'narrow' && (
        <Screen key="wide" name="wide" page={WIDE} width={wideWidth} {...props} />
      )}
      {size.width > 0 && screens !== 'wide' && (
        <Screen key="narrow" name="narrow" page={NARROW} width={narrowWidth} {...props} />
      )}
    </div>
  );
}

interface ScreenProps {
  name: string;
  page: number;
  width: number;
  height: number;
  address: string;
  shown: string;
  frames: RefObject<Map<string, HTMLIFrameElement>>;
}

function Screen({ name, page, width, height, address, shown, frames }: ScreenProps) {
  const scale = Math.min(1, width / page);
  return (
    <figure
      className={`flex flex-col overflow-hidden border border-b-0 border-line-2 bg-white shadow-[0_10px_30px_-18px_#3b2440] ${name === 'narrow' ? 'rounded-t-[20px]' : 'rounded-t-[10px]'}`}
      style={{ width: page * scale, height }}
    >
      <figcaption
        className="flex shrink-0 justify-between gap-3 border-b border-line bg-paper-2 px-3 py-1 text-[12px] text-ink-2"
        style={{ height: HEAD }}
      >
        {name === 'wide' && <span className="truncate">{shown}</span>}
        <span className="shrink-0">
          <T id="pages.livePage.pxWide" values={{ page }} />
        </span>
      </figcaption>
      <iframe
        ref={(frame) => {
          if (frame) frames.current.set(name, frame);
          else frames.current.delete(name);
        }}
        src={address}
        title={t('pages.livePage.yourPageOnAScreen', { name })}
        className="shrink-0 origin-top-left border-0"
        style={{
          width: page,
          height: (height - HEAD) / scale,
          transform: `scale(${scale})`,
        }}
      />
    </figure>
  );
}
