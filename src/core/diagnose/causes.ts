import type { CauseCode } from './causeCodes';
import type { Notable } from '../codes/evidenceCodes';
import { familiesOf, type ResinFamily } from '../resin/families';
import type { FaultKind } from '../record/faults';
import type { Look } from './evidence';
import {
  airDamp,
  layerThin,
  lotOld,
  machinedEarly,
  roomCold,
  stillTacky,
  tooHot,
} from './looksAtCure';
import {
  coatCratered,
  formLeaky,
  mouldWorn,
  notHeld,
  notReleased,
  surfaceDirty,
  timberBare,
  timberDamp,
  tintTriedOtherwise,
  uncovered,
} from './looksAtForm';
import {
  curedOnPoison,
  lightStopped,
  potOpenedEarly,
  pressedOtherwise,
  wallThin,
} from './looksAtFamilies';
import { layerEarly, layerInBadZone, layerLate, passesMissed } from './looksAtLayers';
import {
  fillerMuch,
  oneCup,
  pigmentOver,
  pigmentThere,
  pouredLate,
  ratioOff,
  restLeftOut,
  stirredShort,
} from './looksAtMixing';

/** Why a piece can have gone wrong. */
export interface CauseRule {
  /** How often it is what lies behind a fault, before anything of the record is looked at: 0 to 1. General practice. */
  readonly faults: Readonly<Partial<Record<FaultKind, number>>>;
  /** What of a record speaks for it or against it. */
  readonly looks: readonly Look[];
  /** Only where one of these was poured; everywhere without it. */
  readonly only?: ReadonlySet<ResinFamily>;
  /** What must be noted for that. */
  readonly needs: readonly Notable[];
}

/** Every cause of the trade's list; adding one is its code in `causeCodes.ts`, a record here and its sentences in `words/diagnosis`. */
export const causeRules = {
  'ratio-off': {
    faults: { tacky: 0.45, bendable: 0.45, 'soft-spots': 0.15, haze: 0.05 },
    looks: [ratioOff],
    needs: ['weights'],
  },
  'badly-mixed': {
    faults: { tacky: 0.3, bendable: 0.2, 'soft-spots': 0.6, haze: 0.05 },
    looks: [stirredShort, oneCup],
    needs: ['stirring'],
  },
  'too-cold': {
    faults: { tacky: 0.35, bendable: 0.35, 'bubbles-throughout': 0.3, haze: 0.15 },
    looks: [roomCold, stillTacky],
    needs: ['room'],
  },
  'out-of-date': {
    faults: { tacky: 0.15, bendable: 0.15, yellowed: 0.1, haze: 0.05 },
    looks: [lotOld],
    needs: ['lots'],
  },
  'too-much-pigment': {
    faults: { tacky: 0.2, bendable: 0.2, 'soft-spots': 0.15 },
    looks: [pigmentOver],
    needs: ['pigment'],
  },
  'pigment-clumps': {
    faults: { 'soft-spots': 0.25, 'colour-muddy': 0.1 },
    looks: [pigmentThere],
    needs: ['pigment'],
  },
  'too-thin': {
    faults: { tacky: 0.15, bendable: 0.2 },
    looks: [layerThin, roomCold],
    needs: ['depths'],
  },
  'too-hot': {
    faults: {
      cracks: 0.7,
      smoked: 0.95,
      yellowed: 0.7,
      'mould-distorted': 0.85,
      'bubbles-throughout': 0.2,
      stuck: 0.1,
    },
    looks: [tooHot],
    needs: ['readings', 'depths'],
  },
  'poured-late': {
    faults: { 'bubbles-throughout': 0.25, 'soft-spots': 0.05, wrinkles: 0.1, smoked: 0.2 },
    looks: [pouredLate],
    needs: ['pot-times'],
  },
  whipped: {
    faults: { 'bubbles-throughout': 0.3 },
    looks: [restLeftOut],
    needs: ['rest'],
  },
  'too-much-filler': {
    faults: { 'bubbles-throughout': 0.15, 'soft-spots': 0.1, cracks: 0.05, settled: 0.2 },
    looks: [fillerMuch],
    needs: ['fillers'],
  },
  'timber-unsealed': {
    faults: { 'bubbles-at-timber': 0.8, 'colour-bled': 0.75 },
    looks: [timberBare],
    needs: ['sealing'],
  },
  'timber-damp': {
    faults: { 'bubbles-at-timber': 0.2, delaminated: 0.1, haze: 0.1 },
    looks: [timberDamp],
    needs: ['moisture'],
  },
  'edges-not-worked': {
    faults: { 'bubbles-at-edges': 0.75 },
    looks: [passesMissed],
    needs: ['passes'],
  },
  'layer-too-late': {
    faults: { 'line-between-layers': 0.5, delaminated: 0.45 },
    looks: [layerLate],
    needs: ['layer-times'],
  },
  'bad-zone': {
    faults: { delaminated: 0.6, 'line-between-layers': 0.2 },
    looks: [layerInBadZone],
    needs: ['layer-times'],
  },
  'layer-too-early': {
    faults: { wrinkles: 0.4, cracks: 0.1, 'colour-bled': 0.1, 'colour-muddy': 0.1 },
    looks: [layerEarly],
    needs: ['layer-times'],
  },
  'dust-between': {
    faults: { 'line-between-layers': 0.3, craters: 0.1 },
    looks: [uncovered],
    needs: ['cover'],
  },
  'worked-too-early': {
    faults: { 'gummy-planing': 0.7, wrinkles: 0.4 },
    looks: [machinedEarly],
    needs: ['machining'],
  },
  'oil-or-silicone': {
    faults: { craters: 0.75, delaminated: 0.1 },
    looks: [surfaceDirty, coatCratered],
    needs: ['surface'],
  },
  'form-leaked': { faults: { leaked: 0.9 }, looks: [formLeaky], needs: ['form'] },
  'not-held': { faults: { floated: 0.9 }, looks: [notHeld], needs: ['holding'] },
  'no-release': { faults: { stuck: 0.7, torn: 0.4 }, looks: [notReleased], needs: ['release'] },
  'mould-worn': {
    faults: { stuck: 0.3, torn: 0.3, warts: 0.05 },
    looks: [mouldWorn],
    needs: ['release'],
  },
  'damp-air': {
    faults: { haze: 0.6, tacky: 0.05, 'bubbles-throughout': 0.1 },
    looks: [airDamp],
    needs: ['humidity'],
  },
  'tint-by-depth': {
    faults: { 'colour-muddy': 0.6 },
    looks: [tintTriedOtherwise],
    needs: ['tint'],
  },
  'stirred-in-too-early': { faults: { settled: 0.6 }, looks: [], needs: ['fillers'] },
  'cure-poisoned': {
    faults: { tacky: 0.6, 'soft-spots': 0.3, stuck: 0.2 },
    looks: [curedOnPoison],
    only: new Set(['silicone-platinum']),
    needs: ['cured-on'],
  },
  'mould-pressed-otherwise': {
    faults: { warts: 0.8 },
    looks: [pressedOtherwise],
    needs: ['pot'],
  },
  'pot-opened-early': {
    faults: { 'bubbles-throughout': 0.4, warts: 0.05 },
    looks: [potOpenedEarly],
    only: familiesOf('polyurethane', 'epoxy', 'polyester', 'silicone'),
    needs: ['pot'],
  },
  'light-stopped': {
    faults: { tacky: 0.5, 'soft-below': 0.7, 'soft-spots': 0.3, bendable: 0.3 },
    looks: [lightStopped],
    only: familiesOf('uv'),
    needs: ['lamp'],
  },
  'wall-thin': {
    faults: { torn: 0.5 },
    looks: [wallThin],
    only: familiesOf('silicone'),
    needs: ['wall'],
  },
} as const satisfies Readonly<Record<CauseCode, CauseRule>>;

export const ruleOf = (code: CauseCode): CauseRule => causeRules[code];
