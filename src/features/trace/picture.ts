/** A photo that is traced on. */
export interface Photo {
  readonly picture: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** A grid is as many squares wide and high. */
export const gridSquares = { width: 20, height: 26 };
