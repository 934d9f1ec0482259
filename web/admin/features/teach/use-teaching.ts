import { useEffect, useState } from 'react';
import type { Frames } from '../layout/frame-link';
import type { Lesson, LessonWords } from '../layout/lesson-link';
import {
  forgetLandmark,
  leaveOut,
  saveLandmark,
  takeIn,
  useDraftAct,
  type Landmark,
} from '../layout/nod-queries';
import { useNotify } from '../../ui/toasts';
import { t } from '../../shared/t';

const WORDS: LessonWords = {
  card: t('teach.card'),
  states: {
    found: t('teach.state.found'),
    unknown: t('teach.state.unknown'),
    'left-out': t('teach.state.leftOut'),
    'no-product': t('teach.state.noProduct'),
  },
};

export type Teaching = ReturnType<typeof useTeaching>;

/** Teaches what is on the page: each act is one of the draft, and seen on the page at once. */
export function useTeaching(link: Frames, { teach, card }: Lesson) {
  const { refresh, startPointing, stopPointing } = link;
  const [wanted, setWanted] = useState<Landmark | undefined>();
  const [isAlone, setAlone] = useState(false);
  const { say, sayProblem } = useNotify();
  const save = useDraftAct(saveLandmark);
  const forget = useDraftAct(forgetLandmark);
  const leave = useDraftAct(leaveOut);
  const take = useDraftAct(takeIn);
  useEffect(() => teach(WORDS, card ?? 0), [teach, card]);
  const heard = {
    onSuccess: ({ message }: { message: string }) => {
      refresh();
      say(message);
    },
    onError: sayProblem,
  };
  return {
    /** what is pointed at now */
    wanted,
    /** what was pointed at has none that are like it */
    isAlone,
    point: (landmark: Landmark) => {
      setAlone(false);
      setWanted(landmark);
      startPointing((pointed) => {
        const selector = landmark === 'CARD' ? pointed.like : pointed.selector;
        setWanted(undefined);
        setAlone(!selector);
        if (selector) save.mutate({ landmark, selector }, heard);
      });
    },
    stop: () => {
      setWanted(undefined);
      stopPointing();
    },
    forget: (landmark: Landmark) => forget.mutate(landmark, heard),
    leaveOut: (selector: string) => leave.mutate(selector, heard),
    takeIn: (selector: string) => take.mutate(selector, heard),
    isBusy: [save, forget, leave, take].some(({ isPending }) => isPending),
    refresh,
  };
}
