import { useQuery } from '@tanstack/react-query';
import { api, need } from '../../shared/api';
import { T, t } from '../../shared/t';

/** How to go, leaving nothing behind and taking everything along. */
export function Export() {
  const left = useQuery({ queryKey: ['leaving'], queryFn: () => need(api.GET('/api/v1/export')) });
  return (
    <section
      aria-label={t('setup.export.leavingNodYes')}
      className="col-span-2 rounded-2xl border border-line bg-paper p-6"
    >
      <h2 className="mb-2 text-xl">{t('setup.export.leavingNodYes')}</h2>
      <ol className="ml-5 flex max-w-3xl list-decimal flex-col gap-2">
        <li>
          <T
            id="setup.export.exportEverythingAsOneZip"
            values={{
              a: (chunks) => (
                <a className="text-plum underline" href="/api/v1/export/everything.zip" download>
                  {chunks}
                </a>
              ),
            }}
          />
        </li>
        <li>{t('setup.export.removeTheScriptLineFrom')}</li>
        <li>
          <T
            id="setup.export.stopNodYesAndDelete"
            values={{
              left: left.data && (
                <>
                  , <code className="text-[13px] break-all">{left.data.folder}</code>
                </>
              ),
            }}
          />
        </li>
      </ol>
    </section>
  );
}
