/** A place along the channel where it was measured. */
export interface Station {
  readonly atMm: number;
  readonly widthMm: number;
  readonly depthMm: number;
}

/** What is known of a channel besides its volume. */
export interface ChannelDetail {
  readonly stations: readonly Station[];
  readonly lengthMm: number;
  readonly meanWidthMm: number;
  /** Simpson where the stations are evenly spaced and odd in number. */
  readonly rule: 'trapezoid' | 'simpson';
  readonly trapezoidMl: number;
  /** Where one more station would help most, and by how much the ± would fall. */
  readonly nextStation: { readonly atMm: number; readonly buysMl: number } | undefined;
}
