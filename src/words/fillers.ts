/** The ways people say how much filler there is. */
export const fillerWayNames = {
  mass: 'Weighed',
  share: 'A share of the mix',
  volume: 'A loose volume',
  perResin: 'Parts to one of resin',
  pot: 'Pot before and after',
} as const;
export type FillerWay = keyof typeof fillerWayNames;
