import type { RefObject } from 'react';
import { t } from '../../shared/t';

interface DeskSearchProps {
  field: RefObject<HTMLInputElement | null>;
  text: string | undefined;
  onSearch: (text: string | undefined) => void;
}

/** Words and names to look for. */
export function ReviewSearch({ field, text, onSearch }: DeskSearchProps) {
  return (
    <input
      ref={field}
      type="search"
      aria-label={t('reviews.reviewSearch.searchTextAndNames')}
      placeholder={t('reviews.reviewSearch.searchTextAndNames2')}
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
