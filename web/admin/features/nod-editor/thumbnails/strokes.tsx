/** The strokes that drawings of ready looks are made of; a drawing is 100 wide and 50 high. */

const LINES = {
  soft: 'fill-line-3',
  dark: 'fill-ink-2',
  light: 'fill-paper',
  gold: 'fill-saffron',
};

interface LineProps {
  x: number;
  y: number;
  w: number;
  h?: number;
  tone?: keyof typeof LINES;
}

/** A line of words. */
export const Line = ({ x, y, w, h = 3, tone = 'soft' }: LineProps) => (
  <rect x={x} y={y} width={w} height={h} rx={h / 2} className={LINES[tone]} />
);

/** Several lines of words under one another. */
export const Lines = ({ x, y, w, n, gap = 5 }: LineProps & { n: number; gap?: number }) => (
  <>
    {Array.from({ length: n }, (_, i) => (
      <Line key={i} x={x} y={y + i * gap} w={i === n - 1 ? w * 0.7 : w} h={2} />
    ))}
  </>
);

interface StarsProps {
  x: number;
  y: number;
  n?: number;
  size?: number;
}

/** Stars in a row, the last of five half. */
export const Stars = ({ x, y, n = 5, size = 6 }: StarsProps) => (
  <>
    {Array.from({ length: n }, (_, i) => (
      <path
        key={i}
        transform={`translate(${x + i * size * 1.15} ${y}) scale(${size / 10})`}
        d="m5 0 1.5 3.4 3.5.4-2.6 2.4.7 3.6L5 8 1.9 9.8l.7-3.6L0 3.8l3.5-.4z"
        className={i === 4 ? 'fill-line-3' : 'fill-saffron'}
      />
    ))}
  </>
);

interface BoxProps {
  x: number;
  y: number;
  w: number;
  h: number;
  r?: number;
  tone?: 'paper' | 'ground' | 'plum' | 'edge';
}

const BOXES = {
  paper: 'fill-paper-2 stroke-line-3',
  ground: 'fill-line',
  plum: 'fill-plum',
  edge: 'fill-none stroke-line-3',
};

/** A card, or a ground. */
export const Box = ({ x, y, w, h, r = 3, tone = 'paper' }: BoxProps) => (
  <rect x={x} y={y} width={w} height={h} rx={r} className={BOXES[tone]} />
);

/** A small sign, such as a badge's. */
export const Sign = ({ x, y, r = 4 }: { x: number; y: number; r?: number }) => (
  <circle cx={x} cy={y} r={r} className="fill-none stroke-plum" strokeWidth="1.5" />
);
