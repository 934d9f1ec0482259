import { Link } from 'react-router';
import { number, since } from '../../shared/format';
import { ReadingProgress } from './import-progress';
import { useImports, type ImportView } from './queries';
import { T, t } from '../../shared/t';

/** What is being read just now, whoever began it and when. */
export function ReadNow() {
  const items = useImports().data?.items ?? [];
  return items
    .filter((batch) => batch.state === 'RUNNING')
    .map((batch) => (
      <div key={batch.id} className="mb-4 max-w-xl">
        <ReadingProgress batch={batch} />
      </div>
    ));
}

/** What came in before, import by import. */
export function ImportHistory() {
  const batches = useImports();
  const items = batches.data?.items ?? [];
  if (items.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="mb-2 text-lg">{t('imports.importHistory.earlierImports')}</h2>
      <table className="w-full overflow-hidden rounded-xl border border-line bg-paper text-left">
        <thead className="text-[13px] text-ink-2">
          <tr>
            <th className="px-4 py-2 font-medium">{t('imports.importHistory.import')}</th>
            <th className="px-4 py-2 font-medium">{t('imports.importHistory.status')}</th>
            <th className="px-4 py-2 text-right font-medium">
              {t('imports.importHistory.imported')}
            </th>
            <th className="px-4 py-2 text-right font-medium">
              {t('imports.importHistory.notReadable')}
            </th>
            <th className="px-4 py-2 text-right font-medium">
              {t('imports.importHistory.skipped')}
            </th>
            <th className="px-4 py-2 text-right font-medium">{t('imports.importHistory.date')}</th>
          </tr>
        </thead>
        <tbody className="tabular-nums">
          {items.map((batch) => (
            <Row key={batch.id} batch={batch} />
          ))}
        </tbody>
      </table>
      {batches.data && batches.data.total > items.length && (
        <p className="mt-2 text-[13px] text-ink-2">
          <T
            id="imports.importHistory.andEarlierImports"
            values={{ total: batches.data.total - items.length }}
          />
        </p>
      )}
    </section>
  );
}

const STANDS: Record<ImportView['state'], string> = {
  INSPECTED: t('imports.importHistory.readyToImport'),
  RUNNING: t('imports.importHistory.importing'),
  DONE: t('imports.importHistory.imported2'),
  FAILED: t('imports.importHistory.stopped'),
  CANCELLED: t('imports.importHistory.cancelled'),
  UNDONE: t('imports.importHistory.removed'),
};

function Row({ batch }: { batch: ImportView }) {
  return (
    <tr className="border-t border-line">
      <td className="px-4 py-2">
        <Link to={`/reviews/bring-in/${batch.id}`} className="text-plum underline">
          {batch.fileName}
        </Link>
      </td>
      <td className={`px-4 py-2 ${batch.state === 'FAILED' ? 'text-rust-ink' : 'text-ink-2'}`}>
        {STANDS[batch.state]}
        {batch.state === 'DONE' && batch.waiting > 0 && (
          <>
            ,{' '}
            <Link to={`/reviews/sort/${batch.id}`} className="text-plum underline">
              <T id="imports.importHistory.toCheck" values={{ waiting: batch.waiting }} />
            </Link>
          </>
        )}
      </td>
      <td className="px-4 py-2 text-right">{number(batch.imported)}</td>
      <td className="px-4 py-2 text-right">{number(batch.unreadable)}</td>
      <td className="px-4 py-2 text-right">
        {number(batch.duplicates + batch.leftOutBefore + batch.notSelected)}
      </td>
      <td className="px-4 py-2 text-right text-ink-2">{since(batch.createdAt)}</td>
    </tr>
  );
}
