import type { FileProblems } from '../../core/codes/problems/fileProblems';
import { sayMm } from '../figures';
import { shown } from './phrases';
import type { ProblemSentences } from './sentence';

/** What a file can have wrong: drawings, meshes and packages; lines are counted from 1. */
export const fileProblems: ProblemSentences<FileProblems> = {
  'file-kind-unknown': (_, value) =>
    `Nipperkin does not read ${shown(value)}. Drawings: .svg, .dxf. Meshes: .stl, .obj, .3mf.`,
  'drawing-too-large': (data) =>
    `Too much for one drawing: ${data.most} is the most. Leave only the outlines in it.`,
  'drawing-not-finite': () => 'The drawing holds places that are no numbers. Export it again.',
  'spline-broken': () => 'A spline in the drawing is broken. Export it as polylines.',
  'not-svg': () => 'This is not an SVG drawing.',
  'svg-bad-path': (_, value) =>
    `A path in the drawing cannot be read: ${shown(value)}. Export it again.`,
  'svg-bad-value': (data, value) =>
    `${shown(value)} for ${data.what} cannot be read. Use plain numbers or mm.`,
  'not-xml': (data) =>
    `The file is broken at line ${data.line}: it is not well-formed. Export it again.`,
  'xml-entities': () =>
    'The file declares entities, which can blow up a reader. Nipperkin does not expand them. Export it again without them.',
  'too-deep': (data) => `The file nests its elements more than ${data.most} deep. Export it flat.`,
  'not-dxf': () => 'This is not a DXF drawing that can be read. Export it as ASCII DXF.',
  'dxf-broken': (data) =>
    `The drawing is broken or cut off at line ${data.line}. Copy it or export it again as ASCII DXF.`,
  'not-stl': () => 'This is not an STL file, or its head is missing. Export it again.',
  'stl-truncated': (data) =>
    `The file says ${data.says} triangles and holds ${data.holds}: it is cut off. Copy or export it again.`,
  'stl-overlong': (data) =>
    `The file says ${data.says} triangles and is longer than that, room for ${data.holds}. Export it again.`,
  'stl-cut-off': () => 'The file ends inside a triangle. Copy or export it again.',
  'mesh-bad-line': (data, value) =>
    `Line ${data.line} cannot be read: ${shown(value)}. Export the file again.`,
  'mesh-not-finite': (data) =>
    `A corner is no number${
      data.triangle === undefined ? '' : `, in triangle ${data.triangle}`
    }${data.line === undefined ? '' : `, in line ${data.line}`}. Repair the mesh and export it again.`,
  'mesh-empty': () => 'The file holds no triangles.',
  'mesh-too-large': (data) =>
    `Too many triangles: ${data.most} at the most. Reduce the mesh and export it again.`,
  'mesh-too-big': (data) =>
    `This mesh would be ${data.sizeMm > 1e6 ? 'thousands of metres' : sayMm(data.sizeMm)} long; ${sayMm(data.mostMm)} is the most. Check its unit.`,
  'mesh-faces-turned': (data) =>
    `Faces beside each other point opposite ways at ${data.edges} edges, so inside and outside are not clear. ` +
    'Let the drawing program unify the normals.',
  'mesh-flat': () => 'The mesh encloses no volume: it is flat or its faces cancel out.',
  'mesh-partly-inside-out': (data) =>
    `Between ${sayMm(data.fromMm)} and ${sayMm(data.toMm)} this mesh holds less than nothing: part of it is inside out. Repair it in the drawing program.`,
  'not-a-mesh': () => 'This is not a mesh file: it has no lines. Choose an STL, OBJ or 3MF file.',
  'not-3mf': () => 'This is not a 3MF package, or it is damaged. Export it again.',
  'not-zip': () => 'This is not a ZIP archive, or it is cut off. Choose another copy of it.',
  'zip-too-large': (data) =>
    `It would unpack to more than ${String(data.mostBytes / 1e6)} MB, so it was left packed. Save it in smaller parts.`,
  '3mf-bad': (data) => `A ${data.what} in the package is broken. Export it again.`,
  'picture-not-read': () => 'This picture cannot be read. Choose a JPEG or PNG.',
  'picture-too-large': (data) =>
    `This picture is larger than ${data.mostMb} MB. Save it smaller and choose it again.`,
  'picture-too-narrow': (data) =>
    `This picture is ${data.widthPx} × ${data.heightPx} points; there is nothing to see in it. Choose another.`,
  'reader-too-slow': (data) =>
    `Reading this file came no further for ${data.seconds} s and was stopped. Simplify it where it was made, or leave parts out.`,
  'reader-broke-off': () =>
    'Reading this file broke off: it is too much for this device. Simplify it where it was made, or leave parts out.',
  'not-json': () =>
    'This file is not JSON, so it is not a Nipperkin file. Choose one that Nipperkin exported.',
  'json-too-deep': (data) =>
    `This is nested deeper than ${data.most} levels; nothing that Nipperkin writes is.`,
  'json-too-many': ({ key, count, most }) =>
    key === ''
      ? `All its lists together have more than ${most} entries. Split it into several.`
      : `“${key}” lists ${count} entries; ${most} at the most. Split it into several.`,
  'json-reserved-key': (_, value) =>
    `${shown(value)} cannot be the name of anything here. Rename it.`,
  'file-too-large': (data) =>
    `This file is larger than ${data.mostMb} MB, and no file of this kind is. Choose another, or split it.`,
  'not-utf8': () =>
    'The letters of this file cannot be read: it is not in UTF-8. Save it again as UTF-8, in a table program as “CSV UTF-8”.',
  'copy-gone': () => 'This safety copy is not there any more: newer ones took its place.',
  'no-file': (_, value) => `No file to read at ${shown(value)}. Check the path.`,
  'not-csv': (data) =>
    `This is not a table of comma-separated values: line ${data.row} cannot be read. Save it again as CSV.`,
  'workshop-broken': (data) =>
    `The file is damaged: its part ${shown(data.part)} is not what was saved. Nothing was taken from it. Use another copy.`,
  'workshop-foreign': (_, value) =>
    `This archive is no workshop file: ${shown(value)} is in it, which Nipperkin does not put there.`,
  'workshop-newer': (data) =>
    `This workshop file is of version ${data.version}; this Nipperkin reads up to ${data.reads}. Open it with the newer one.`,
  'workshop-too-large': (data) =>
    `This file is larger than ${data.mostMb} MB, which is more than a browser keeps in mind. Choose a smaller one.`,
};
