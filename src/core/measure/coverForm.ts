import type { CoveredFace } from '../job/pourChoices';
import { InputError } from '../problem';
import type { CoatFace } from './coat/coat';
import { prism } from './form/prism';
import type { MeasuredPart, MeasuredWhole } from './measureWhole';
import type { Part } from './parts/partSchema';

/**
 * Area of a face of a form, mm².
 * @param upToMm height over the floor: of the walls up to it, of the level face at it
 * @throws InputError `no-faces` with what to type instead, `faces-not-kept` for a mesh that was read by an older version
 */
function coveredAreaMm2(whole: MeasuredWhole, face: CoveredFace, upToMm: number): number {
  if (face === 'surface') {
    refuseFormless(whole, face, ({ depthMm }) => depthMm === undefined);
    return whole.areaAtMm2(upToMm);
  }
  const floorMm2 = (): number => {
    refuseFormless(whole, face, (_, index) => whole.forms[index]?.faces === undefined);
    return whole.forms.reduce((sum, { faces, count }) => sum + (faces?.floorMm2 ?? 0) * count, 0);
  };
  const sidesMm2 = (): number => {
    refuseFormless(whole, face, (_, index) => whole.forms[index]?.faces?.sidesMm2 === undefined);
    return whole.forms.reduce(
      (sum, { faces, count }) => sum + (faces?.sidesMm2?.(upToMm) ?? 0) * count,
      0,
    );
  };
  switch (face) {
    case 'floor':
      return floorMm2();
    case 'sides':
      return sidesMm2();
    case 'sides-and-floor':
      return sidesMm2() + floorMm2();
  }
}

function refuseFormless(
  { parts }: MeasuredWhole,
  face: CoveredFace,
  isMissing: (part: MeasuredPart, index: number) => boolean,
): void {
  const at = parts.findIndex(isMissing);
  const part = parts[at];
  if (part === undefined) return;
  const code = part.shape === 'mesh' ? 'faces-not-kept' : 'no-faces';
  const data = { part: at + 1, shape: part.shape, face };
  throw new InputError(code, face, { ...data, ...(part.name && { name: part.name }) }, 'face');
}

/**
 * A face of a form under a coat of some thickness: measured as a coat of its area.
 * @param whole the form
 * @returns the coat as it would be typed, and measured
 * @throws InputError those of `coveredAreaMm2`, `covers-nothing`
 */
export function coverForm(
  whole: MeasuredWhole,
  face: CoveredFace,
  upToMm: number,
  thicknessMm: number,
): { readonly part: Part; readonly whole: MeasuredWhole } {
  const areaMm2 = coveredAreaMm2(whole, face, upToMm);
  if (!(areaMm2 > 0)) throw new InputError('covers-nothing', face, { face, upToMm }, 'face');
  const widestMm = Math.max(
    0,
    ...whole.parts.flatMap(({ outline }) => outline).map(({ widthMm }) => widthMm),
  );
  const solid = prism(areaMm2, widestMm || Math.sqrt(areaMm2), thicknessMm);
  const { volumeMl: ml } = solid;
  // The area is as sure as the form that it is of.
  const plusMinusMl = (ml * whole.plusMinusMl) / whole.cavityMl;
  const covered: CoatFace = { face, areaMm2, thicknessMm, ml };
  const part: MeasuredPart = {
    shape: 'coat',
    name: undefined,
    count: 1,
    eachMl: ml,
    ml,
    plusMinusMl,
    errs: whole.errs,
    doubt: { rule: 'covered', data: { areaMm2, thicknessMm } },
    depthMm: thicknessMm,
    outline: solid.outline,
    detail: { kind: 'coat', faces: [covered] },
    warnings: [],
  };
  return {
    part: {
      shape: 'coat',
      count: 1,
      area: `${areaMm2.toFixed(3)} mm2`,
      thickness: `${thicknessMm} mm`,
    },
    whole: {
      parts: [part],
      inserts: [],
      cavityMl: ml,
      plusMinusMl,
      errs: whole.errs,
      depthMm: thicknessMm,
      volumeBelowMl: solid.volumeBelowMl,
      volumesBelowMl: () => (heightMm) => [solid.volumeBelowMl(heightMm)],
      areaAtMm2: solid.areaAtMm2,
      forms: [{ solid, faces: { floorMm2: areaMm2 }, count: 1 }],
      insertBodies: [],
    },
  };
}
