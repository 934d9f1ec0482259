interface TakeBackStripProps {
  words: string;
  onUndo: () => void;
}

/** What was just done, and the way back. */
export function TakeBackStrip({ words, onUndo }: TakeBackStripProps) {
  return (
    <p
      role="status"
      className="flex items-center gap-3 bg-plum-deep px-4.5 py-2 text-[13px] text-on-plum"
    >
      {words}.
      <button type="button" className="text-saffron underline" onClick={onUndo}>
        Take it back
      </button>
      <kbd className="rounded border border-[#8d6f90] px-1.5 text-[11px]">Z</kbd>
    </p>
  );
}
