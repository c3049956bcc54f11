import type { Opacity } from '../core/lamp/uvSchema';
import type { LampSection, LitLayer } from '../core/plan/familySections';
import { formatPlain } from '../core/quantity/format';
import { roundUpWhole } from '../core/quantity/round';
import { sayHeight } from './figures';
import { sayRoughly } from './rough';

const tie = '\u00a0';

export const opacityNames: Readonly<Record<Opacity, string>> = {
  clear: 'Clear',
  tinted: 'Tinted, still clear',
  strong: 'Strong or glittering',
  opaque: 'Opaque: no light',
};

/** Eyes, where the lamp is chosen and where it is lit. */
export const lampCaution =
  'Never look into the lamp: glasses that stop its light, and a shade round it. More light does no harm; recap the bottle against daylight.';

/** Whole seconds up to two minutes. */
export const saySeconds = (seconds: number): string =>
  seconds < 120 ? `${formatPlain(roundUpWhole(seconds), 0)}${tie}s` : sayRoughly(seconds / 60);

/** How long a layer is lit, and in what steps: about 60 s, at one go. */
export const sayLit = (
  { timeS, firstS, steps, depthMm }: LitLayer,
  { stepS }: Pick<LampSection, 'stepS'>,
): readonly [string, string] => [
  `about ${saySeconds(timeS)}`,
  `${sayHeight(depthMm)}: ${saySeconds(firstS)}${steps === 0 ? ', at one go' : `, then ${steps} × ${saySeconds(stepS)}`}`,
];

/** What the time of a layer was reckoned from. */
export const sayLampWhy = (
  { gelDoseMJPerCm2, gelS, doseMJPerCm2 }: LitLayer,
  { lamp }: Pick<LampSection, 'lamp'>,
): string =>
  `It has gelled to its floor after ${formatPlain(gelDoseMJPerCm2, 1)} mJ/cm², ${formatPlain(gelS, 1)} s at ${formatPlain(lamp.intensityMWPerCm2, 1)} mW/cm². ` +
  `Gel is not hard: it is given ${formatPlain(doseMJPerCm2, 0)} mJ/cm², what gels half as deep again.` +
  (lamp.cureAssumed ? ' How it takes light is assumed for its family.' : '');

/** The lamp in a few words. */
export function sayLamp({ lamp }: Pick<LampSection, 'lamp'>): string {
  const intensity = `${formatPlain(lamp.intensityMWPerCm2, 1)} mW/cm²`;
  switch (lamp.by) {
    case 'intensity':
      return intensity;
    case 'known-time':
      return `${intensity}, by its time for a known depth`;
    case 'card':
      return `${intensity}, by the label’s time`;
    case 'usual':
      return `${intensity}, assumed`;
  }
}
