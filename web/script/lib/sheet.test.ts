import { describe, expect, it } from 'vitest';
import { hardened, isOfHost } from './sheet';

describe('rules of a nod’s own element', () => {
  it('hold against those that a shop has for all elements', () => {
    expect(hardened('padding: 1px; --nod-x: 2px; margin: 0px !important;')).toBe(
      'padding:1px !important; --nod-x: 2px; margin: 0px !important;',
    );
  });

  it('keep what is written short with a variable in it, and addresses', () => {
    const rule = 'padding: var(--a) 2px; --d: url("data:a;b"); background: url("x;y:z;");';
    expect(hardened(rule)).toBe(
      'padding:var(--a) 2px !important; --d: url("data:a;b"); background:url("x;y:z;") !important;',
    );
    expect(hardened('background:var(--a);background-image:none')).toBe(
      'background:var(--a) !important;background-image:none !important;',
    );
  });

  it('are told from those of what is in it', () => {
    expect([':host', ":host([data-look='a'])", ':host(:not([data-lies]))'].map(isOfHost)).toEqual([
      true,
      true,
      true,
    ]);
    expect(isOfHost(":host([data-look='a']), :host([data-look='b'][dir='rtl'])")).toBe(true);
    expect([':host .stars', ':host::before', ':host([a]) > b', '.stars'].map(isOfHost)).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });
});
