import { useEffect, useRef, type ReactNode } from 'react';
import { t } from '../../shared/t';
import type { PageReading, Piece, ReadRow } from './queries';
import { TARGETS, targetName } from './labels';

interface SavedPageProps {
  reading: PageReading;
  /** the number of the row that is looked at */
  chosen: number | undefined;
  isPointing: boolean;
  onChoose: (element: number) => void;
  onPoint: (element: number) => void;
}

/** The page as plain text, with what was read of it; each text can be pointed at. */
export function SavedPage({ reading, chosen, isPointing, onChoose, onPoint }: SavedPageProps) {
  const rows = new Map(reading.rows.map((row, i) => [row.element, { row, i }]));
  const read = new Map(
    reading.rows
      .filter((row) => row.element === chosen)
      .flatMap((row) =>
        TARGETS.flatMap((part) => {
          const cell = part === 'REVIEW' ? undefined : row.cells[part];
          return cell ? [[cell.element, part] as const] : [];
        }),
      ),
  );
  const draw = (piece: Piece, key: number, owner: number): ReactNode => {
    const said = piece.text ?? piece.shows;
    const element = piece.element ?? owner;
    const content = (
      <>
        {said !== undefined &&
          (isPointing ? (
            <>
              {/^\s/.test(said) && ' '}
              <button
                type="button"
                className="cursor-crosshair rounded text-left hover:bg-plum-soft hover:outline hover:outline-plum"
                onClick={() => onPoint(element)}
              >
                {piece.shows ? <Shown>{said}</Shown> : said.trim()}
              </button>
              {/\s$/.test(said) && ' '}
            </>
          ) : piece.shows ? (
            <Shown>{said}</Shown>
          ) : (
            said
          ))}
        {piece.pieces.map((one, i) => draw(one, i, element))}
      </>
    );
    const found = rows.get(piece.element ?? -1);
    if (found)
      return (
        <Found
          key={key}
          row={found.row}
          nth={reviewNumber(reading.rows, found.i)}
          isChosen={piece.element === chosen}
          onChoose={onChoose}
        >
          {content}
        </Found>
      );
    const part = read.get(piece.element ?? -1);
    if (part)
      return (
        <span key={key} className={`${piece.isLine ? 'inline' : 'block'} relative`}>
          <mark className="rounded bg-plum-soft px-0.5 text-ink outline outline-plum">
            {content}
          </mark>{' '}
          <span className="rounded bg-plum px-1 font-text text-[11px] text-white">
            {targetName(part)}
          </span>
        </span>
      );
    return (
      <span key={key} className={piece.isLine ? 'inline' : 'block'}>
        {content}
        {piece.isLine ? '' : ' '}
      </span>
    );
  };
  return (
    <section
      aria-label={t('page-readings.savedPage.thePage')}
      className="min-h-0 overflow-auto rounded-2xl border border-line-2 bg-paper"
    >
      <p className="sticky top-0 z-10 border-b border-line bg-paper-2 px-3.5 py-1.5 text-[13px] text-ink-2">
        {isPointing
          ? t('page-readings.savedPage.pressWhatIsMeant')
          : t('page-readings.savedPage.asTextWithoutItsStyle')}
      </p>
      <div className="px-8 py-4 font-shop leading-relaxed break-words [&>span>*]:my-0.5">
        {draw(reading.page, 0, 0)}
      </div>
    </section>
  );
}

/** What the page draws without text: a picture, stars. */
const Shown = ({ children }: { children: ReactNode }) => (
  <span className="rounded bg-shelf px-1 font-text text-[12px] text-ink-2">{children}</span>
);

/** The number of a row among those that are brought in. */
export const reviewNumber = (rows: ReadRow[], index: number) =>
  isTaken(rows[index]!) ? rows.slice(0, index + 1).filter(isTaken).length : undefined;

export const isTaken = (row: ReadRow) => row.isReview && !row.isLeftOut;

interface FoundProps {
  row: ReadRow;
  nth: number | undefined;
  isChosen: boolean;
  onChoose: (element: number) => void;
  children: ReactNode;
}

function Found({ row, nth, isChosen, onChoose, children }: FoundProps) {
  const here = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (isChosen) here.current?.scrollIntoView({ block: 'nearest' });
  }, [isChosen]);
  const edge = isChosen
    ? 'outline-2 outline outline-plum border-plum'
    : nth
      ? 'border-fern'
      : 'border-rust border-dashed text-ink-2';
  return (
    <div ref={here} className={`relative my-2.5 rounded-r-md border-l-4 py-1 pr-2 pl-3 ${edge}`}>
      <button
        type="button"
        aria-pressed={isChosen}
        className="absolute -left-8 rounded px-1 font-text text-[13px] font-semibold text-fern-ink"
        onClick={() => onChoose(row.element)}
      >
        {nth ?? '–'}
        <span className="sr-only">{t('page-readings.savedPage.lookAtThisOne')}</span>
      </button>
      {children}
      {!nth && (
        <span className="ml-2 rounded-lg bg-rust-soft px-1.5 font-text text-[12px] font-semibold text-rust-ink">
          {row.isLeftOut
            ? t('page-readings.savedPage.leftOutByYou')
            : t('page-readings.savedPage.leftOutNoReview')}
        </span>
      )}
    </div>
  );
}
