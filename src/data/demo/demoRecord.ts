import type { FaultKind } from '../../core/record/faults';
import type { PourRecord } from '../../core/record/recordSchema';

/** A batch as it was planned and weighed, and how it went. */
interface DemoBatch {
  readonly planned: readonly [aG: number, bG: number];
  readonly weighed: readonly [aG: number, bG: number];
  readonly stirredMin: number;
  readonly inCupMin: number;
  /** Left in the cup, g. */
  readonly leftG?: number;
}

interface DemoLayer {
  readonly depthMm: number;
  /** After the first one, min; and the window that it had. */
  readonly afterMin: number;
  readonly window?: readonly [fromMin: number, toMin: number];
  readonly peakC: number;
  readonly batches: readonly DemoBatch[];
}

export interface DemoRecord {
  readonly id: string;
  readonly name: string;
  readonly job?: string;
  readonly daysAgo: number;
  readonly resin: string;
  readonly roomC: number;
  readonly pour?: Partial<PourRecord>;
  /** Of part B, and how long it had been open. */
  readonly lot?: { readonly name: string; readonly openDays: number };
  readonly layers: readonly DemoLayer[];
  /** Of the middle, min after the pour, °C. */
  readonly readings: readonly (readonly [min: number, c: number])[];
  readonly rating: number;
  readonly faults: readonly (readonly [FaultKind, 1 | 2 | 3])[];
  readonly notes: string;
}
