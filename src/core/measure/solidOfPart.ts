import { readQuantity } from '../quantity/readQuantity';
import { amountRule, areaRule, lengthRule } from '../quantity/rules';
import type { Part } from './partSchema';
import { frustum } from './shapes/frustum';
import { prism } from './shapes/prism';
import type { Solid } from './solid';

const lengthMm = (typed: string): number => readQuantity(typed, lengthRule).value;

/** The side of the square of this area, to draw a coat of which only the area is known. */
const sideMm = (areaMm2: number): number => Math.sqrt(areaMm2);

function knownAmount(typed: string, mixedDensityGPerMl: number): Solid {
  const { kind, value } = readQuantity(typed, amountRule);
  const volumeMl = kind === 'mass' ? value / mixedDensityGPerMl : value;
  return { volumeMl, depthMm: undefined, outline: [], volumeBelowMl: () => volumeMl };
}

/**
 * One cavity of a part.
 * @param part as checked by `partSchema`
 * @param mixedDensityGPerMl turns a known mass into a volume
 * @throws InputError where a typed quantity cannot be read; a checked part does not
 */
export function solidOfPart(part: Part, mixedDensityGPerMl: number): Solid {
  switch (part.shape) {
    case 'box': {
      const length = lengthMm(part.length);
      return prism(length * lengthMm(part.width), length, lengthMm(part.depth));
    }
    case 'cylinder': {
      const diameter = lengthMm(part.diameter);
      return prism((Math.PI * diameter ** 2) / 4, diameter, lengthMm(part.depth));
    }
    case 'frustum':
      return frustum(
        lengthMm(part.bottomDiameter),
        lengthMm(part.topDiameter),
        lengthMm(part.depth),
      );
    case 'coat': {
      const thickness = lengthMm(part.thickness);
      if ('area' in part) {
        const area = readQuantity(part.area, areaRule).value;
        return prism(area, sideMm(area), thickness);
      }
      const length = lengthMm(part.length);
      return prism(length * lengthMm(part.width), length, thickness);
    }
    case 'amount':
      return knownAmount(part.amount, mixedDensityGPerMl);
  }
}
