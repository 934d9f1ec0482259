import { Popover } from 'radix-ui';
import { useLocation } from 'react-router';
import { Button } from '../../ui/button';
import { SHEET } from '../../ui/inline-select';
import { useNotify } from '../../ui/toasts';

import { MissingSpots } from '../layout/missing-spots';
import { useLayout, usePublish } from '../layout/queries';
import { useState, type ReactNode } from 'react';
import { all } from '../../shared/format';
import { T, t } from '../../shared/t';

/** What is not public yet, in words, and making it so. */
export function PublishPages() {
  const arrangement = useLayout();
  const publish = usePublish();
  const [note, setNote] = useState('');
  const { say, sayProblem } = useNotify();
  const changes = arrangement.data?.unpublished ?? [];
  const unsayable = arrangement.data?.unsayable ?? [];
  // one saffron button to a screen: where a screen has its own public act, this one steps back
  const ownAct = /^\/reviews(\/sort\/\d+)?$/.test(useLocation().pathname);
  if (changes.length === 0) {
    return unsayable.length > 0 ? (
      <NotReady waiting={unsayable} />
    ) : (
      <span className="text-[13px] whitespace-nowrap text-ink-2 max-xl:sr-only">
        {arrangement.data && t('pages.publish.noUnpublishedChanges')}
      </span>
    );
  }
  return (
    <Popover.Root>
      {!ownAct && (
        <span className="mr-2.5 text-[13px] text-ink-2">
          {t('pages.publish.unpublishedChanges', { changes: changes.length })}
        </span>
      )}
      <Popover.Trigger asChild>
        <Button look={ownAct ? 'plain' : 'main'} className="py-1!">
          {ownAct
            ? t('pages.publish.publishPageChanges', { changes: changes.length })
            : t('pages.publish.publish')}
        </Button>
      </Popover.Trigger>
      <Sheet name={t('pages.publish.publish')}>
        <h2 className="mb-2 text-[16px]">{t('pages.publish.whatShoppersWillSee')}</h2>
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
        <MissingSpots className="mb-3" />
        {unsayable.length > 0 && (
          <div role="alert" className="mb-3 rounded-lg bg-rust-soft px-3 py-2 text-rust-ink">
            <T id="pages.publish.fixBeforePublishing" values={{ names: unsayable.join(' ') }} />
          </div>
        )}
        <label className="mb-3 flex flex-col gap-1 text-[13px] text-ink-2">
          <T
            id="pages.publish.noteOnlyYouSeeIt"
            values={{
              input: (
                <input
                  value={note}
                  maxLength={200}
                  className="rounded-lg border border-line-3 bg-white px-2.5 py-1 text-ink"
                  onChange={(event) => setNote(event.target.value)}
                />
              ),
            }}
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
                  say(
                    t('pages.publish.publishedAsVersion', {
                      publishedVersion: next.publishedVersion,
                    }),
                  );
                },
                onError: sayProblem,
              })
            }
          >
            <T id="pages.publish.publishChanges" values={{ changes: changes.length }} />
          </Button>
        </Popover.Close>
      </Sheet>
    </Popover.Root>
  );
}

/** What is incomplete, where there is nothing else to publish. */
function NotReady({ waiting }: { waiting: string[] }) {
  return (
    <Popover.Root>
      <Popover.Trigger className="text-[13px] whitespace-nowrap text-ink-2 underline">
        <T id="pages.publish.changesNotReadyToPublish" values={{ waiting: waiting.length }} />
      </Popover.Trigger>
      <Sheet name={t('pages.publish.notReadyToPublish')}>
        <h2 className="mb-2 text-[16px]">{t('pages.publish.fixBeforePublishing2')}</h2>
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
  PRODUCT: t('pages.publish.productPages'),
  LISTING: t('pages.publish.categoryPages'),
  BASKET: t('pages.publish.theBasket'),
  HOME: t('pages.publish.theHomePage'),
  CONFIRMATION: t('pages.publish.orderConfirmations'),
};

/** The changes under the pages that they are for. */
function byPages(changes: { pages: (keyof typeof PAGES)[]; text: string }[]): [string, string[]][] {
  const groups = new Map<string, string[]>();
  for (const { pages, text } of changes) {
    const on =
      pages.length === Object.keys(PAGES).length
        ? t('pages.publish.allPages')
        : t('pages.publish.on', { join: all(pages.map((page) => PAGES[page])) });
    groups.set(on, [...(groups.get(on) ?? []), text]);
  }
  return [...groups];
}
