import { Button } from '../../ui/button';
import { language } from '../../shared/format';
import type { NodFace } from '../layout/nod-queries';
import { T, t } from '../../shared/t';

interface StatedProps {
  stated: NodFace['stated'];
  onCompute: (kind: string) => void;
}

/** What an own label's words state though nothing computes it, and the label that would. */
export function Stated({ stated, onCompute }: StatedProps) {
  if (stated.length === 0) return null;
  return (
    <ul className="mx-4.5 mt-3 flex flex-col gap-2" aria-label={t('nod.stated.statedNotChecked')}>
      {stated.map((one) => (
        <li
          key={`${one.language} ${one.text}`}
          className="rounded-xl bg-saffron-soft px-3.5 py-2.5 text-[13px] leading-snug text-saffron-ink"
        >
          <T
            id="nod.stated.statesNodYesDoesNot"
            values={{
              language: language(one.language),
              text: one.text,
              what: one.what,
              kind: one.kind && one.kindName && (
                <span className="mt-1 block">
                  <Button look="link" onClick={() => onCompute(one.kind ?? '')}>
                    <T id="nod.stated.useInstead" values={{ name: one.kindName }} />
                  </Button>
                </span>
              ),
            }}
          />
        </li>
      ))}
    </ul>
  );
}
