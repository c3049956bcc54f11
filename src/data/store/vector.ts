/**
 * What a state of a record has grown out of: of each device that has written it, the count of that device's writes at the last of
 * them (a version vector). Of two states one has grown out of the other where none of its counts is less.
 */
export type Vector = Readonly<Record<string, number>>;

/** What ships with the app is the same on every device, whenever each began: until somebody changes it, neither is the newer. */
export const shippedVector: Vector = { demo: 1 };

/** Whether nobody has changed what shipped. */
export const isShipped = (vector: Vector): boolean => orderOf(vector, shippedVector) === 'same';

/** How one state stands to another: it came before or after it, is the same one, or each has what the other has not. */
export type Order = 'same' | 'before' | 'after' | 'beside';

/** No device writes so often; a greater count was not written here, and one more could not be told from it. */
const mostWrites = 2 ** 40;
const mostDevices = 1000;

/** Whether a device can have written so often. */
export const isCount = (value: unknown): value is number =>
  Number.isInteger(value) && (value as number) >= 1 && (value as number) <= mostWrites;

/** A value as a vector; undefined where it is none. */
export function readVector(value: unknown): Vector | undefined {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return undefined;
  const counts = Object.entries(value);
  const isVector = counts.length >= 1 && counts.length <= mostDevices;
  return isVector && counts.every(([, count]) => isCount(count)) ? (value as Vector) : undefined;
}

/** Who writes: a name drawn by chance for the storage of one browser, and how often it has written. */
export interface Device {
  readonly id: string;
  readonly writes: number;
}

/** What has grown out of both. */
export function mergedVectors(a: Vector, b: Vector): Vector {
  const merged = new Map(Object.entries(a));
  for (const [device, count] of Object.entries(b)) {
    merged.set(device, Math.max(count, merged.get(device) ?? 0));
  }
  return Object.fromEntries(merged);
}

const isWithin = (a: Vector, b: Vector): boolean => {
  const counts = new Map(Object.entries(b));
  return Object.entries(a).every(([device, count]) => count <= (counts.get(device) ?? 0));
};

/** How `a` stands to `b`. */
export function orderOf(a: Vector, b: Vector): Order {
  const isBefore = isWithin(a, b);
  const isAfter = isWithin(b, a);
  if (isBefore && isAfter) return 'same';
  return isBefore ? 'before' : isAfter ? 'after' : 'beside';
}

/**
 * What a record has grown out of once it is written.
 * @param own what the record itself says; one that came whole from elsewhere keeps it
 * @param before the state that it is put in the place of, or that was deleted there
 */
export function vectorAfter(
  own: Vector | undefined,
  before: Vector | undefined,
  { id, writes }: Device,
): Vector {
  if (own !== undefined && (before === undefined || orderOf(own, before) === 'after')) return own;
  return { ...mergedVectors(before ?? {}, own ?? {}), [id]: writes };
}
