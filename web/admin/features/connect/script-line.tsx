import { useState } from 'react';
import { Button } from '../../ui/button';
import { InlineSelect } from '../../ui/inline-select';
import { useCopy } from '../../ui/copy';
import { T, t } from '../../shared/t';
import { useSnippets } from './queries';
import { TemplateMarks } from './template-marks';

/** Whether a page appears before its nods or with them, which is the owner's to choose. */
type Way = 'waits' | 'together';

/** The one line, and what goes with it. */
export function ScriptLine({ isFirst }: { isFirst: boolean }) {
  const copy = useCopy();
  const [way, setWay] = useState<Way>('waits');
  const snippets = useSnippets().data;
  if (!snippets) return null;
  const line = way === 'waits' ? snippets.line : snippets.heldLine;
  const mail = `mailto:?subject=${encodeURIComponent(t('connect.line.mailSubject'))}&body=${encodeURIComponent(
    `${t('connect.line.mailText')}\n\n${line}\n`,
  )}`;
  return (
    <section
      aria-label={t('connect.line.title')}
      className="rounded-2xl border border-line-2 bg-paper-2 px-4.5 py-3.5"
    >
      <p className="flex flex-wrap items-baseline gap-x-4">
        <b>{t('connect.line.title')}</b>
        <span className="flex-1" />
        {!isFirst && (
          <Button look="link" onClick={() => copy(line)}>
            {t('connect.line.copy')}
          </Button>
        )}
        {!isFirst && <MailLink to={mail} />}
      </p>
      <code className="mt-1 block text-[13px] break-all">{line}</code>
      {isFirst && (
        <p className="mt-3 flex flex-wrap items-center gap-4">
          <Button look="inside" onClick={() => copy(line)}>
            {t('connect.line.copyTheLine')}
          </Button>
          <MailLink to={mail} />
        </p>
      )}
      <p className="mt-2 text-[13px]">
        <T
          id="connect.line.aPage"
          values={{
            way: (
              <InlineSelect<Way>
                label={t('connect.line.way')}
                value={way}
                choices={[
                  { value: 'waits', text: t('connect.line.waits') },
                  { value: 'together', text: t('connect.line.together') },
                ]}
                onPick={setWay}
              />
            ),
          }}
        />{' '}
        <span className="text-ink-2">
          {way === 'waits' ? t('connect.line.waitsNote') : t('connect.line.togetherNote')}
        </span>
      </p>
      {!snippets.isPublic && (
        <p className="mt-2 text-[13px] text-rust-ink">{t('connect.line.notPublic')}</p>
      )}
      <details className="mt-2 text-[13px]">
        <summary className="cursor-pointer text-plum underline underline-offset-2">
          {t('connect.line.whereDoesItGo')}
        </summary>
        <p className="mt-2">{t('connect.line.inTheHead')}</p>
        <p className="mt-2">{t('connect.line.strictPages')}</p>
        <code className="mt-1 block rounded-lg border border-line bg-paper p-2 break-all">
          {snippets.sources}
        </code>
        <p className="mt-2">
          <T
            id="connect.line.marks"
            values={{
              page: <code>{'data-nod-page="product"'}</code>,
              product: <code>{'data-nod-product="…"'}</code>,
              spot: <code>{'data-nod-spot="under-title"'}</code>,
            }}
          />
        </p>
        <TemplateMarks />
      </details>
    </section>
  );
}

function MailLink({ to }: { to: string }) {
  return (
    <a href={to} className="text-plum underline underline-offset-2">
      {t('connect.line.eMailIt')}
    </a>
  );
}
