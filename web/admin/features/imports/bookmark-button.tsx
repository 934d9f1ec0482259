import { useEffect, useRef } from 'react';
import { bookmark } from './bookmark';
import { t } from '../../shared/t';

/** A link to drag to the browser's bar; pressed on a page, it hands that page over. */
export function BookmarkButton() {
  const link = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    // set by hand: React takes out addresses that are scripts, and here the script is the point
    link.current?.setAttribute('href', bookmark(location.origin));
  }, []);
  return (
    <section className="rounded-2xl border border-line bg-paper p-5">
      <h2 className="text-lg">{t('imports.bookmarkButton.bookmarkButton')}</h2>
      <p className="text-ink-2">{t('imports.bookmarkButton.forPagesThatOnlySigned')}</p>
      <p className="mt-3">
        <a
          ref={link}
          className="inline-block cursor-grab rounded-full border border-plum bg-plum-soft px-4 py-1.5 font-semibold text-plum"
          onClick={(event) => event.preventDefault()}
        >
          {t('imports.bookmarkButton.toNodYes')}
        </a>
      </p>
    </section>
  );
}
