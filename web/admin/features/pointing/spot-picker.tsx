import { useEffect, useState } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { InlineSelect } from '../../ui/inline-select';
import { Problem } from '../../shared/api';

import { saveSpot, useDraftAct, type PageKindName } from '../layout/nod-queries';
import type { Frames, Pointed } from '../layout/frame-link';
import { PanelHead } from '../layout/panel-head';
import { LandmarkForm, WhatChoice, type What } from './landmark-form';
import { T, t } from '../../shared/t';

interface PointProps {
  link: Frames;
  page: string;
  taken: string[];
  /** without a name: something that the page has was pointed at */
  onDone: (made: { name?: string; step: number } | undefined) => void;
}

type Side = Pointed['side'];

const SIDES: { value: Side; text: string }[] = [
  { value: 'before', text: t('pages.spotPicker.beforeIt') },
  { value: 'after', text: t('pages.spotPicker.afterIt') },
  { value: 'inside', text: t('pages.spotPicker.insideItAtTheEnd') },
];

/** Makes a place of the page a spot: by pointing at it, or by a selector. */
export function SpotPicker({ link, page, taken, onDone }: PointProps) {
  const { pointed, counted } = link;
  const [own, setOwn] = useState<{ selector?: string; side?: Side; name?: string }>({});
  const [what, setWhat] = useState<What>('SPOT');
  const make = useDraftAct(saveSpot);
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
      <PanelHead title={t('pages.spotPicker.pickAPlace')} onBack={() => onDone(undefined)} />
      <div className="flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto px-4.5 pb-4">
        <p className="text-ink-2">{t('pages.spotPicker.clickWhereYouWantThe')}</p>
        <WhatChoice what={what} page={page} onPick={setWhat} />
        {pointed && (
          <p className="rounded-xl bg-plum-soft px-3.5 py-2">
            <T
              id="pages.spotPicker.nextTo"
              values={{ text: pointed.text || t('pages.spotPicker.aPlaceWithoutText') }}
            />
          </p>
        )}
        <Button className="self-start" onClick={() => startPointing()}>
          {pointed ? t('pages.spotPicker.pickAgain') : t('pages.spotPicker.point')}
        </Button>
        {what !== 'SPOT' ? (
          <LandmarkForm
            key={what}
            landmark={what}
            link={link}
            onDone={(step) => onDone({ step })}
          />
        ) : (
          <>
            <Field
              label={t('pages.spotPicker.selector')}
              value={selector}
              note={t('pages.spotPicker.suggestedYouCanWriteYour')}
              fault={faultAt('selector') ?? trouble}
              onChange={(event) => {
                setOwn({ ...own, selector: event.target.value });
                countMatches(event.target.value);
              }}
            />
            {found && selector && !trouble && (
              <p role="status" className="text-[13px] text-fern-ink">
                {found.matches === 1
                  ? t('pages.spotPicker.onePlaceOnThisPage')
                  : t('pages.spotPicker.placesOneForEachOf', {
                      matches: found.matches,
                      products: found.products,
                    })}
              </p>
            )}
            <p className="flex items-center gap-1.5 text-ink-2">
              <T
                id="pages.spotPicker.placeNods"
                values={{
                  pick: (
                    <InlineSelect
                      label={t('pages.spotPicker.side')}
                      value={side}
                      choices={SIDES}
                      onPick={(next) => setOwn({ ...own, side: next })}
                    />
                  ),
                }}
              />
            </p>
            <Field
              label={t('pages.spotPicker.name')}
              value={name}
              note={t('pages.spotPicker.lowerCaseLettersDigitsAnd')}
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
              {t('pages.spotPicker.saveSpot')}
            </Button>
          </>
        )}
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
  return t('pages.spotPicker.mySpot', { n });
}

/** Why what a selector matches cannot be a spot. */
function troubleOf({ matches, products }: { matches: number; products: number }) {
  if (matches < 0) return t('pages.spotPicker.isNotAReadableCss');
  if (matches === 0) return t('pages.spotPicker.matchesNothingOnThisPage');
  if (matches > Math.max(1, products))
    return t('pages.spotPicker.matchesPlacesItMustMatch', { matches, products });
  return undefined;
}
