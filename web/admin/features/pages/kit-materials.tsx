import { Button } from '../../ui/button';
import { Failure } from '../../ui/empty';
import { useSay } from '../../ui/toasts';
import { useUpload } from './faces/upload';
import { addressOf, useMaterials, useRemoveMaterial } from './materials';

/** The fonts and pictures of the shop's own that looks can name. */
export function KitMaterials() {
  const materials = useMaterials();
  const remove = useRemoveMaterial();
  const { say, sayProblem } = useSay();
  const font = useUpload('FONT', 'Your own fonts', () => undefined);
  const picture = useUpload('PICTURE', 'Your own pictures', () => undefined);
  const items = materials.data?.items ?? [];
  return (
    <section>
      <h2 className="mb-1 text-[15px]">Fonts and pictures of your own</h2>
      {materials.error && (
        <Failure error={materials.error} again={() => void materials.refetch()} />
      )}
      {materials.data && items.length === 0 && (
        <p className="text-[13px] text-ink-2">
          None yet. A WOFF2 font can be the font of any nod, a small picture its stars, its arrows
          or the drawing before it.
        </p>
      )}
      <ul className="flex flex-col gap-1.5">
        {items.map((one) => (
          <li key={one.file} className="flex items-center gap-2.5">
            {one.kind === 'PICTURE' ? (
              <img src={addressOf(one.file)} alt="" className="size-6 object-contain" />
            ) : (
              <span className="grid size-6 place-items-center font-semibold" aria-hidden>
                Aa
              </span>
            )}
            <b className="min-w-0 truncate">{one.name}</b>
            <span className="text-[13px] text-ink-2">
              {one.kind === 'PICTURE' ? 'picture' : 'font'}
            </span>
            <span className="flex-1" />
            <button
              type="button"
              aria-label={`Remove ${one.name}`}
              className="rounded px-1 text-ink-2 hover:bg-paper-2"
              onClick={() =>
                remove.mutate(one.file, {
                  onSuccess: () => say(`${one.name} is removed; looks that use it keep it`),
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
          Add a font
        </Button>
        <Button disabled={picture.busy} onClick={picture.open}>
          Add a picture
        </Button>
      </p>
      {font.field}
      {picture.field}
    </section>
  );
}
