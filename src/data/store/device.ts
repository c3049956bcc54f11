import { nanoid } from 'nanoid';
import { isCount, type Device, type Vector } from './vector';

/** A text as a device; undefined where it is none. */
function readDevice(text: string | null | undefined): Device | undefined {
  try {
    const value: unknown = JSON.parse(text ?? 'null');
    if (typeof value !== 'object' || value === null) return undefined;
    const { id, writes } = value as Partial<Record<keyof Device, unknown>>;
    const isDevice = typeof id === 'string' && /^[\w-]{1,40}$/.test(id);
    return isDevice && (writes === 0 || isCount(writes)) ? { id, writes } : undefined;
  } catch {
    return undefined;
  }
}

/** The device as it is once it has written what stands over these states. */
export function afterWrite(device: Device, before: readonly (Vector | undefined)[]): Device {
  let { writes } = device;
  for (const vector of before) writes = Math.max(writes, vector?.[device.id] ?? 0);
  return { id: device.id, writes: writes + 1 };
}

/** The device that a text says; a new one where it says none. */
export const deviceOf = (text: string | null | undefined): Device =>
  readDevice(text) ?? { id: nanoid(10), writes: 0 };
