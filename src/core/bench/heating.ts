import { lastEvent } from './benchEvents';
import { type BenchState } from './benchState';
import { isBatchLane, type BatchLane } from './lanes';

/** Where it heats: what to do then differs. */
export type HeatingPlace = 'cup' | 'mould';

/** The batch that stands in its cup; undefined where all that is mixed is poured. */
export const batchInCup = ({ lanes }: Pick<BenchState, 'lanes'>): BatchLane | undefined =>
  lanes
    .filter(isBatchLane)
    .find(({ metAt, pouredAt }) => metAt !== undefined && pouredAt === undefined);

/** Where it can be heating, as far as the bench knows. */
export const heatingPlace = (state: Pick<BenchState, 'lanes'>): HeatingPlace =>
  batchInCup(state) === undefined ? 'mould' : 'cup';

/** When somebody said last that it is heating, ms. */
export const heatingSince = ({ events }: Pick<BenchState, 'events'>): number | undefined =>
  lastEvent(events, ({ did }) => did === 'heating')?.at;
