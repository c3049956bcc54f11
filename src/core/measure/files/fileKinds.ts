import { InputError } from '../../problem';

export const drawingKinds = ['svg', 'dxf'] as const;
export const meshKinds = ['stl', 'obj', '3mf'] as const;
export type DrawingKind = (typeof drawingKinds)[number];
export type MeshKind = (typeof meshKinds)[number];

const endingOf = (name: string): string => /\.([a-z0-9]+)$/i.exec(name)?.[1]?.toLowerCase() ?? '';

function kindAmong<K extends string>(kinds: readonly K[], name: string): K {
  const found = kinds.find((kind) => kind === endingOf(name));
  if (found === undefined) throw new InputError('file-kind-unknown', name, { choices: kinds });
  return found;
}

/** @throws InputError `file-kind-unknown` */
export const drawingKindOf = (name: string): DrawingKind => kindAmong(drawingKinds, name);

/** @throws InputError `file-kind-unknown` */
export const meshKindOf = (name: string): MeshKind => kindAmong(meshKinds, name);
