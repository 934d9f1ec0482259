import { useEffect, useRef } from 'react';
import { bookmark } from './bookmark';

/** A link to drag to the browser's bar; pressed on a page, it hands that page over. */
export function BookmarkButton() {
  const link = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    // set by hand: React takes out addresses that are scripts, and here the script is the point
    link.current?.setAttribute('href', bookmark(location.origin));
  }, []);
  return (
    <section className="rounded-2xl border border-line bg-paper p-5">
      <h2 className="text-lg">Or use the bookmark button</h2>
      <p className="text-ink-2">
        For pages that show reviews to signed-in people alone. Drag this to your browser’s bar of
        bookmarks, open the page there, and press it. It reads the page as you see it, and nothing
        else.
      </p>
      <p className="mt-3">
        <a
          ref={link}
          className="inline-block cursor-grab rounded-full border border-plum bg-plum-soft px-4 py-1.5 font-semibold text-plum"
          onClick={(event) => event.preventDefault()}
        >
          To Nod Yes
        </a>
      </p>
    </section>
  );
}
