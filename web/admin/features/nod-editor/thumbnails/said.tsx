import type { ReactNode } from 'react';
import type { OfEachKind } from '../../kinds/kind-name';
import { Box, Line, Lines, Sign, Stars } from './strokes';

/** How what reviewers and the shop say can look, by kind and ready look. */
export const SAID = {
  'star-line': {
    '': (
      <>
        <Stars x={10} y={20} size={9} />
        <Line x={66} y={23} w={24} />
      </>
    ),
    'figure-first': (
      <>
        <Line x={10} y={20} w={16} h={9} tone="dark" />
        <Stars x={32} y={20} size={8} />
        <Line x={82} y={23} w={10} />
      </>
    ),
    words: (
      <>
        <Line x={10} y={20} w={34} h={4} tone="dark" />
        <Line x={48} y={20} w={40} h={4} />
        <Line x={10} y={28} w={52} h={3} />
      </>
    ),
    chip: (
      <>
        <Box x={12} y={14} w={76} h={22} r={11} />
        <Stars x={20} y={21} size={8} />
        <Line x={68} y={24} w={12} />
      </>
    ),
    single: (
      <>
        <Stars x={24} y={17} n={1} size={15} />
        <Line x={46} y={20} w={14} h={9} tone="dark" />
        <Line x={64} y={23} w={16} />
      </>
    ),
  },
  'review-wall': {
    '': (
      <>
        <Line x={8} y={8} w={14} h={10} tone="dark" />
        <Lines x={8} y={24} w={22} n={4} />
        <path d="M36 6v38" className="stroke-line-3" />
        <Stars x={42} y={7} size={5} />
        <Lines x={42} y={15} w={50} n={2} />
        <Stars x={42} y={28} size={5} />
        <Lines x={42} y={36} w={50} n={2} />
      </>
    ),
    slips: (
      <>
        {[
          [6, 6, 24],
          [37, 6, 16],
          [68, 6, 24],
          [37, 26, 24],
          [6, 34, 16],
          [68, 34, 16],
        ].map(([x, y, h]) => (
          <g key={`${x} ${y}`}>
            <Box x={x!} y={y!} w={27} h={h!} />
            <Stars x={x! + 3} y={y! + 3} size={3.6} />
            <Lines x={x! + 3} y={y! + 9} w={20} n={h! > 20 ? 3 : 1} gap={4} />
          </g>
        ))}
      </>
    ),
    letter: (
      <>
        <Line x={32} y={6} w={36} h={4} tone="dark" />
        <Stars x={33} y={14} size={5.5} />
        <Lines x={18} y={24} w={64} n={3} />
        <Line x={18} y={42} w={20} tone="gold" />
      </>
    ),
    lines: (
      <>
        {[8, 19, 30, 41].map((y) => (
          <g key={y}>
            <Stars x={8} y={y - 2} n={4} size={4.5} />
            <Line x={34} y={y - 1} w={56} h={2} />
            <path d={`M8 ${y + 5}h84`} className="stroke-line" />
          </g>
        ))}
      </>
    ),
  },
  'picked-quotes': {
    '': (
      <>
        <Box x={10} y={8} w={80} h={26} />
        <Lines x={17} y={14} w={64} n={2} />
        <Stars x={17} y={25} size={5} />
        <circle cx="46" cy="42" r="2" className="fill-plum" />
        <circle cx="54" cy="42" r="1.5" className="fill-none stroke-ink-2" />
      </>
    ),
    margin: (
      <>
        <path d="M16 8v34" className="stroke-plum" strokeWidth="3" />
        <Lines x={24} y={12} w={62} n={4} />
        <Stars x={24} y={35} size={5} />
      </>
    ),
    hedge: (
      <>
        {[6, 37, 68].map((x) => (
          <g key={x}>
            <Box x={x} y={10} w={27} h={30} />
            <Stars x={x + 3} y={14} size={3.6} />
            <Lines x={x + 3} y={22} w={20} n={3} />
          </g>
        ))}
      </>
    ),
  },
  'review-tab': {
    '': (
      <>
        <Box x={8} y={6} w={84} h={38} tone="edge" />
        <rect x="78" y="12" width="14" height="26" rx="3" className="fill-plum" />
        <Stars x={81} y={15} n={1} size={8} />
        <rect x="83.5" y="26" width="3" height="9" rx="1.5" className="fill-paper" />
      </>
    ),
  },
  'trust-badges': {
    '': (
      <>
        {[20, 50, 80].map((x) => (
          <g key={x}>
            <Sign x={x} y={16} r={5} />
            <Line x={x - 9} y={27} w={18} tone="dark" />
            <Line x={x - 6} y={34} w={12} h={2} />
          </g>
        ))}
        <path d="M35 10v28M65 10v28" className="stroke-line-3" />
      </>
    ),
    sill: (
      <>
        <Box x={6} y={14} w={88} h={22} tone="plum" />
        {[14, 42, 70].map((x) => (
          <g key={x}>
            <circle cx={x} cy="25" r="3" className="fill-none stroke-line" strokeWidth="1.5" />
            <Line x={x + 6} y={23} w={14} tone="light" />
          </g>
        ))}
      </>
    ),
    'window-box': (
      <>
        {[6, 37, 68].map((x) => (
          <g key={x}>
            <Box x={x} y={12} w={27} h={26} />
            <Sign x={x + 7} y={25} r={3.5} />
            <Line x={x + 13} y={21} w={11} tone="dark" />
            <Line x={x + 13} y={27} w={8} h={2} />
          </g>
        ))}
      </>
    ),
    list: (
      <>
        {[11, 25, 39].map((y) => (
          <g key={y}>
            <Sign x={16} y={y} />
            <Line x={26} y={y - 3} w={36} tone="dark" />
            <Line x={26} y={y + 3} w={52} h={2} />
          </g>
        ))}
      </>
    ),
    till: (
      <>
        {[8, 30, 52, 74].map((x) => (
          <g key={x}>
            <Box x={x} y={14} w={19} h={22} r={2} tone="edge" />
            <Sign x={x + 9.5} y={21} r={3} />
            <Line x={x + 4} y={29} w={11} h={2} />
          </g>
        ))}
      </>
    ),
  },
} satisfies Partial<OfEachKind<Record<string, ReactNode>>>;
