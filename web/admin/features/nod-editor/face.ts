import type { NodFace, Settings } from '../layout/nod-queries';
import type { NodRow, Values } from '../layout/verdict-rows';
import type { ViewpointParts } from '../layout/viewpoint';

/** What each face of a nod gets. */
export interface FaceProps {
  face: NodFace;
  set: Settings;
  /** what the server could not take of the last change, by the value's path */
  faults: { field: string; reason: string }[];
  view: ViewpointParts;
  /** what it came to on the page that is looked at; none where the page has not told yet */
  row: NodRow | undefined;
  /** what the values of its words are on the page that is looked at; none where it does not show */
  values: Values;
  onChange: (changes: Partial<Settings>) => void;
}

/** What is wrong with a value, if anything. */
export const faultOf = (faults: FaceProps['faults'], field: string) =>
  faults.find((fault) => fault.field === field)?.reason;
