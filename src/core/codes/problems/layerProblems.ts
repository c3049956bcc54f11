import type { Nothing } from './problemData';

/** What cannot be poured in layers as asked; mm. */
export interface LayerProblems {
  'no-height': Nothing;
  'heights-not-rising': { readonly below: number };
  'height-above-top': { readonly depthMm: number };
  'layers-said-twice': Nothing;
  'no-layer-split': {
    readonly depthMm: number;
    readonly takesMm: number;
    readonly leastMm: number;
    readonly upperMm: number;
    readonly upperLayers: number;
    /** Undefined where not even one layer has its least depth. */ readonly lowerMm?: number;
    readonly lowerLayers?: number;
  };
  'too-many-layers': {
    readonly depthMm: number;
    readonly takesMm: number;
    readonly count: number;
    readonly most: number;
  };
  'lock-in-too-deep': { readonly depthMm: number };
  'lock-in-over-limit': { readonly takesMm: number };
  'lock-in-under-least': { readonly leastMm: number };
  'planing-over-layer': {
    readonly layerMm: number;
    readonly topMm: number;
    readonly bottomMm: number;
  };
}
