/** A mesh whose triangles share their corners. */
export interface IndexedMesh {
  /** x, y, z of each corner, in the unit of the file or in mm, as said where it is used. */
  readonly positions: Float64Array;
  /** Three corners of each triangle, seen anticlockwise from outside. */
  readonly triangles: Uint32Array;
}
