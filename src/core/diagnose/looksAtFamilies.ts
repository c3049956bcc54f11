import { leastWallMm } from '../mouldBox/boxPlans';
import { masterMaterialOf } from '../mouldBox/masterMaterials';
import { clearly, evidence, rather, type Look } from './evidence';

/** What a platinum cure lay on: it never sets on some things, and always on others. */
export const curedOnPoison: Look = ({ record }) =>
  record.pours.flatMap(({ special }) => {
    const material = special?.curedOn;
    if (material === undefined) return [];
    const { platinum } = masterMaterialOf(material);
    if (platinum === 'fine') return evidence(1 / clearly, 'cured-on-fine', { material });
    return evidence(platinum === 'poisons' ? clearly : rather, 'cured-on-poison', { material });
  });

/** Pressures that differ by so much dent a mould, kPa. */
const sameKPa = 20;

/** Bubbles of a mould that was made otherwise dent under pressure. */
export const pressedOtherwise: Look = ({ record }) =>
  record.pours.flatMap(({ special }) => {
    const { pressureKPa, mouldPressureKPa } = special ?? {};
    if (pressureKPa === undefined || mouldPressureKPa === undefined) return [];
    const data = { pressureKPa, mouldPressureKPa };
    return Math.abs(pressureKPa - mouldPressureKPa) > sameKPa
      ? evidence(clearly, 'pressed-otherwise', data)
      : evidence(1 / clearly, 'pressed-alike', data);
  });

/** Let out before it had gelled, bubbles grow back. */
export const potOpenedEarly: Look = ({ record }) =>
  record.pours.flatMap(({ special }) => {
    const { potHeldMin: heldMin, potNeededMin: neededMin } = special ?? {};
    if (heldMin === undefined || neededMin === undefined) return [];
    return heldMin < neededMin
      ? evidence(clearly, 'pot-opened-early', { heldMin, neededMin })
      : evidence(1 / rather, 'pot-held', { heldMin });
  });

/** Light that something stopped, or that never came. */
export const lightStopped: Look = ({ record }) =>
  record.pours.flatMap(({ special }) => {
    const { lampLeftOut, lightBlocked } = special ?? {};
    if (lampLeftOut === true) return evidence(clearly, 'lamp-left-out', {});
    if (lightBlocked === undefined) return [];
    return lightBlocked
      ? evidence(clearly, 'light-blocked', {})
      : evidence(1 / rather, 'light-free', {});
  });

/** Rubber under the least wall tears. */
export const wallThin: Look = ({ record }) =>
  record.pours.flatMap(({ special }) => {
    const wallMm = special?.wallMm;
    if (wallMm === undefined) return [];
    return wallMm < leastWallMm
      ? evidence(clearly, 'rubber-thin', { wallMm, leastMm: leastWallMm })
      : evidence(1 / rather, 'rubber-thick', { wallMm });
  });
