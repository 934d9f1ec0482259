import type { ReactNode } from 'react';
import { Line } from './strokes';

const words = (x = 34, w = 32, y = 23) => <Line x={x} y={y} w={w} h={4} tone="light" />;
const shape = (d: string) => <path d={d} className="fill-plum" />;

/** The shapes of labels, by name. */
export const LABELS: Record<string, ReactNode> = {
  'plain-words': (
    <>
      <rect x="20" y="14" width="60" height="22" className="fill-white stroke-line-3" />
      <Line x={32} y={23} w={36} h={4} tone="dark" />
    </>
  ),
  pencil: (
    <>
      <rect x="20" y="12" width="60" height="26" className="fill-white stroke-line-3" />
      <Line x={32} y={19} w={36} h={4} tone="dark" />
      <path d="M28 31c8-3 14 2 22-1s14 1 22-1" className="fill-none stroke-plum" strokeWidth="2" />
    </>
  ),
  'leaf-tag': (
    <>
      {shape('M20 14h46a14 14 0 0 1 14 14v8H34a14 14 0 0 1-14-14z')}
      {words()}
    </>
  ),
  'seed-tag': (
    <>
      {shape('M20 14h49a11 11 0 0 1 0 22H31a11 11 0 0 1-11-11z')}
      {words()}
    </>
  ),
  patch: (
    <>
      <rect x="20" y="12" width="60" height="26" rx="5" className="fill-plum" />
      <rect
        x="23.5"
        y="15.5"
        width="53"
        height="19"
        rx="3"
        className="fill-none stroke-line"
        strokeDasharray="3 2"
      />
      {words()}
    </>
  ),
  stamp: (
    <>
      <rect x="20" y="12" width="60" height="26" className="fill-plum" />
      <rect
        x="20"
        y="12"
        width="60"
        height="26"
        className="fill-none stroke-white"
        strokeWidth="3.4"
        strokeLinecap="round"
        strokeDasharray="0 5.05"
      />
      {words()}
    </>
  ),
  marker: (
    <>
      <path d="M46 32h8v10l-4 5-4-5z" className="fill-ink-2" />
      <rect x="20" y="10" width="60" height="23" rx="3" className="fill-plum" />
      <rect x="23" y="13" width="54" height="17" rx="1" className="fill-none stroke-line-3" />
      {words(34, 32, 20)}
    </>
  ),
  pebble: (
    <>
      {shape('M22 26c0-10 12-16 30-15s28 7 28 15-10 14-28 14-30-4-30-14z')}
      {words()}
    </>
  ),
  twine: (
    <>
      {shape('M20 25 30 13h50v24H30z')}
      <circle cx="32" cy="25" r="2.5" className="fill-white" />
      <path d="M31 25C22 24 16 30 10 20" className="fill-none stroke-ink-2" />
      {words(40, 32)}
    </>
  ),
  postmark: (
    <>
      <circle cx="50" cy="25" r="21" className="fill-plum" />
      <circle cx="50" cy="25" r="18" className="fill-none stroke-line-3" />
      {words(38, 24, 20)}
      {words(42, 16, 27)}
    </>
  ),
  brush: (
    <>
      {shape(
        'M18 14c12-3 22-1 34-3 14-1 24 1 32 2-3 2 2 4-2 6 3 2 2 5-1 7 3 3-2 6 1 9-16 4-38 1-52 4-6 0-10-1-14-3 3-3-1-5 1-8-3-3 1-5-1-8 4-2 0-4 2-6z',
      )}
      {words()}
    </>
  ),
  arch: (
    <>
      {shape('M27 40V29a23 21 0 0 1 46 0v11z')}
      {words(36, 28, 27)}
    </>
  ),
};
