const PATHS = {
  verified:
    'M4.5 9.500h15l-1 10h-13zM8.500 9.500V8a3.500 3.500 0 0 1 7 0v1.500M8.800 14l2.300 2.300 4.100-4.300',
  elsewhere:
    'M4 10.500L5.500 5h13L20 10.500M4 10.500a2.600 2.600 0 0 0 5.300 0 2.700 2.700 0 0 0 5.400 0 2.600 2.600 0 0 0 5.300 0M5.500 13.500V20h13v-6.500',
  heart:
    'M12 19.500C6 15.500 3.500 12 3.500 8.800a4.300 4.300 0 0 1 8.500-1 4.300 4.300 0 0 1 8.500 1c0 3.200-2.500 6.700-8.500 10.700z',
  leaf: 'M5 19C4 10 9 4.500 19.500 4.500 19.500 15 14 20 6.500 17.500M5 19.500c2-5 5-8 9-10',
  shield:
    'M12 3.500l7 2.500v5.500c0 4.500-3 7.500-7 9-4-1.500-7-4.500-7-9V6zM9 11.800l2.200 2.200 4-4.200',
  sun: 'M12 8a4 4 0 1 1 0 8 4 4 0 0 1 0-8zM12 3v2M12 19v2M3 12h2M19 12h2M5.600 5.600l1.400 1.400M17 17l1.400 1.400M5.600 18.400L7 17M17 7l1.400-1.400',
  drop: 'M12 3.500c4 5 6 7.800 6 10.700a6 6 0 0 1-12 0c0-2.900 2-5.700 6-10.700z',
  pot: 'M5 8.500h14v3H5zM6.500 11.500l1.300 8.500h8.400l1.300-8.500M12 8.500V5M12 5c-2.500 0-3.500-1-3.500-2.500C11 2.500 12 3.500 12 5zM12 5c2.500 0 3.500-1 3.500-2.500C13 2.500 12 3.500 12 5z',
  hand: 'M8 12V6.500a1.300 1.300 0 0 1 2.600 0V11V4.800a1.300 1.300 0 0 1 2.600 0V11V6a1.300 1.300 0 0 1 2.600 0v7.500c0 4-2 6.500-5 6.500-2.500 0-3.700-1.200-5-3.500l-2-3.800c.9-.9 2-.8 2.800.3z',
  check: 'M5 12.500l4.500 4.500L19 7.500',
};

export type IconName = keyof typeof PATHS;

/** A small drawn mark; the word beside it says the same. */
export function icon(name: IconName): SVGElement {
  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
  svg.setAttribute('viewBox', '0 0 24 24');
  svg.setAttribute('aria-hidden', 'true');
  svg.setAttribute('class', 'icon');
  const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
  path.setAttribute('d', PATHS[name]);
  svg.append(path);
  return svg;
}

/** Whether there is such a drawing. */
export const isIcon = (name: string): name is IconName => name in PATHS;
