import type { RefObject } from 'react';

interface DeskSearchProps {
  field: RefObject<HTMLInputElement | null>;
  text: string | undefined;
  onSearch: (text: string | undefined) => void;
}

/** Words and names to look for. */
export function DeskSearch({ field, text, onSearch }: DeskSearchProps) {
  return (
    <input
      ref={field}
      type="search"
      aria-label="Search words and names"
      placeholder="Search words and names   /"
      defaultValue={text}
      className="w-80 rounded-lg border border-line-3 bg-white px-3 py-1"
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          onSearch(event.currentTarget.value || undefined);
          event.currentTarget.blur();
        }
        if (event.key === 'Escape') event.currentTarget.blur();
      }}
    />
  );
}
