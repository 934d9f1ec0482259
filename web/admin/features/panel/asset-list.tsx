import { Button } from '../../ui/button';
import { Failure } from '../../ui/empty-state';
import { useNotify } from '../../ui/toasts';
import { useUpload } from '../nod-editor/upload';
import { addressOf, useAssets, useRemoveAsset } from '../layout/assets';
import { t } from '../../shared/t';

/** The fonts and pictures of the shop's own that looks can name. */
export function AssetList() {
  const materials = useAssets();
  const remove = useRemoveAsset();
  const { say, sayProblem } = useNotify();
  const font = useUpload('FONT', t('pages.assetList.yourOwnFonts'), () => undefined);
  const picture = useUpload('PICTURE', t('pages.assetList.yourOwnImages'), () => undefined);
  const items = materials.data?.items ?? [];
  return (
    <section>
      <h2 className="mb-1 text-[15px]">{t('pages.assetList.yourOwnFontsAndImages')}</h2>
      {materials.error && (
        <Failure error={materials.error} again={() => void materials.refetch()} />
      )}
      {materials.data && items.length === 0 && (
        <p className="text-[13px] text-ink-2">{t('pages.assetList.nothingUploadedYetAddWoff2')}</p>
      )}
      <ul className="flex flex-col gap-1.5">
        {items.map((one) => (
          <li key={one.file} className="flex items-center gap-2.5">
            {one.kind === 'PICTURE' ? (
              <img src={addressOf(one.file)} alt="" className="size-6 object-contain" />
            ) : (
              <span className="grid size-6 place-items-center font-semibold" aria-hidden>
                {t('pages.assetList.aa')}
              </span>
            )}
            <b className="min-w-0 truncate">{one.name}</b>
            <span className="text-[13px] text-ink-2">
              {one.kind === 'PICTURE' ? t('pages.assetList.image') : t('pages.assetList.font')}
            </span>
            <span className="flex-1" />
            <button
              type="button"
              aria-label={t('pages.assetList.remove', { name: one.name })}
              className="rounded px-1 text-ink-2 hover:bg-paper-2"
              onClick={() =>
                remove.mutate(one.file, {
                  onSuccess: () =>
                    say(t('pages.assetList.removedStylesThatUseIt', { name: one.name })),
                  onError: sayProblem,
                })
              }
            >
              ×
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-2 flex gap-2">
        <Button disabled={font.busy} onClick={font.open}>
          {t('pages.assetList.addFont')}
        </Button>
        <Button disabled={picture.busy} onClick={picture.open}>
          {t('pages.assetList.addImage')}
        </Button>
      </p>
      {font.field}
      {picture.field}
    </section>
  );
}
