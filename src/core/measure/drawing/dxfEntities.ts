/** The part of the parser's scanner that an entity handler uses. */
interface Scanner {
  next(): { readonly code: number; readonly value: number | string | boolean };
  isEOF(): boolean;
}

interface Group {
  readonly code: number;
  readonly value: number | string | boolean;
}

export interface DxfVertex {
  x: number;
  y: number;
  bulge?: number;
}

/**
 * Hands on every group of an entity.
 * @returns the group that begins the next entity, at which the scanner stands then
 */
function eachGroup(scanner: Scanner, take: (code: number, value: number) => void): Group {
  let group: Group = scanner.next();
  while (!scanner.isEOF() && group.code !== 0) {
    take(group.code, group.value as number);
    group = scanner.next();
  }
  return group;
}

interface EntityHead {
  type: string;
  layer?: string;
  inPaperSpace?: boolean;
}

function takeHead(entity: EntityHead, code: number, value: number): void {
  if (code === 8) entity.layer = String(value);
  if (code === 67) entity.inPaperSpace = value !== 0;
}

export interface LightPolyline extends EntityHead {
  vertices: DxfVertex[];
  shape: boolean;
  extrusionDirectionZ?: number;
}

/**
 * Reads LWPOLYLINE. The parser's own handler stops at the vertex identifiers (group 91) that newer files carry,
 * and the rest of the outline would be lost.
 */
export class LightPolylineHandler {
  readonly ForEntityName = 'LWPOLYLINE' as const;

  parseEntity(scanner: Scanner, current: Group): LightPolyline {
    const entity: LightPolyline = { type: String(current.value), vertices: [], shape: false };
    eachGroup(scanner, (code, value) => {
      const vertex = entity.vertices.at(-1);
      if (code === 10) entity.vertices.push({ x: value, y: NaN });
      else if (code === 20 && vertex !== undefined) vertex.y = value;
      else if (code === 42 && vertex !== undefined) vertex.bulge = value;
      else if (code === 70) entity.shape = (value & 1) === 1;
      else if (code === 230) entity.extrusionDirectionZ = value;
      else takeHead(entity, code, value);
    });
    return entity;
  }
}

/**
 * Reads POLYLINE with its VERTEX entities up to SEQEND. The parser's own handler never comes to an end where
 * another entity stands among them.
 */
export class PolylineHandler {
  readonly ForEntityName = 'POLYLINE' as const;

  parseEntity(scanner: Scanner, current: Group): LightPolyline {
    const entity: LightPolyline = { type: String(current.value), vertices: [], shape: false };
    let next = eachGroup(scanner, (code, value) => {
      if (code === 70) entity.shape = (value & 1) === 1;
      else if (code === 230) entity.extrusionDirectionZ = value;
      else takeHead(entity, code, value);
    });
    while (next.code === 0 && next.value === 'VERTEX' && !scanner.isEOF()) {
      const vertex: DxfVertex = { x: NaN, y: NaN };
      next = eachGroup(scanner, (code, value) => {
        if (code === 10) vertex.x = value;
        else if (code === 20) vertex.y = value;
        else if (code === 42) vertex.bulge = value;
      });
      entity.vertices.push(vertex);
    }
    if (next.value === 'SEQEND' && !scanner.isEOF()) eachGroup(scanner, () => undefined);
    return entity;
  }
}

export interface DxfSpline extends EntityHead {
  controlPoints: DxfVertex[];
  fitPoints: DxfVertex[];
  knotValues: number[];
  weights: number[];
  degree: number;
  closed: boolean;
}

/** Reads SPLINE with its weights, which the parser's own handler leaves out: a rational curve needs them. */
export class SplineHandler {
  readonly ForEntityName = 'SPLINE' as const;

  parseEntity(scanner: Scanner, current: Group): DxfSpline {
    const entity: DxfSpline = {
      type: String(current.value),
      controlPoints: [],
      fitPoints: [],
      knotValues: [],
      weights: [],
      degree: 3,
      closed: false,
    };
    eachGroup(scanner, (code, value) => {
      const control = entity.controlPoints.at(-1);
      const fit = entity.fitPoints.at(-1);
      if (code === 10) entity.controlPoints.push({ x: value, y: NaN });
      else if (code === 20 && control !== undefined) control.y = value;
      else if (code === 11) entity.fitPoints.push({ x: value, y: NaN });
      else if (code === 21 && fit !== undefined) fit.y = value;
      else if (code === 40) entity.knotValues.push(value);
      else if (code === 41) entity.weights.push(value);
      else if (code === 70) entity.closed = (value & 1) === 1;
      else if (code === 71) entity.degree = value;
      else takeHead(entity, code, value);
    });
    return entity;
  }
}
