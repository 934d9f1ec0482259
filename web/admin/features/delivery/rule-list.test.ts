import { describe, expect, it } from 'vitest';
import { acted, freeId, type RuleAction } from './rule-list';

const rules = ['a', 'b', 'c'].map((id) => ({ id }));
const after = (which: number, act: RuleAction) =>
  acted(rules, rules[which] ?? { id: '' }, act, 'rule').map(({ id }) => id);

describe('rules in their list', () => {
  it('moves one up and down, and no further than the ends', () => {
    expect(after(1, 'up')).toEqual(['b', 'a', 'c']);
    expect(after(1, 'down')).toEqual(['a', 'c', 'b']);
    expect(after(0, 'up')).toEqual(['a', 'b', 'c']);
    expect(after(2, 'down')).toEqual(['a', 'b', 'c']);
  });

  it('puts a copy behind what it is of, under an id that is free', () => {
    expect(after(0, 'copy')).toEqual(['a', 'rule-4', 'b', 'c']);
  });

  it('takes one out and leaves the list that was given as it is', () => {
    expect(after(1, 'remove')).toEqual(['a', 'c']);
    expect(rules.map(({ id }) => id)).toEqual(['a', 'b', 'c']);
  });

  it('passes over ids that are taken', () => {
    expect(freeId([], 'rule')).toBe('rule-1');
    expect(freeId([{ id: 'rule-2' }], 'rule')).toBe('rule-3');
    expect(freeId([{ id: 'rule-3' }, { id: 'rule-4' }], 'rule')).toBe('rule-5');
  });
});
