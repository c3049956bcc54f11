/** Codes found in pictures, over the thread's border: a picture of a camera takes a tenth of a second. */
export interface ScanWorker {
  /** What the code in a picture says; undefined where there is none. @param pixels red, green, blue and opacity of each point */
  readonly find: (
    pixels: Uint8ClampedArray,
    width: number,
    height: number,
  ) => Promise<string | undefined>;
}
