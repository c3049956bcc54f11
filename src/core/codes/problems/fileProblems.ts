import type { Choices, Nothing } from './problemData';

/** What a file can have wrong: drawings, meshes and packages; lines are counted from 1. */
export interface FileProblems {
  'file-kind-unknown': Choices;
  'drawing-too-large': { readonly most: number };
  'drawing-not-finite': Nothing;
  'spline-broken': Nothing;
  'not-svg': Nothing;
  'svg-bad-path': Nothing;
  'svg-bad-value': { readonly what: string };
  'not-xml': { readonly line: number };
  'xml-entities': Nothing;
  'too-deep': { readonly most: number };
  'not-dxf': Nothing;
  'dxf-broken': { readonly line: number };
  'not-stl': Nothing;
  'stl-truncated': { readonly says: number; readonly holds: number };
  'stl-overlong': { readonly says: number; readonly holds: number };
  'stl-cut-off': Nothing;
  'mesh-bad-line': { readonly line: number };
  'mesh-not-finite': { readonly line?: number; readonly triangle?: number };
  'mesh-empty': Nothing;
  'mesh-too-large': { readonly most: number };
  'mesh-too-big': { readonly sizeMm: number; readonly mostMm: number };
  'mesh-faces-turned': { readonly edges: number };
  'mesh-flat': Nothing;
  'mesh-partly-inside-out': { readonly fromMm: number; readonly toMm: number };
  'not-a-mesh': Nothing;
  'not-3mf': Nothing;
  'zip-too-large': { readonly mostBytes: number };
  '3mf-bad': { readonly what: string };
  'picture-not-read': Nothing;
  'picture-too-large': { readonly mostMb: number };
  'picture-too-narrow': { readonly widthPx: number; readonly heightPx: number };
  'reader-too-slow': { readonly seconds: number };
  'reader-broke-off': Nothing;
  'not-json': Nothing;
  'json-too-deep': { readonly most: number };
  'json-too-many': { readonly key: string; readonly count: number; readonly most: number };
  'json-reserved-key': Nothing;
  'no-file': Nothing;
  'not-csv': { readonly row: number };
}
