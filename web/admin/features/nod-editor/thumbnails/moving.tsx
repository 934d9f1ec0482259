import type { ReactNode } from 'react';
import type { OfEachKind } from '../../kinds/kind-name';
import { Box, Line, Lines } from './strokes';

const eye = (x: number, light: boolean) => (
  <g className={`fill-none ${light ? 'stroke-line' : 'stroke-plum'}`} strokeWidth="1.5">
    <path d={`M${x} 25c4-6 12-6 16 0-4 6-12 6-16 0z`} />
    <circle cx={x + 8} cy="25" r="2" />
  </g>
);

const basket = (x: number) => (
  <path
    d={`M${x} 22h16l-2 10H${x + 2}zM${x + 4} 22l4-7 4 7`}
    className="fill-none stroke-plum"
    strokeWidth="1.5"
    strokeLinejoin="round"
  />
);

const pot = (x: number) => (
  <path key={x} d={`M${x} 14h9v3h-1l-1.5 7h-4L${x + 1} 17h-1z`} className="fill-plum" />
);

const loop = (x: number) => (
  <path
    d={`M${x} 20h9a4.500 4.500 0 0 1 0 9H${x + 4}m3-3-3 3 3 3`}
    className="fill-none stroke-plum"
    strokeWidth="1.8"
    strokeLinecap="round"
  />
);

const digits = (x: number) => (
  <g key={x}>
    <rect x={x} y="17" width="9" height="16" rx="1.5" className="fill-plum" />
    <path d={`M${x} 25h9`} className="stroke-paper" />
  </g>
);

/** Words, and the way from order to door. */
const arrival = (x: number, w: number, y: number) => (
  <>
    <Line x={x} y={y} w={w} h={3} tone="dark" />
    <path
      d={`M${x + 4} ${y + 14}H${x + w - 4}`}
      className="stroke-line-3"
      strokeWidth="1.5"
      strokeDasharray="3 2"
    />
    {[0, 0.5, 1].map((part) => (
      <circle
        key={part}
        cx={x + 4 + part * (w - 8)}
        cy={y + 14}
        r="3"
        className="fill-paper stroke-plum"
        strokeWidth="1.5"
      />
    ))}
    <Line x={x} y={y + 22} w={w * 0.35} h={2} />
  </>
);

/** How what changes with time, stock, orders and visitors can look, by kind and ready look. */
export const MOVING_LOOKS = {
  'visitor-count': {
    '': (
      <>
        <circle cx="18" cy="25" r="7" className="fill-plum-soft" />
        <circle cx="18" cy="25" r="3.5" className="fill-plum" />
        <Line x={32} y={23} w={54} h={4} />
      </>
    ),
    eye: (
      <>
        {eye(12, false)}
        <Line x={34} y={23} w={52} h={4} />
      </>
    ),
    chip: (
      <>
        <Box x={8} y={14} w={84} h={22} r={11} />
        {eye(16, false)}
        <Line x={38} y={23} w={44} h={4} />
      </>
    ),
    'dark-chip': (
      <>
        <Box x={8} y={14} w={84} h={22} r={11} tone="plum" />
        {eye(16, true)}
        <Line x={38} y={23} w={44} h={4} tone="light" />
      </>
    ),
  },
  'stock-line': {
    '': (
      <>
        <path d="M14 19c8 0 10 5 10 12-7 0-11-4-10-12z" className="fill-plum" />
        <Line x={32} y={23} w={54} h={4} />
      </>
    ),
    bar: (
      <>
        <Line x={12} y={15} w={54} h={4} />
        <rect x="12" y="29" width="76" height="5" rx="2.5" className="fill-line" />
        <rect x="12" y="29" width="24" height="5" rx="2.5" className="fill-plum" />
      </>
    ),
    row: (
      <>
        {[12, 24, 36, 48].map(pot)}
        <Line x={12} y={32} w={60} h={4} />
      </>
    ),
  },
  'delivery-promise': {
    '': arrival(10, 80, 10),
    band: (
      <>
        <rect x="6" y="5" width="88" height="40" className="fill-line" />
        <rect x="6" y="5" width="3" height="40" className="fill-plum" />
        {arrival(15, 72, 11)}
      </>
    ),
    slip: (
      <>
        <rect
          x="6"
          y="5"
          width="88"
          height="40"
          className="fill-paper-2 stroke-ink-2"
          strokeDasharray="3 2"
        />
        {arrival(13, 74, 11)}
      </>
    ),
  },
  'returns-line': {
    '': (
      <>
        {loop(12)}
        <Line x={34} y={23} w={54} h={4} />
      </>
    ),
    framed: (
      <>
        <rect
          x="6"
          y="12"
          width="88"
          height="26"
          className="fill-none stroke-ink-2"
          strokeDasharray="3 2"
        />
        {loop(14)}
        <Line x={36} y={23} w={48} h={4} />
      </>
    ),
    bare: <Line x={14} y={23} w={70} h={4} />,
  },
  'recent-orders': {
    '': (
      <>
        {basket(10)}
        <Line x={32} y={20} w={56} h={4} />
        <Line x={32} y={28} w={36} h={3} />
      </>
    ),
    bare: <Lines x={12} y={20} w={74} n={2} gap={8} />,
  },
  countdown: {
    '': (
      <>
        <Line x={10} y={18} w={36} h={4} />
        <Line x={50} y={18} w={38} h={4} tone="dark" />
        <Line x={10} y={28} w={54} h={2} />
      </>
    ),
    boxes: (
      <>
        <Line x={14} y={7} w={40} />
        {[14, 40, 66].map((x) => (
          <g key={x}>
            <Box x={x} y={15} w={20} h={26} r={2} />
            <Line x={x + 5} y={21} w={10} h={8} tone="dark" />
            <Line x={x + 6} y={34} w={8} h={2} />
          </g>
        ))}
      </>
    ),
    digits: (
      <>
        <Line x={10} y={8} w={44} />
        {[10, 20, 40, 50, 70, 80].map(digits)}
      </>
    ),
    bar: (
      <>
        <Line x={10} y={13} w={70} h={4} tone="dark" />
        <rect x="10" y="25" width="80" height="3" rx="1.5" className="fill-line" />
        <rect x="10" y="25" width="34" height="3" rx="1.5" className="fill-plum" />
        <Line x={10} y={35} w={50} h={2} />
      </>
    ),
    ring: (
      <>
        <circle cx="26" cy="25" r="16" className="fill-none stroke-line" strokeWidth="4" />
        <path d="M26 9a16 16 0 0 1 16 16" className="fill-none stroke-plum" strokeWidth="4" />
        <Line x={20} y={23} w={12} h={4} tone="dark" />
        <Lines x={50} y={19} w={40} n={2} gap={8} />
      </>
    ),
  },
} satisfies Partial<OfEachKind<Record<string, ReactNode>>>;
