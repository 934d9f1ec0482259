import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Problem } from '../shared/api';
import { Button } from './button';
import { T, t } from '../shared/t';

/** What goes here, and the first act. */
export function Empty({
  title,
  level = 2,
  children,
}: {
  title: string;
  level?: 1 | 2;
  children?: ReactNode;
}) {
  const Title = `h${level}` as const;
  return (
    <div className="mx-auto flex max-w-md flex-col items-center gap-3 px-6 py-16 text-center">
      <Title className="text-xl">{title}</Title>
      <div className="text-ink-2">{children}</div>
    </div>
  );
}

/** What went wrong, what was kept, and trying again. */
export function Failure({ error, again }: { error: unknown; again?: () => void }) {
  const text =
    error instanceof Problem ? error.message : t('ui.emptyState.somethingWentWrongOnThis');
  return (
    <div
      role="alert"
      className="m-5 rounded-xl border border-rust/40 bg-rust-soft px-5 py-4 text-rust-ink"
    >
      <p className="font-semibold">{text}</p>
      {again && (
        <Button className="mt-3" onClick={again}>
          {t('ui.emptyState.tryAgain')}
        </Button>
      )}
    </div>
  );
}

/** Lines that keep the layout while data is on its way. */
export function Loading({ lines = 6 }: { lines?: number }) {
  return (
    <div className="flex flex-col gap-3 p-5" role="status" aria-label={t('ui.emptyState.loading')}>
      {Array.from({ length: lines }, (_, i) => (
        <div key={i} className="h-8 animate-pulse rounded-lg bg-line/60" />
      ))}
    </div>
  );
}

/** An address that is none. */
export function NotFound() {
  return (
    <Empty level={1} title={t('ui.emptyState.pageNotFound')}>
      <Link to="/" className="text-plum underline">
        {t('ui.emptyState.goToToday')}
      </Link>
    </Empty>
  );
}

/** A screen that broke: what is stored is not touched by it. */
export function Broken() {
  return (
    <main>
      <Empty level={1} title={t('ui.emptyState.thisScreenStoppedWorking')}>
        <T id="ui.emptyState.yourSavedWorkIsSafe" values={{ br: <br /> }} />
        <Button look="inside" className="mt-4" onClick={() => location.reload()}>
          {t('ui.emptyState.reload')}
        </Button>
      </Empty>
    </main>
  );
}
