import { useState } from 'react';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { InlineSelect } from '../../ui/inline-select';
import { Problem } from '../../shared/api';
import { T, t } from '../../shared/t';
import {
  forgetLandmark,
  saveLandmark,
  useDraftAct,
  useLearnedPages,
  type Landmark,
} from '../layout/nod-queries';
import type { Frames } from '../layout/frame-link';

/** A new place, or something that the page has and Nod Yes did not find. */
export type What = 'SPOT' | Landmark;

const CHOICES: { value: What; text: string }[] = [
  { value: 'SPOT', text: t('pages.landmarkForm.aPlaceForNods') },
  { value: 'TITLE', text: t('pages.landmarkForm.theTitle') },
  { value: 'PRICE', text: t('pages.landmarkForm.thePrice') },
  { value: 'BUY', text: t('pages.landmarkForm.theBuyButton') },
  { value: 'PICTURE', text: t('pages.landmarkForm.theProductImage') },
  { value: 'DESCRIPTION', text: t('pages.landmarkForm.theDescription') },
  { value: 'VARIANT', text: t('pages.landmarkForm.theVariantField') },
];
const CARDS: { value: What; text: string } = {
  value: 'CARD',
  text: t('pages.landmarkForm.aProductCard'),
};

interface WhatChoiceProps {
  what: What;
  page: string;
  onPick: (what: What) => void;
}

/** What it is that is pointed at. */
export function WhatChoice({ what, page, onPick }: WhatChoiceProps) {
  const [first, ...others] = CHOICES;
  const choices =
    page === 'product'
      ? [...CHOICES, CARDS]
      : page === 'listing'
        ? [first!, CARDS]
        : [first!, CARDS, ...others];
  return (
    <p className="flex flex-wrap items-center gap-1.5">
      <T
        id="pages.landmarkForm.iPointAt"
        values={{
          pick: (
            <InlineSelect
              label={t('pages.landmarkForm.what')}
              value={what}
              choices={choices}
              onPick={onPick}
            />
          ),
        }}
      />
    </p>
  );
}

interface LandmarkFormProps {
  landmark: Landmark;
  link: Frames;
  onDone: (step: number) => void;
}

/** Keeps what was pointed at, for all pages that are built like this one. */
export function LandmarkForm({ landmark, link, onDone }: LandmarkFormProps) {
  const { pointed, counted, countMatches } = link;
  const [typed, setTyped] = useState<string>();
  const learned = useLearnedPages().data?.landmarks[landmark];
  const save = useDraftAct(saveLandmark);
  const forget = useDraftAct(forgetLandmark);
  const isCard = landmark === 'CARD';
  const suggested = isCard ? pointed?.like : pointed?.selector;
  const selector = typed ?? suggested ?? learned ?? '';
  const problem = [save.error, forget.error].find((error) => error instanceof Problem);
  const matches = typed === undefined && !isCard ? pointed?.matches : counted?.matches;
  const isNone = !!selector && matches !== undefined && matches <= 0;
  return (
    <>
      {isCard && pointed && !pointed.like && (
        <p role="status" className="text-rust-ink">
          {t('pages.landmarkForm.nothingIsLikeIt')}
        </p>
      )}
      <Field
        label={t('pages.spotPicker.selector')}
        value={selector}
        note={t('pages.landmarkForm.sameOnAllPages')}
        fault={
          problem?.faults.find(({ field }) => field === 'selector')?.reason ??
          problem?.message ??
          (isNone ? t('pages.spotPicker.matchesNothingOnThisPage') : undefined)
        }
        onFocus={() => countMatches(selector)}
        onChange={(event) => {
          setTyped(event.target.value);
          countMatches(event.target.value);
        }}
      />
      <p className="flex items-center gap-3">
        <Button
          look="inside"
          disabled={!selector || isNone || save.isPending}
          onClick={() =>
            save.mutate({ landmark, selector }, { onSuccess: (step) => onDone(step.id) })
          }
        >
          {t('pages.landmarkForm.keepIt')}
        </Button>
        {learned && (
          <Button
            disabled={forget.isPending}
            onClick={() => forget.mutate(landmark, { onSuccess: (step) => onDone(step.id) })}
          >
            {t('pages.landmarkForm.forgetIt')}
          </Button>
        )}
      </p>
    </>
  );
}
