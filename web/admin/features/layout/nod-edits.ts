import { useEffect, useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { mayComeBack, Problem } from '../../shared/api';
import { sendingOf, sentOf } from '../../shared/unsaved';
import {
  draftChanged,
  keepIncomplete,
  saveNod,
  useNodFace,
  type NodFace,
  type Settings,
} from './nod-queries';

export type Saving =
  | { state: 'saved'; at: string | undefined }
  | { state: 'saving' }
  | { state: 'conflict' }
  | { state: 'away' }
  | { state: 'half'; faults: Problem['faults'] }
  | { state: 'failed'; text: string; faults: Problem['faults'] };

const PAUSE = 400;
/** How long to wait for a server that is away. */
const AGAIN = 3000;

/** Saves settings; what is not whole yet is kept incomplete. */
async function keep(id: string, revision: number, set: Settings): Promise<NodFace> {
  try {
    return (await saveNod(id, revision, set)).face;
  } catch (error) {
    if (!(error instanceof Problem) || error.faults.length === 0) throw error;
    return keepIncomplete(id, revision, set);
  }
}

/**
 * A nod's settings as they are changed, each change kept at once and one behind the other: what is
 * typed while a change is on its way goes with the next.
 */
export function useNodEdits(id: string, onSaved: () => void) {
  const face = useNodFace(id);
  const queries = useQueryClient();
  const [edit, setEdit] = useState<Settings | undefined>();
  const [saving, setSaving] = useState<Saving>({ state: 'saved', at: undefined });
  const revision = useRef<number | undefined>(undefined);
  const next = useRef<Settings | undefined>(undefined);
  const busy = useRef(false);
  const again = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const later = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const known = face.data?.revision;
  useEffect(() => {
    if (!busy.current && known !== undefined) revision.current = known;
  }, [known]);

  const send = async () => {
    if (busy.current) return;
    clearTimeout(again.current);
    busy.current = true;
    while (next.current) {
      clearTimeout(later.current);
      const set = next.current;
      next.current = undefined;
      setSaving({ state: 'saving' });
      try {
        const saved = await keep(id, revision.current ?? 0, set);
        sentOf(id);
        revision.current = saved.revision;
        queries.setQueryData<NodFace>(['nod', id], saved);
        onSaved();
        // the page goes first: what stands beside it follows when nothing more is typed
        later.current = setTimeout(() => void draftChanged(queries), PAUSE);
        setSaving(
          saved.missing.length > 0
            ? { state: 'half', faults: saved.missing }
            : { state: 'saved', at: new Date().toTimeString().slice(0, 5) },
        );
      } catch (error) {
        if (!(error instanceof Problem) || mayComeBack(error)) {
          // the server is away: what was typed stays and is sent when it is back
          next.current ??= set;
          setSaving({ state: 'away' });
          again.current = setTimeout(() => void send(), AGAIN);
          break;
        }
        if (error.status === 409) {
          setSaving({ state: 'conflict' });
          break;
        }
        // what was typed meanwhile may mend it: then it is sent before anything is given up
        sentOf(id);
        setSaving({ state: 'failed', text: error.message, faults: error.faults });
      }
    }
    busy.current = false;
  };

  const change = (changes: Partial<Settings>) => {
    const before = edit ?? face.data?.set;
    if (!before) return;
    const after = { ...before, ...changes };
    setEdit(after);
    next.current = after;
    sendingOf(id);
    void send();
  };
  const missing = face.data?.missing ?? [];
  // what was incomplete when the nod was opened says so before anything is changed
  const asFound: Saving =
    missing.length > 0 && saving.state === 'saved' ? { state: 'half', faults: missing } : saving;
  return {
    face,
    set: edit ?? face.data?.set,
    saving: asFound,
    change,
    /** Tries at once to keep what waits for the server. */
    retry: () => void send(),
    /** Takes what another window made of it. */
    takeTheirs: async () => {
      setEdit(undefined);
      next.current = undefined;
      sentOf(id);
      const fresh = await face.refetch();
      revision.current = fresh.data?.revision;
      setSaving({ state: 'saved', at: undefined });
      onSaved();
    },
    /** Keeps what is here over what another window made of it. */
    keepMine: async () => {
      const mine = edit;
      const fresh = await face.refetch();
      revision.current = fresh.data?.revision;
      if (mine) {
        next.current = mine;
        void send();
      }
    },
  };
}
