import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { T, t } from '../../shared/t';
import type { FeedLook } from './feed-look-queries';
import type { FeedKind } from './queries';

interface FeedLookIntroProps {
  look: FeedLook;
  onKind: (kind: FeedKind) => void;
  onSheet: (sheet: string) => void;
  onClose: () => void;
}

const DELIMITERS: Record<string, string> = { '\t': 'TAB', ';': 'SEMICOLON', ',': 'COMMA' };

/** What a file is, as a sentence with its choices. */
export function FeedLookIntro({ look, onKind, onSheet, onClose }: FeedLookIntroProps) {
  const { form, kind, looksLike } = look;
  const kinds = [
    { value: 'PRODUCTS' as const, text: t('catalogue.feedsPage.products') },
    { value: 'ORDERS' as const, text: t('catalogue.feedsPage.orders') },
  ];
  return (
    <div className="border-b border-line bg-paper px-5 py-2.5">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h1 className="min-w-0 flex-1 text-base leading-8 font-normal text-ink-2">
          <T
            id="catalogue.feedLook.fileOf"
            values={{
              b: (chunks) => (
                <b className="font-semibold text-ink [overflow-wrap:anywhere]">{chunks}</b>
              ),
              file: look.fileName,
              kind: (
                <InlineSelect
                  label={t('catalogue.feedsPage.contentsOfTheFile')}
                  value={kind ?? 'ASKED'}
                  choices={
                    kind
                      ? kinds
                      : [
                          { value: 'ASKED' as const, text: t('catalogue.feedLook.chooseKind') },
                          ...kinds,
                        ]
                  }
                  onPick={(next) => next !== 'ASKED' && onKind(next)}
                />
              ),
              form: form.type,
              rows: form.rows,
              columns: look.columns.length,
              delimiter: DELIMITERS[form.delimiter] ?? 'COMMA',
              encoding: form.encoding,
              sheet:
                form.sheets.length > 1 ? (
                  <InlineSelect
                    label={t('catalogue.feedLook.sheet')}
                    value={form.sheet}
                    choices={form.sheets.map((name) => ({ value: name, text: name }))}
                    onPick={onSheet}
                  />
                ) : (
                  form.sheet
                ),
            }}
          />
        </h1>
        <Button look="link" onClick={onClose}>
          {t('catalogue.feedLook.takeAnother')}
        </Button>
      </div>
      {looksLike === 'REVIEWS' ? (
        <p role="status" className="pb-1 text-rust-ink">
          <T
            id="catalogue.feedLook.reviews"
            values={{
              a: (chunks) => (
                <Link to="/reviews/bring-in" className="underline">
                  {chunks}
                </Link>
              ),
            }}
          />
        </p>
      ) : looksLike && kind && looksLike !== kind ? (
        <p role="status" className="pb-1 text-rust-ink">
          <T
            id="catalogue.feedLook.other"
            values={{
              looksLike,
              a: (chunks) => (
                <button type="button" className="underline" onClick={() => onKind(looksLike)}>
                  {chunks}
                </button>
              ),
            }}
          />
        </p>
      ) : (
        !kind && (
          <p role="status" className="pb-1 text-rust-ink">
            {t('catalogue.feedLook.sayKind')}
          </p>
        )
      )}
    </div>
  );
}
