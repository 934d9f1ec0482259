import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { ReviewLine } from '../reviews/queries';
import { useDecisions } from './decisions';
import type { Decision } from './queries';

const server = vi.hoisted(() => ({
  mutate: vi.fn<(decisions: unknown) => void>(),
  marks: vi.fn<() => Promise<unknown>>(),
  say: vi.fn<(text: string) => void>(),
}));

vi.mock('./queries', () => ({
  marks: server.marks,
  stepsOf: (batch: number) => `import-${batch}`,
  useDecide: () => ({ mutate: server.mutate, isPending: false }),
}));
vi.mock('../../ui/toasts', () => ({
  useNotify: () => ({ say: server.say, sayProblem: vi.fn() }),
}));

const line = (id: number, decision: ReviewLine['decision'], reason?: string) =>
  ({ id, decision, decisionReason: reason }) as ReviewLine;
const ITEMS = [line(1, 'OPEN'), line(2, 'ACCEPTED'), line(3, 'LEFT_OUT', 'SPAM'), line(4, 'OPEN')];

function table(from: number, to: number) {
  const goTo = vi.fn();
  const given = { batch: 4, filter: {}, items: ITEMS, chosen: { from, to }, at: from, goTo };
  return { goTo, ...renderHook(() => useDecisions(given)) };
}

const sent = () => server.mutate.mock.calls.map(([decisions]) => decisions as Decision[]);

describe('decisions on an import', () => {
  beforeEach(() => {
    server.mutate.mockReset();
    server.marks.mockReset();
    server.say.mockReset();
  });

  it('are made of all that is chosen, and go on to the next', () => {
    const { result, goTo } = table(0, 1);
    act(() => result.current.keep());
    expect(sent()).toEqual([[{ ids: [1, 2], decision: 'ACCEPTED', reason: undefined }]]);
    expect(goTo).toHaveBeenLastCalledWith(2);
  });

  it('are undone to what each was before, alike ones together', () => {
    const { result, goTo } = table(0, 3);
    act(() => result.current.leave('SPAM' as never));
    act(() => result.current.undo());
    expect(sent()[1]).toEqual([
      { ids: [1, 4], decision: 'OPEN', reason: undefined },
      { ids: [2], decision: 'ACCEPTED', reason: undefined },
      { ids: [3], decision: 'LEFT_OUT', reason: 'SPAM' },
    ]);
    expect(goTo).toHaveBeenLastCalledWith(0);
  });

  it('are redone as they were made; a new one ends what could be redone', () => {
    const { result } = table(0, 0);
    act(() => result.current.leave('SPAM' as never));
    act(() => result.current.undo());
    act(() => result.current.redo());
    expect(sent()[2]).toEqual(sent()[0]);
    act(() => result.current.undo());
    act(() => result.current.keep());
    act(() => result.current.redo());
    expect(sent()).toHaveLength(5);
  });

  it('outlive leaving the table', () => {
    const first = table(0, 0);
    act(() => first.result.current.keep());
    first.unmount();
    const again = table(0, 0);
    act(() => again.result.current.undo());
    expect(sent()[1]).toEqual([{ ids: [1], decision: 'OPEN', reason: undefined }]);
  });

  it('on all that a filter lets through are undone with the reasons they had', async () => {
    const { result } = table(0, 0);
    server.marks.mockResolvedValueOnce([
      { id: 8, decision: 'OPEN' },
      { id: 9, decision: 'LEFT_OUT', reason: 'A_COPY' },
    ]);
    await act(() => result.current.all('ACCEPTED'));
    act(() => result.current.undo());
    expect(sent()[1]).toEqual([
      { ids: [8], decision: 'OPEN', reason: undefined },
      { ids: [9], decision: 'LEFT_OUT', reason: 'A_COPY' },
    ]);
  });

  it('of two that are alike leave the other out, and say so where it is not here', () => {
    const { result } = table(0, 0);
    act(() => result.current.copy(ITEMS[0]!, 'THIS', 4));
    expect(sent().map(([one]) => [one?.ids, one?.decision, one?.reason])).toEqual([
      [[1], 'ACCEPTED', undefined],
      [[4], 'LEFT_OUT', 'A_COPY'],
    ]);
    act(() => result.current.copy(ITEMS[0]!, 'THIS', 99));
    expect(server.say).toHaveBeenCalledOnce();
  });

  it('are nothing where nothing is chosen', () => {
    const { result } = table(9, 9);
    act(() => result.current.keep());
    expect(sent()).toEqual([]);
  });
});
