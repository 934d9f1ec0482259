import { Button } from '../../../ui/button';
import { language } from '../../../shared/words';
import type { NodFace } from '../nod-queries';

interface StatedProps {
  stated: NodFace['stated'];
  onCompute: (kind: string) => void;
}

/** What an own label's words state though nothing computes it, and the label that would. */
export function Stated({ stated, onCompute }: StatedProps) {
  if (stated.length === 0) return null;
  return (
    <ul className="mx-4.5 mt-3 flex flex-col gap-2" aria-label="Stated, not computed">
      {stated.map((one) => (
        <li
          key={`${one.language} ${one.text}`}
          className="rounded-xl bg-saffron-soft px-3.5 py-2.5 text-[13px] leading-snug text-saffron-ink"
        >
          In {language(one.language)}, “{one.text}” states {one.what}. Nothing computes it, and it
          stays when it is no longer so. Proof lists it.
          {one.kind && one.kindName && (
            <span className="mt-1 block">
              <Button look="link" onClick={() => onCompute(one.kind ?? '')}>
                Put a {one.kindName.toLowerCase()} in its place
              </Button>
            </span>
          )}
        </li>
      ))}
    </ul>
  );
}
