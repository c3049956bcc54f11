import type { KeptCalibrations } from '../../core/plan/heat/calibrationOf';
import type { ResinRecord } from './resinRecord';

/** What is kept with these records. */
export const keptIn = (records: readonly ResinRecord[]): KeptCalibrations =>
  new Map(
    records.flatMap(({ calibrations = [] }) =>
      calibrations.map(({ key, calibration }) => [key, calibration] as const),
    ),
  );
