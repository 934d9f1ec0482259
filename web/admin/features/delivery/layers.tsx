import { useState } from 'react';
import { Button } from '../../ui/button';
import { PickLine, PickSheet } from '../../ui/pick-sheet';
import { useProducts } from '../../ui/product-pick';
import { useSay } from '../../ui/toasts';
import { useCategories } from '../pages/queries';
import { FileAct } from './file-act';
import { LayerCard, type LayerAct } from './layer-card';
import type { DeliveryView, Journey, Layer, Settings } from './queries';

interface LayersProps {
  view: DeliveryView;
  journey: Journey | undefined;
  names: Map<string, string>;
  tags: string[];
  onSet: (settings: Settings, words: string) => Promise<unknown>;
}

/** Layers in their order: for each value the first that sets it wins, and the others are shown as overruled. */
export function Layers({ view, journey, names, tags, onSet }: LayersProps) {
  const { sayProblem } = useSay();
  const [showsAll, setShowsAll] = useState(false);
  const { settings } = view;
  const readings = new Map(journey?.layers.map((reading) => [reading.id, reading]));
  const order = journey ? [...readings.keys()] : settings.layers.map((layer) => layer.id);
  const here = order.flatMap((id) => settings.layers.filter((layer) => layer.id === id));
  const elsewhere = settings.layers.filter((layer) => !order.includes(layer.id));
  const put = (layers: Layer[], words: string) => onSet({ ...settings, layers }, words);
  const replace = (next: Layer, words: string) =>
    put(
      settings.layers.map((layer) => (layer.id === next.id ? next : layer)),
      `${words} changed`,
    );
  const act = (layer: Layer, what: LayerAct) =>
    void put(acted(settings.layers, layer, what), `a timing: ${what}`).catch(sayProblem);
  const card = (layer: Layer) => (
    <LayerCard
      key={layer.id}
      layer={layer}
      reading={readings.get(layer.id)}
      stock={journey?.stock}
      names={names}
      gaps={view.gaps.filter((gap) => gap.where === layer.id).map((gap) => gap.words)}
      onSet={replace}
      onAct={(what) => act(layer, what)}
    />
  );
  return (
    <section
      aria-label="Whose timing wins"
      className="min-w-0 rounded-xl border border-line bg-paper px-4 py-3"
    >
      <div className="flex items-baseline gap-2">
        <h2 className="text-base">Whose timing wins</h2>
        <span className="ml-auto text-[12.5px] text-ink-2">
          add a{' '}
          <AddLayer
            tags={tags}
            onAdd={(layer) =>
              void put(
                [{ ...layer, id: freeId(settings.layers) }, ...settings.layers],
                'a timing added',
              ).catch(sayProblem)
            }
          />
        </span>
      </div>
      <p className="mt-0.5 text-[13px] text-ink-2">
        Product beats tag, tag beats category, category beats shop. Of two alike a season wins, then
        the upper one.
      </p>
      <ul className="mt-2 flex flex-col gap-2">
        {here.map(card)}
        {showsAll && elsewhere.map(card)}
      </ul>
      {settings.layers.length === 0 && (
        <div className="mt-2 rounded-xl border border-dashed border-line-3 px-3 py-3 text-ink-2">
          <p>Nothing says yet when orders leave, so no promise is shown.</p>
          <Button
            look="inside"
            className="mt-2"
            onClick={() => void put([FIRST], 'a first timing').catch(sayProblem)}
          >
            Start with the shop’s week
          </Button>
        </div>
      )}
      <p className="mt-2 flex flex-wrap gap-x-4 text-[13px]">
        {elsewhere.length > 0 && (
          <Button look="link" onClick={() => setShowsAll(!showsAll)}>
            {showsAll ? 'Only those for this order' : `${elsewhere.length} more for other products`}
          </Button>
        )}
        <FileAct kind="timings" accept=".csv,text/csv" out="/api/v1/delivery/timings.csv" />
      </p>
      {journey && journey.so.length > 0 && (
        <p className="mt-2.5 border-t border-line pt-2 text-[13.5px] leading-normal">
          <b>So:</b> {journey.so.join(' ')}
        </p>
      )}
    </section>
  );
}

const FIRST: Layer = {
  id: 'shop',
  of: 'SHOP',
  on: true,
  handling: { least: 1, most: 2 },
  cutOffs: {
    MONDAY: '16:00',
    TUESDAY: '16:00',
    WEDNESDAY: '16:00',
    THURSDAY: '16:00',
    FRIDAY: '16:00',
  },
  holidays: [],
};

const freeId = (layers: Layer[]) => {
  let n = layers.length + 1;
  while (layers.some((layer) => layer.id === `timing-${n}`)) n++;
  return `timing-${n}`;
};

function acted(layers: Layer[], layer: Layer, act: LayerAct): Layer[] {
  const at = layers.indexOf(layer);
  const rest = layers.filter((one) => one !== layer);
  switch (act) {
    case 'remove':
      return rest;
    case 'copy':
      return layers.toSpliced(at + 1, 0, { ...layer, id: freeId(layers) });
    case 'up':
      return rest.toSpliced(Math.max(0, at - 1), 0, layer);
    case 'down':
      return rest.toSpliced(at + 1, 0, layer);
  }
}

interface AddLayerProps {
  tags: string[];
  onAdd: (layer: Layer) => void;
}

/** A timing for the shop, a category, a tag or a product. */
function AddLayer({ tags, onAdd }: AddLayerProps) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const categories = useCategories();
  const products = useProducts(text);
  const add = (of: Layer['of'], name?: string) => {
    setOpen(false);
    setText('');
    onAdd({
      id: '',
      of,
      ...(name === undefined ? {} : { name }),
      on: true,
      handling: { least: 1, most: 2 },
    });
  };
  const wanted = text.trim().toLowerCase();
  const fits = (name: string) => name.toLowerCase().includes(wanted);
  return (
    <PickSheet
      label="Add a timing"
      shown="timing"
      hint="Category, tag or product"
      field="Category, tag or product"
      wide
      open={open}
      onOpen={setOpen}
      text={text}
      onText={setText}
      onEnter={() => {
        const first = products.data?.items[0];
        if (wanted && first) add('PRODUCT', first.slug);
      }}
    >
      {!wanted && (
        <PickLine note="all products" onPick={() => add('SHOP')}>
          Shop-wide
        </PickLine>
      )}
      {categories
        .filter((one) => fits(one.text))
        .map((one) => (
          <PickLine key={one.value} note="category" onPick={() => add('CATEGORY', one.value)}>
            {one.text}
          </PickLine>
        ))}
      {tags.filter(fits).map((tag) => (
        <PickLine key={tag} note="tag" onPick={() => add('TAG', tag)}>
          {tag}
        </PickLine>
      ))}
      {wanted &&
        products.data?.items.map((product) => (
          <PickLine key={product.slug} note="product" onPick={() => add('PRODUCT', product.slug)}>
            {product.title}
          </PickLine>
        ))}
    </PickSheet>
  );
}
