import type { MasterMaterialName } from '../mouldBox/masterMaterials';
import type { Nothing } from './problems/problemData';

type Batch = { readonly batch: number };
/** Counted from 1. */
type Layer = { readonly layer: number };

/** What in a record speaks for a cause or against it. Minutes, °C, mm, percent. */
export interface EvidenceCodes {
  'cured-on-poison': { readonly material: MasterMaterialName };
  'cured-on-fine': { readonly material: MasterMaterialName };
  'pressed-otherwise': { readonly pressureKPa: number; readonly mouldPressureKPa: number };
  'pressed-alike': { readonly pressureKPa: number; readonly mouldPressureKPa: number };
  'pot-opened-early': { readonly heldMin: number; readonly neededMin: number };
  'pot-held': { readonly heldMin: number };
  'lamp-left-out': Nothing;
  'light-blocked': Nothing;
  'light-free': Nothing;
  'rubber-thin': { readonly wallMm: number; readonly leastMm: number };
  'rubber-thick': { readonly wallMm: number };
  'batch-off-ratio': Batch & { readonly percent: number };
  'ratios-fine': { readonly worstPercent: number };
  'stirred-short': Batch & { readonly min: number; readonly wantedMin: number };
  'stirred-long-enough': { readonly leastMin: number };
  'one-cup': Batch;
  'second-cup': Nothing;
  'room-cold': { readonly roomC: number; readonly wantedC: number };
  'room-warm-enough': { readonly roomC: number };
  'lot-old': { readonly lot: string; readonly months: number };
  'lot-past-date': { readonly lot: string; readonly bestBefore: string };
  'lots-fresh': { readonly months: number };
  'pigment-over': { readonly percent: number; readonly limitPercent: number };
  'pigment-near-limit': { readonly percent: number; readonly limitPercent: number };
  'pigment-within': { readonly percent: number; readonly limitPercent: number };
  'no-pigment': Nothing;
  'peak-read': { readonly c: number; readonly mostC: number };
  'peak-planned': { readonly c: number; readonly mostC: number } & Layer;
  'stayed-cool': { readonly c: number };
  'deeper-than-bears': Layer & { readonly depthMm: number; readonly greatestMm: number };
  'heating-noted': Batch;
  'timber-bare': Nothing;
  'timber-sealed': Nothing;
  'timber-damp': { readonly percent: number };
  'timber-dry': { readonly percent: number };
  'rest-left-out': Batch;
  rested: Nothing;
  'poured-late': Batch & { readonly sharePercent: number };
  'poured-in-time': { readonly worstPercent: number };
  'passes-missed': Layer & { readonly count: number };
  'passes-late': Layer & { readonly min: number };
  'passes-done': Nothing;
  'layer-late': Layer & { readonly afterMin: number; readonly toMin: number };
  'layer-early': Layer & { readonly afterMin: number; readonly fromMin: number };
  'layer-in-bad-zone': Layer & {
    readonly afterMin: number;
    readonly toMin: number;
    readonly scuffFromMin: number;
  };
  'layers-in-window': Nothing;
  'one-layer': Nothing;
  'machined-early': { readonly afterMin: number; readonly hardMin: number };
  'machined-when-hard': { readonly afterMin: number };
  'coat-cratered': Nothing;
  'surface-not-cleaned': Nothing;
  'surface-cleaned': Nothing;
  'form-not-sealed': Nothing;
  'form-sealed': Nothing;
  'not-held-down': Nothing;
  'held-down': Nothing;
  'no-release': Nothing;
  released: Nothing;
  'mould-worn': { readonly castings: number };
  'mould-fresh': { readonly castings: number };
  damp: { readonly percent: number };
  'air-dry': { readonly percent: number };
  'filler-much': { readonly percent: number };
  'filler-little': { readonly percent: number };
  'layer-thin': Layer & { readonly depthMm: number; readonly leastMm: number };
  'layers-deep-enough': Nothing;
  uncovered: Nothing;
  covered: Nothing;
  'tint-tried-otherwise': { readonly triedMm: number; readonly depthMm: number };
  'tint-tried-so-deep': { readonly triedMm: number };
  'still-tacky': Layer & { readonly afterMin: number };
}

/** Something worth noting, so that the next one can be told why. */
export const notables = [
  'weights',
  'stirring',
  'room',
  'layer-times',
  'readings',
  'pot-times',
  'lots',
  'pigment',
  'depths',
  'sealing',
  'rest',
  'passes',
  'humidity',
  'surface',
  'form',
  'holding',
  'release',
  'machining',
  'fillers',
  'cover',
  'tint',
  'moisture',
  'cured-on',
  'pot',
  'lamp',
  'wall',
] as const;
export type Notable = (typeof notables)[number];
