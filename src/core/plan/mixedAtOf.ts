import type { JobPour } from '../job/jobPour';
import type { LayerJoint } from '../layers/jointOf';
import { climateAtC } from '../thermal/climate';
import type { MixedAt } from './batchClock';
import { momentsOf } from './heat/momentsOf';
import { resinTypedC, roomOf } from './heat/roomOf';

/**
 * How warm the mix and the room are when each layer is poured.
 * @throws InputError `day-upside-down`
 */
export function mixedAtOf(
  said: JobPour,
  joints: readonly (LayerJoint | undefined)[],
): readonly MixedAt[] {
  const { climate } = roomOf(said);
  const typedC = resinTypedC(said);
  return momentsOf(joints).map(({ atMin }) => {
    const roomC = climateAtC(climate, atMin * 60);
    return { resinC: typedC ?? roomC, roomC };
  });
}
