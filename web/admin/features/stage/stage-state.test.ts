import { describe, expect, it } from 'vitest';
import {
  AT_FIRST,
  isNeutral,
  isToBeChecked,
  lastChange,
  stageAfter,
  tellsStatus,
  type StageState,
} from './stage-state';

describe('what the stage has in hand', () => {
  it('keeps each part when another changes', () => {
    const all = [
      { type: 'version-shown', version: 3 },
      { type: 'why-asked', nod: 'n', product: 'pot' },
      { type: 'changed', words: 'Star line moved', step: 7 },
      { type: 'page-silent', page: 'https://shop.example/a' },
    ] as const;
    const state = all.reduce<StageState>(stageAfter, AT_FIRST);
    expect(state).toEqual({
      version: 3,
      why: { nod: 'n', product: 'pot' },
      done: { words: 'Star line moved', step: 7 },
      silent: 'https://shop.example/a',
    });
    expect(stageAfter(state, { type: 'why-closed' })).toEqual({ ...state, why: undefined });
    expect(stageAfter(state, { type: 'taken-back' })).toEqual({ ...state, done: undefined });
    expect(stageAfter(state, { type: 'version-shown', version: undefined }).version).toBe(
      undefined,
    );
  });
});

describe('what can be taken back', () => {
  const changed = stageAfter(AT_FIRST, { type: 'changed', words: 'Nod added', step: 7 });

  it('is what was changed here', () => {
    expect(lastChange(changed, undefined)).toBe('Nod added');
    expect(lastChange(changed, { id: 7, message: 'added a nod' })).toBe('Nod added');
  });

  it('is what someone else changed after that', () => {
    expect(lastChange(changed, { id: 8, message: 'moved a nod' })).toBe('moved a nod');
  });

  it('is the newest step where nothing was changed here', () => {
    expect(lastChange(AT_FIRST, { id: 2, message: 'moved a nod' })).toBe('moved a nod');
    expect(lastChange(AT_FIRST, undefined)).toBe(undefined);
  });
});

describe('which page stands on the stage', () => {
  const page = 'https://shop.example/a';
  const silent = stageAfter(AT_FIRST, { type: 'page-silent', page });

  it("is the shop's while it may still answer", () => {
    expect(isToBeChecked(AT_FIRST, page, false)).toBe(false);
    expect(isNeutral(false, false, false)).toBe(false);
    expect(tellsStatus(false, false, false)).toBe(false);
  });

  it("is the shop's until a silent one was looked at, then ours, and why is told", () => {
    expect(isToBeChecked(silent, page, false)).toBe(true);
    expect(isNeutral(false, true, false)).toBe(false);
    expect(tellsStatus(true, false, false)).toBe(true);
    expect(isNeutral(false, true, true)).toBe(true);
    expect(tellsStatus(true, true, true)).toBe(true);
  });

  it('tells nothing more of a page that answers late', () => {
    expect(tellsStatus(true, false, true)).toBe(false);
  });

  it('is not ours because another page was silent', () => {
    expect(isToBeChecked(silent, 'https://shop.example/b', false)).toBe(false);
  });

  it('is ours where it was asked for, and nothing is told of the other', () => {
    expect(isToBeChecked(silent, page, true)).toBe(false);
    expect(isNeutral(true, false, false)).toBe(true);
    expect(tellsStatus(false, true, true)).toBe(false);
  });

  it('asks nothing before an address is known', () => {
    expect(isToBeChecked(AT_FIRST, undefined, false)).toBe(false);
  });
});
