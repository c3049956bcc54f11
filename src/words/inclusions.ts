import type { InclusionInLayer, PlannedInclusion } from '../core/flow/inclusionsOf';
import type { FlowSection, LayerFlow } from '../core/plan/familySections';
import { formatPlain } from '../core/quantity/format';
import { sayFineMm, sayHeight } from './figures';
import { sayRoughly } from './rough';

const tie = '\u00a0';

/** A viscosity as sheets write it: 280 mPa·s, 4 Pa·s. */
export const sayViscosity = (pascalSeconds: number): string =>
  pascalSeconds < 1
    ? `${formatPlain(pascalSeconds * 1000, 0)}${tie}mPa·s`
    : `${formatPlain(pascalSeconds, 1)}${tie}Pa·s`;

/** Where something ends up: down to the floor, 12 mm up, or where it was put. */
export function sayWhereTo({
  movesMm,
  endsUp,
  withinMm,
}: Pick<InclusionInLayer, 'movesMm' | 'endsUp'> & { readonly withinMm: number }): string {
  switch (endsUp) {
    case 'in-place':
      return `stays within ${sayHeight(withinMm)}`;
    case 'floor':
      return 'sinks to the floor';
    case 'surface':
      return 'rises to the surface';
    case 'lower':
      return `sinks ${sayHeight(movesMm)}`;
    case 'higher':
      return `rises ${sayHeight(-movesMm)}`;
  }
}

/** When it is put in so that it stays: from the start, or from a time after the pour on, a while before gel. */
export const sayWhenToAdd = ({
  addAfterH,
  addBeforeGelMin,
}: Pick<InclusionInLayer, 'addAfterH' | 'addBeforeGelMin'>): string =>
  addAfterH === 0
    ? 'from the start'
    : `about ${sayRoughly(addAfterH * 60)} after the pour, ${sayRoughly(addBeforeGelMin)} before it gels`;

/** What it is: 0.3 mm across and 0.02 mm thick, 1.4 g/ml. */
export function sayInclusion({
  sizeMm,
  thicknessMm,
  densityGPerMl,
}: Pick<PlannedInclusion, 'sizeMm' | 'thicknessMm' | 'densityGPerMl'>): string {
  const thick = thicknessMm === undefined ? '' : `, ${sayFineMm(thicknessMm)} thick`;
  return `${sayFineMm(sizeMm)} across${thick}, ${formatPlain(densityGPerMl, 2)}${tie}g/ml`;
}

/** How fast it goes when the resin has just been poured. */
export function sayFirstSpeed({ speedMmPerMin }: Pick<PlannedInclusion, 'speedMmPerMin'>): string {
  const way = speedMmPerMin < 0 ? 'Rises' : 'Sinks';
  const speed = Math.abs(speedMmPerMin);
  return speed * 60 < 0.5
    ? `${way} less than half a millimetre an hour at first`
    : speed < 1
      ? `${way} about ${sayFineMm(speed * 60)} an hour at first`
      : `${way} about ${sayFineMm(speed)} a minute at first`;
}

/** Which bubbles are gone by gel, where it is the same for all layers or for one. */
export const sayBubbles = ({ smallestBubbleMm, depthMm }: LayerFlow): string =>
  `Bubbles from ${sayFineMm(smallestBubbleMm)} across rise out of ${sayHeight(depthMm)} before it gels; smaller ones stay`;

/** What the figures go by. */
export function sayFlowBy({ by, viscosityPaS, viscosityAssumed }: FlowSection): string {
  const viscosity = `${sayViscosity(viscosityPaS)} at 25 °C${viscosityAssumed ? ', assumed for its family: the card says none' : ', from the card'}`;
  switch (by) {
    case 'model':
      return `By the heat model: it thickens as it cures, from ${viscosity}. An estimate.`;
    case 'pot-life':
      return `By its pot life alone, ${viscosity}: it thickens sooner than this counts on.`;
    case 'lamp':
      return `It flows until the lamp is on it, ${viscosity}.`;
  }
}
