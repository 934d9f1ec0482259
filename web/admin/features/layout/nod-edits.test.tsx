import type { ReactNode } from 'react';
import { act, renderHook } from '@testing-library/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../../shared/api';
import { useNodEdits } from './nod-edits';
import type { NodFace, Settings } from './nod-queries';

const server = vi.hoisted(() => ({
  saveNod: vi.fn<(id: string, revision: number, set: Settings) => Promise<{ face: NodFace }>>(),
  keepIncomplete: vi.fn<(id: string, revision: number, set: Settings) => Promise<NodFace>>(),
  refetch: vi.fn<() => Promise<{ data: NodFace }>>(),
}));

const faceOf = (revision: number, spot = 'Stars', missing: NodFace['missing'] = []) =>
  ({ revision, set: { spot }, missing }) as unknown as NodFace;

vi.mock('./nod-queries', () => ({
  saveNod: server.saveNod,
  keepIncomplete: server.keepIncomplete,
  draftChanged: () => Promise.resolve(),
  useNodFace: () => ({ data: faceOf(7), refetch: server.refetch }),
}));

/** A save that is answered when the test says so. */
function underWay() {
  let answer: (face: NodFace) => void = () => undefined;
  let refuse: (error: unknown) => void = () => undefined;
  server.saveNod.mockImplementationOnce(
    () =>
      new Promise((done, failed) => {
        answer = (face) => done({ face });
        refuse = failed;
      }),
  );
  return {
    answer: (face: NodFace) => act(() => Promise.resolve(answer(face))),
    refuse: (error: unknown) => act(() => Promise.resolve(refuse(error))),
  };
}

const saves = () => server.saveNod.mock.calls.map(([, revision, set]) => [revision, set.spot]);

function edits() {
  const queries = new QueryClient();
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  );
  const onSaved = vi.fn();
  const { result } = renderHook(() => useNodEdits('stars', onSaved), { wrapper });
  const type = (spot: string) => act(() => result.current.change({ spot }));
  return { result, type, onSaved };
}

describe('the settings of a nod, as they are typed', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => {
    vi.useRealTimers();
    server.saveNod.mockReset();
    server.keepIncomplete.mockReset();
    server.refetch.mockReset();
  });

  it('are saved at once, with the revision that is known', async () => {
    const { result, type, onSaved } = edits();
    const save = underWay();
    type('Ratings');
    expect(saves()).toEqual([[7, 'Ratings']]);
    expect(result.current.saving.state).toBe('saving');
    await save.answer(faceOf(8, 'Ratings'));
    expect(result.current.saving.state).toBe('saved');
    expect(onSaved).toHaveBeenCalledOnce();
  });

  it('typed while a save is under way go with the next, the newest alone', async () => {
    const { result, type } = edits();
    const first = underWay();
    type('R');
    type('Ra');
    type('Rat');
    expect(saves()).toEqual([[7, 'R']]);
    const second = underWay();
    await first.answer(faceOf(8, 'R'));
    expect(saves()).toEqual([
      [7, 'R'],
      [8, 'Rat'],
    ]);
    expect(result.current.set?.spot).toBe('Rat');
    await second.answer(faceOf(9, 'Rat'));
    expect(result.current.saving.state).toBe('saved');
  });

  it('wait for a server that is away, and are sent again with what was typed since', async () => {
    const { result, type } = edits();
    server.saveNod.mockRejectedValueOnce(new TypeError('no network'));
    type('Ratings');
    await act(() => vi.advanceTimersByTimeAsync(0));
    expect(result.current.saving.state).toBe('away');
    const save = underWay();
    await act(() => vi.advanceTimersByTimeAsync(3000));
    expect(saves()).toEqual([
      [7, 'Ratings'],
      [7, 'Ratings'],
    ]);
    await save.answer(faceOf(8, 'Ratings'));
    expect(result.current.saving.state).toBe('saved');
  });

  it('that are not whole are kept as they were typed, and say what they lack', async () => {
    const { result, type } = edits();
    const lacks = [{ field: 'audience.0', reason: 'Choose a tag.' }];
    server.saveNod.mockRejectedValueOnce(new Problem(422, 'Check the marked fields.', lacks));
    server.keepIncomplete.mockResolvedValueOnce(faceOf(8, 'Ratings', lacks));
    type('Ratings');
    await act(() => vi.advanceTimersByTimeAsync(0));
    expect(result.current.saving).toEqual({ state: 'half', faults: lacks });
  });

  it('that another window changed are not overwritten; one is asked which to keep', async () => {
    const { result, type } = edits();
    server.saveNod.mockRejectedValueOnce(new Problem(409, 'changed in another window'));
    type('Mine');
    await act(() => vi.advanceTimersByTimeAsync(0));
    expect(result.current.saving.state).toBe('conflict');

    server.refetch.mockResolvedValueOnce({ data: faceOf(12, 'Theirs') });
    const save = underWay();
    await act(() => result.current.keepMine());
    expect(saves().at(-1)).toEqual([12, 'Mine']);
    await save.answer(faceOf(13, 'Mine'));
    expect(result.current.saving.state).toBe('saved');
  });

  it('give way to those of the other window where that is chosen', async () => {
    const { result, type } = edits();
    server.saveNod.mockRejectedValueOnce(new Problem(409, 'changed in another window'));
    type('Mine');
    await act(() => vi.advanceTimersByTimeAsync(0));
    server.refetch.mockResolvedValueOnce({ data: faceOf(12, 'Theirs') });
    await act(() => result.current.takeTheirs());
    expect(saves()).toHaveLength(1);
    // the next change goes on from theirs
    underWay();
    type('After');
    expect(saves().at(-1)).toEqual([12, 'After']);
  });

  it('that are refused say why, and what is typed next is sent', async () => {
    const { result, type } = edits();
    server.saveNod.mockRejectedValueOnce(new Problem(403, 'You are not allowed to do this.'));
    type('Ratings');
    await act(() => vi.advanceTimersByTimeAsync(0));
    expect(result.current.saving).toMatchObject({
      state: 'failed',
      text: 'You are not allowed to do this.',
    });
    const save = underWay();
    type('Stars again');
    await save.answer(faceOf(8, 'Stars again'));
    expect(result.current.saving.state).toBe('saved');
  });
});
