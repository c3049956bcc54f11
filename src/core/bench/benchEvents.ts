import { array, boolean, number, object, string, type InferType } from 'yup';
import { coatSurfaces } from '../coats/coatSurfaces';
import { movedCureSchema, type MovedCure } from '../cure/movedCure';
import { cureStates, cureTests } from '../record/cureTests';

/** What can happen at the bench. */
const benchDeeds = [
  /** A step is done; of a part, with what is in the cup. */
  'done',
  /** It is left out, with the reason. */
  'skipped',
  /** One went back: the step, and what followed it in its batch, is open again; without a step the pour that was ended. */
  'reopened',
  /** A way was chosen within a step: rest, vacuum or warm bath. */
  'chosen',
  /** One round of both pumps. */
  'counted',
  /** The first of the second part fell into the first. */
  'met',
  /** A thermometer was read. */
  'read',
  /** Somebody felt how firm a layer is. */
  'felt',
  /** Somebody looked at a coat before the next. */
  'looked',
  /** What was measured and felt moved its clocks. */
  'moved',
  'fan-off',
  /** Somebody felt how warm the casting in a mould is. */
  'warmed',
  /** The piece is out of its form, or was planed. */
  'demoulded',
  'planed',
  /** It is heating. */
  'heating',
  'paused',
  'resumed',
  'noted',
  /** The scale did something that a record should tell: another unit, overload, lost. */
  'scale-said',
  /** What is not begun yet goes by a newer plan from here on. */
  'replanned',
  'ended',
] as const;

/** How bubbles are let out of a mix. */
export const restWays = ['rest', 'vacuum', 'bath'] as const;
export type RestWay = (typeof restWays)[number];

/** How warm the casting in a mould is: hot is setting, cooling is ready to be tried. */
export const warmths = ['hot', 'cooling'] as const;
export type Warmth = (typeof warmths)[number];

/** Where a thermometer is held. */
export const readPlaces = ['cup', 'core', 'surface', 'room'] as const;
export type ReadPlace = (typeof readPlaces)[number];

/** Where a figure comes from. */
export const figureSources = ['hand', 'simulated', 'serial', 'hid', 'plan'] as const;
export type FigureSource = (typeof figureSources)[number];

const grams = () => number().min(-1e6).max(1e6);

/** One thing that happened, at its time. */
export const benchEventSchema = object({
  /** Ms since 1970. */
  at: number().integer().min(0).required(),
  did: string().oneOf(benchDeeds).required(),
  /** Of a batch it begins with the batch's id: `layer-1/2:part-a`. */
  step: string().max(160).optional(),
  /** The batch or the layer that it is about, where it is of no step. */
  lane: string().max(120).optional(),
  /** Of a part in the cup, g. */
  g: grams().optional(),
  /** Of both parts, where it was done another way. */
  aG: grams().optional(),
  bG: grams().optional(),
  /** Left in the cup once it was poured, g. */
  leftG: grams().optional(),
  /** What the instrument said, word for word. */
  raw: string().max(200).optional(),
  by: string().oneOf(figureSources).optional(),
  /** Nobody tapped: the scale stood still on the figure. */
  byItself: boolean().optional(),
  c: number().min(-100).max(1000).optional(),
  place: string().oneOf(readPlaces).optional(),
  /** Of what was felt: which layer, counted from 0, how, and what it told. */
  layer: number().integer().min(0).max(1000).optional(),
  test: string().oneOf(cureTests).optional(),
  found: string().oneOf(cureStates).optional(),
  surface: string().oneOf(coatSurfaces).optional(),
  moved: movedCureSchema.optional().default(undefined),
  way: string().oneOf(restWays).optional(),
  warmth: string().oneOf(warmths).optional(),
  /** Of a mould that was emptied: pieces that are good. */
  good: number().integer().min(0).max(10_000).optional(),
  /** A reason, or what was really done. */
  text: string().max(500).optional(),
}).noUnknown();

export type BenchEvent = InferType<typeof benchEventSchema>;

/** A pour of weeks with a live scale stays far below this. */
export const mostEvents = 5000;

export const benchEventsSchema = array().of(benchEventSchema).max(mostEvents).defined();

/** The latest event that is such a one. */
export function lastEvent(
  events: readonly BenchEvent[],
  isIt: (event: BenchEvent) => boolean,
): BenchEvent | undefined {
  for (let at = events.length - 1; at >= 0; at -= 1) {
    const event = events[at]!;
    if (isIt(event)) return event;
  }
  return undefined;
}

/** When something was seen last that tells how it cures, ms; undefined where nothing was. */
export const observedAt = ({
  events,
}: {
  readonly events: readonly BenchEvent[];
}): number | undefined =>
  lastEvent(
    events,
    ({ did, place }) =>
      did === 'felt' || (did === 'read' && place !== undefined && place !== 'cup'),
  )?.at;

/** What the clocks of a pour were moved to last. */
export const movedOf = ({
  events,
}: {
  readonly events: readonly BenchEvent[];
}): MovedCure | undefined => lastEvent(events, ({ did }) => did === 'moved')?.moved;
