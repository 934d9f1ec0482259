import { Button } from '../../ui/button';
import { Failure, Loading } from '../../ui/empty-state';
import { Problem, isLost } from '../../shared/api';
import { useNotify } from '../../ui/toasts';
import { STYLE_FIELDS } from '../nod-editor/style-fields';
import { Colour, StyleValue } from '../nod-editor/style-value';
import type { Frames } from '../layout/frame-link';
import { saveKit, useDraftAct, useKit } from '../layout/nod-queries';
import { AssetList } from './asset-list';
import { ColorPairs, plain, type Pair } from './color-pairs';
import { PanelHead } from '../layout/panel-head';
import { t } from '../../shared/t';

interface KitPanelProps {
  link: Frames;
  onDone: () => void;
  onTaken: (words: string, step: number) => void;
}

const VALUES = [
  { name: 'ink', text: t('pages.brandKitPanel.text') },
  { name: 'ground', text: t('pages.brandKitPanel.background') },
  { name: 'accent', text: t('pages.brandKitPanel.accent') },
  { name: 'ink-soft', text: t('pages.brandKitPanel.secondaryText') },
  { name: 'line', text: t('pages.brandKitPanel.lines') },
  { name: 'star', text: t('pages.brandKitPanel.stars') },
];

/** What else all nods share, each as in a nod's own looks. */
const ROWS = ['font', 'size', 'star-shape', 'arrow', 'corner', 'inside', 'gap', 'outside'].flatMap(
  (name) => STYLE_FIELDS.flatMap(({ rows }) => rows.filter((row) => row.name === name)),
);

/** Colours that all nods share unless one differs: taken from the shop's page with one click. */
export function BrandKitPanel({ link, onDone, onTaken }: KitPanelProps) {
  const kit = useKit();
  const save = useDraftAct(saveKit);
  const { sayProblem } = useNotify();
  if (isLost(kit)) return <Failure error={kit.error} again={() => void kit.refetch()} />;
  if (!kit.data) return <Loading />;
  const { values, pairs } = kit.data;
  const put = (next: Partial<{ values: typeof values; pairs: Pair[] }>) =>
    save.mutate(
      { values, pairs: plain(pairs), ...next },
      {
        onSuccess: (saved) => {
          onTaken(t('pages.brandKitPanel.houseStyleChanged'), saved.step.id);
          link.refresh();
        },
        onError: (error) => {
          const [fault] = error instanceof Problem ? error.faults : [];
          sayProblem(fault ? new Problem(400, fault.reason) : error);
        },
      },
    );
  const setValue = (name: string, value: string | undefined) => {
    const next = { ...values };
    if (value === undefined) delete next[name];
    else next[name] = value;
    put({ values: next });
  };
  return (
    <>
      <PanelHead title={t('pages.brandKitPanel.houseStyle')} onBack={onDone} />
      <div className="flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto px-4.5 pb-4">
        <p className="text-ink-2">{t('pages.brandKitPanel.allNodsUseThisStyle')}</p>
        <Button
          className="self-start"
          onClick={() =>
            link.readBrand((read) => {
              put({ values: { ...values, ...read } });
            })
          }
        >
          {t('pages.brandKitPanel.copyFromMyShop')}
        </Button>
        <KitValues values={values} onSet={setValue} />
        <ColorPairs pairs={pairs} onPut={(next) => put({ pairs: next })} />
        <AssetList />
      </div>
    </>
  );
}

interface KitValuesProps {
  values: Record<string, string>;
  onSet: (name: string, value: string | undefined) => void;
}

function KitValues({ values, onSet }: KitValuesProps) {
  return (
    <dl className="grid grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-4 gap-y-1.5">
      {VALUES.map(({ name, text }) => (
        <div key={name} className="contents">
          <dt className="text-ink-2">{text}</dt>
          <dd>
            <Colour
              label={text}
              value={values[name]}
              inherited={undefined}
              isLate
              onSet={(value) => onSet(name, value)}
            />
          </dd>
        </div>
      ))}
      {ROWS.map((row) => (
        <div key={row.name} className="contents">
          <dt className="text-ink-2">{row.label}</dt>
          <dd className="flex items-baseline gap-1.5 text-ink-2">
            <StyleValue
              row={row}
              value={values[row.name]}
              inherited={undefined}
              pairs={[]}
              isLate
              onSet={(value) => onSet(row.name, value)}
            />
            {row.after}
          </dd>
        </div>
      ))}
    </dl>
  );
}
