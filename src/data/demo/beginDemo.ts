import type { WholeCalibration } from '../../core/plan/heat/calibrationOf';
import { settingsPatch } from '../records/patchedSettings';
import type { Settings } from '../records/settingsRecord';
import { resinCollection, resinRecordOf } from '../repositories';
import type { Change, Write } from '../store/changes';
import { shippedVector } from '../store/vector';
import { demoContainers, demoGrains, demoRecipes, demoResins } from './demoResins';
// Made by `scripts/make-demo.ts`, so that a first start need not wait for the heat model.
import calibrations from './files/calibrations.json';

/** What the demo keeps with the settings. */
export const demoSettings = {
  quick: { amount: '', resinId: demoResins[0]?.id ?? '', batches: '1' },
  grains: demoGrains,
  containers: demoContainers,
  recipes: demoRecipes,
  currency: '£',
} satisfies Partial<Settings>;

/** The cards of the demo, calibrated. */
export const demoCardWrites = (): readonly Write[] =>
  demoResins.map((resin, at) =>
    resinCollection.creation({
      ...resinRecordOf(resin, calibrations[at] as Kept),
      id: resin.id,
      resin,
      vector: shippedVector,
    }),
  );

type Kept = { key: string; calibration: WholeCalibration }[] | undefined;

/** What of the demo the first figure needs: its cards and its settings. `finishDemo` brings the rest. */
export const beginDemo = (): readonly Change[] => [
  ...demoCardWrites(),
  settingsPatch({ set: { ...demoSettings, startedWith: 'demo', demoToCome: true } }),
];
