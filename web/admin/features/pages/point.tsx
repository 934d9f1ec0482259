import { useEffect, useState } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Pick } from '../../ui/pick';
import { Problem } from '../../shared/api';
import { count, number } from '../../shared/words';
import { pointAt, useDraftAct, type PageKindName } from './nod-queries';
import type { Frames, Pointed } from './frame-link';
import { PanelHead } from './panel-head';

interface PointProps {
  link: Frames;
  page: string;
  taken: string[];
  onDone: (made: { name: string; step: number } | undefined) => void;
}

type Side = Pointed['side'];

const SIDES: { value: Side; text: string }[] = [
  { value: 'before', text: 'before it' },
  { value: 'after', text: 'after it' },
  { value: 'inside', text: 'inside it, at its end' },
];

/** Makes a place of the page a spot: by pointing at it, or by a selector. */
export function Point({ link, page, taken, onDone }: PointProps) {
  const { pointed, counted } = link;
  const [own, setOwn] = useState<{ selector?: string; side?: Side; name?: string }>({});
  const make = useDraftAct(pointAt);
  const selector = own.selector ?? pointed?.selector ?? '';
  const side = own.side ?? pointed?.side ?? 'after';
  const name = own.name ?? freeName(taken);
  const { startPointing, stopPointing, countMatches } = link;
  useEffect(() => {
    startPointing();
    return stopPointing;
    // once, when it opens
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const found = own.selector === undefined ? pointed : counted;
  const problem = make.error instanceof Problem ? make.error : undefined;
  const trouble = found && selector ? troubleOf(found) : undefined;
  const faultAt = (field: string) => problem?.faults.find((fault) => fault.field === field)?.reason;
  return (
    <>
      <PanelHead title="Point at the page" onBack={() => onDone(undefined)} />
      <div className="flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto px-4.5 pb-4">
        <p className="text-ink-2">
          Move over the page and click where a nod shall stand. With keys: arrows go through its
          parts, space changes the side, Enter takes it, Escape ends it.
        </p>
        {pointed && (
          <p className="rounded-xl bg-plum-soft px-3.5 py-2">
            By “{pointed.text || 'a place without words'}”
          </p>
        )}
        <Button className="self-start" onClick={startPointing}>
          {pointed ? 'Point again' : 'Point'}
        </Button>
        <Field
          label="Selector"
          value={selector}
          note="Found for you; you can write your own."
          fault={faultAt('selector') ?? trouble}
          onChange={(event) => {
            setOwn({ ...own, selector: event.target.value });
            countMatches(event.target.value);
          }}
        />
        {found && selector && !trouble && (
          <p role="status" className="text-[13px] text-fern-ink">
            {found.matches === 1
              ? 'One place on this page'
              : `${number(found.matches)} places, one for each of ${count(found.products, 'product')}`}
          </p>
        )}
        <p className="flex items-center gap-1.5 text-ink-2">
          Nods stand
          <Pick
            label="Side"
            value={side}
            choices={SIDES}
            onPick={(next) => setOwn({ ...own, side: next })}
          />
        </p>
        <Field
          label="What you call it"
          value={name}
          note="Lower-case letters, digits and hyphens"
          fault={
            faultAt('name') ??
            (problem && problem.faults.length === 0 ? problem.message : undefined)
          }
          onChange={(event) => setOwn({ ...own, name: event.target.value })}
        />
        <Button
          look="inside"
          className="self-start"
          disabled={!selector || !!trouble || make.isPending}
          onClick={() =>
            make.mutate(asSpot({ name, page, selector, side }), {
              onSuccess: (step) => onDone({ name, step: step.id }),
            })
          }
        >
          Make it a spot
        </Button>
      </div>
    </>
  );
}

const asSpot = (one: { name: string; page: string; selector: string; side: Side }) => ({
  ...one,
  page: one.page.toUpperCase() as PageKindName,
  side: one.side.toUpperCase() as 'BEFORE' | 'AFTER' | 'INSIDE',
});

function freeName(taken: string[]): string {
  let n = 1;
  while (taken.includes(`my-spot-${n}`)) n++;
  return `my-spot-${n}`;
}

/** Why what a selector matches cannot be a spot. */
function troubleOf({ matches, products }: { matches: number; products: number }) {
  if (matches < 0) return 'is no CSS selector that can be read';
  if (matches === 0) return 'matches nothing on this page';
  if (matches > Math.max(1, products))
    return `matches ${number(matches)} places; a spot is one place, or one for each product (${number(products)} here)`;
  return undefined;
}
