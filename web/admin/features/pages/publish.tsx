import { Popover } from 'radix-ui';
import { useLocation } from 'react-router';
import { Button } from '../../ui/button';
import { SHEET } from '../../ui/pick';
import { useSay } from '../../ui/toasts';
import { count } from '../../shared/words';
import { Lacking } from './lacking';
import { useArrangement, usePublish } from './queries';
import { useState, type ReactNode } from 'react';

/** What is not public yet, in words, and making it so. */
export function PublishPages() {
  const arrangement = useArrangement();
  const publish = usePublish();
  const [note, setNote] = useState('');
  const { say, sayProblem } = useSay();
  const changes = arrangement.data?.unpublished ?? [];
  const unsayable = arrangement.data?.unsayable ?? [];
  // one saffron button to a screen: where a screen has its own public act, this one steps back
  const ownAct = /^\/reviews(\/sort\/\d+)?$/.test(useLocation().pathname);
  if (changes.length === 0) {
    return unsayable.length > 0 ? (
      <NotReady waiting={unsayable} />
    ) : (
      <span className="text-[13px] whitespace-nowrap text-on-plum-2">
        {arrangement.data && 'Your pages are as published'}
      </span>
    );
  }
  return (
    <Popover.Root>
      {!ownAct && (
        <span className="mr-2.5 text-[13px] text-on-plum-2">
          {count(changes.length, 'unpublished change')}
        </span>
      )}
      <Popover.Trigger asChild>
        <Button look={ownAct ? 'onPlum' : 'main'} className="py-1!">
          {ownAct ? `Publish ${count(changes.length, 'page change')}` : 'Publish'}
        </Button>
      </Popover.Trigger>
      <Sheet name="Publish">
        <h2 className="mb-2 text-[16px]">Shoppers will see this from now on</h2>
        {byPages(changes).map(([pages, texts]) => (
          <section key={pages} className="mb-3">
            <h3 className="font-text text-[13px] font-semibold text-ink-2">{pages}</h3>
            <ul className="list-disc pl-5">
              {texts.map((text) => (
                <li key={text}>{text}</li>
              ))}
            </ul>
          </section>
        ))}
        <Lacking className="mb-3" />
        {unsayable.length > 0 && (
          <div role="alert" className="mb-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
            Not yet: {unsayable.join('; ')}.
          </div>
        )}
        <label className="mb-3 flex flex-col gap-1 text-[13px] text-ink-2">
          A note for yourself
          <input
            value={note}
            maxLength={200}
            className="rounded-lg border border-line-3 bg-white px-2.5 py-1 text-ink"
            onChange={(event) => setNote(event.target.value)}
          />
        </label>
        <Popover.Close asChild>
          <Button
            look="main"
            disabled={publish.isPending || unsayable.length > 0}
            onClick={() =>
              publish.mutate(note, {
                onSuccess: (next) => {
                  setNote('');
                  say(`Published as version ${next.publishedVersion}`);
                },
                onError: sayProblem,
              })
            }
          >
            Publish {count(changes.length, 'change')}
          </Button>
        </Popover.Close>
      </Sheet>
    </Popover.Root>
  );
}

/** What is half made, where there is nothing else to publish. */
function NotReady({ waiting }: { waiting: string[] }) {
  return (
    <Popover.Root>
      <Popover.Trigger className="text-[13px] whitespace-nowrap text-on-plum-2 underline">
        {count(waiting.length, 'change')} not ready to publish
      </Popover.Trigger>
      <Sheet name="Not ready to publish">
        <h2 className="mb-2 text-[16px]">Before this can be published</h2>
        <ul className="list-disc pl-5">
          {waiting.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      </Sheet>
    </Popover.Root>
  );
}

/** What hangs under the bar. */
function Sheet({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Popover.Portal>
      <Popover.Content
        className={`${SHEET} w-80 p-4!`}
        align="end"
        sideOffset={8}
        aria-label={name}
      >
        {children}
      </Popover.Content>
    </Popover.Portal>
  );
}

const PAGES = {
  PRODUCT: 'product pages',
  LISTING: 'listings',
  BASKET: 'the basket',
  HOME: 'the home page',
  CONFIRMATION: 'order confirmations',
};

/** The changes under the pages that they are for. */
function byPages(changes: { pages: (keyof typeof PAGES)[]; text: string }[]): [string, string[]][] {
  const groups = new Map<string, string[]>();
  for (const { pages, text } of changes) {
    const on =
      pages.length === Object.keys(PAGES).length
        ? 'All pages'
        : `On ${pages.map((page) => PAGES[page]).join(' and ')}`;
    groups.set(on, [...(groups.get(on) ?? []), text]);
  }
  return [...groups];
}
