import type { DomeDetail } from '../core/measure/measured';
import type { PlannedDome } from '../core/plan/familySections';
import { formatPlain } from '../core/quantity/format';
import { sayFineMm, sayHeight } from './figures';
import { sayRoughly } from './rough';

const tie = '\u00a0';

const sayDegreesOf = (deg: number): string => `${formatPlain(deg, 0)}°`;

/** What a dome does: how steep it leaves its edge, the most that holds, and the drops it takes. */
export function sayDome({
  heightMm,
  edgeDeg,
  mostMm,
  dropMl,
  dropAssumed,
  drops,
}: DomeDetail): readonly string[] {
  return [
    `${sayHeight(heightMm)} high it leaves its edge at ${sayDegreesOf(edgeDeg)}; the edge holds about ${sayHeight(mostMm)}.`,
    `${formatPlain(Math.round(drops), 0)} drops a piece, ${formatPlain(dropMl, 3)}${tie}ml each${dropAssumed ? ', assumed: weigh twenty' : ''}.`,
  ];
}

/** When its resin is thick enough not to creep over the edge; undefined where nothing tells. */
export function sayHolds({
  holdsFromH,
  holdsBeforeGelMin,
}: Pick<PlannedDome, 'holdsFromH' | 'holdsBeforeGelMin'>): string | undefined {
  if (holdsFromH === undefined || holdsBeforeGelMin === undefined) return undefined;
  return `What gets over the edge creeps less than ${sayFineMm(1)} from about ${sayRoughly(holdsFromH * 60)} after mixing on, ${sayRoughly(holdsBeforeGelMin)} before it gels: until then keep it off the edge.`;
}
