import type { MeasuredInsert } from '../../measure/inserts/placeInserts';
import type { MeasuredPart } from '../../measure/measureWhole';
import type { Plan, PourPlan } from '../planTypes';

/** A layer as it lies in the piece, whichever pour it is of. */
export interface DrawnLayer {
  readonly pour: PourPlan;
  /** Counted from 0 within its pour. */
  readonly layer: number;
  readonly fromMm: number | undefined;
  readonly toMm: number | undefined;
  readonly cavityMl: number;
}

/** A pour that covers faces, drawn as a line. */
export interface DrawnFace {
  readonly pour: PourPlan;
  readonly sides: boolean;
  readonly floor: boolean;
  readonly surface: boolean;
  readonly upToMm: number;
}

/** One cavity of the piece with everything that is poured into it. */
export interface DrawnPart {
  readonly part: MeasuredPart;
  /** Its place among the parts of the job's form; undefined where a pour has measured it for itself. */
  readonly formPart: number | undefined;
  /** Its place among the parts of its own measure: colours are told by that. */
  readonly cavity: number;
  readonly layers: readonly DrawnLayer[];
  readonly faces: readonly DrawnFace[];
  readonly inserts: readonly MeasuredInsert[];
}

const layersOf = (pour: PourPlan): readonly DrawnLayer[] =>
  pour.layers.map(({ fromMm, toMm, cavityMl }, layer) => ({ pour, layer, fromMm, toMm, cavityMl }));

function faceOf(pour: PourPlan): readonly DrawnFace[] {
  const { face } = pour;
  if (face === undefined) return [];
  const { name, upToMm } = face;
  return [
    {
      pour,
      sides: name === 'sides' || name === 'sides-and-floor',
      floor: name === 'floor' || name === 'sides-and-floor',
      surface: name === 'surface',
      upToMm,
    },
  ];
}

/** The whole piece as it is drawn: the form with all fills and faces, then what pours measure for themselves. */
export function pieceOf({ form, pours }: Plan): readonly DrawnPart[] {
  const fills = pours.filter(({ kind }) => kind === 'fills').flatMap(layersOf);
  const faces = pours.flatMap(faceOf);
  const ofForm = (form?.parts ?? []).map((part, cavity): DrawnPart => ({
    part,
    formPart: cavity,
    cavity,
    layers: fills,
    faces,
    inserts: form?.inserts.filter(({ into }) => into === cavity) ?? [],
  }));
  const own = pours
    .filter(({ kind }) => kind === 'own')
    .flatMap((pour) =>
      pour.parts.map((part, cavity): DrawnPart => ({
        part,
        formPart: undefined,
        cavity,
        layers: layersOf(pour),
        faces: [],
        inserts: pour.inserts.filter(({ into }) => into === cavity),
      })),
    );
  return [...ofForm, ...own];
}
