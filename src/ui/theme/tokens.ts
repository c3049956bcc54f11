/** Every colour of Nipperkin, light and dark. Text pairs hold 4.5 : 1, parts 3 : 1 (tested). */
export interface Colours {
  readonly paper: string;
  /** A sheet that lies on the paper. */
  readonly sheet: string;
  readonly ink: string;
  /** Words that explain, beside words that matter. */
  readonly inkSoft: string;
  /** Thin rules between things. */
  readonly line: string;
  /** Borders that tell where to touch. */
  readonly edge: string;
  /** The main action and what stands on it. */
  readonly action: string;
  readonly onAction: string;
  /** Part A, always amber: words, and the body of resin in drawings. */
  readonly partA: string;
  readonly resin: string;
  readonly resinDeep: string;
  /** Part B, always blue-green. */
  readonly partB: string;
  /** Only for "stop". */
  readonly stop: string;
  readonly warnSheet: string;
  readonly wall: string;
  /** Timber of a channel, its grain, and its edge. */
  readonly timber: string;
  readonly timberGrain: string;
  readonly timberEdge: string;
  /** A mould of rubber or plastic. */
  readonly mould: string;
  /** Pours of one job, told apart by these as well as by their names. */
  readonly pours: readonly string[];
}

export const light: Colours = {
  paper: '#f5f0e8',
  sheet: '#fbf8f2',
  ink: '#1f292d',
  inkSoft: '#545f63',
  line: '#d3cbbd',
  edge: '#827d72',
  action: '#1f292d',
  onAction: '#f5f0e8',
  partA: '#7a4a06',
  resin: '#dfb064',
  resinDeep: '#9a6414',
  partB: '#0e5a61',
  stop: '#a3201b',
  warnSheet: '#f2e3c2',
  wall: '#8b8578',
  timber: '#cbb894',
  timberGrain: '#a98f63',
  timberEdge: '#6b4a26',
  mould: '#b9bcb6',
  pours: ['#7d6499', '#c08a35', '#4f7fa6', '#74873f', '#ad6247', '#60747c'],
};

export const dark: Colours = {
  paper: '#11191c',
  sheet: '#182226',
  ink: '#f2ede3',
  inkSoft: '#a9b2b3',
  line: '#33403f',
  edge: '#76827f',
  action: '#f2ede3',
  onAction: '#11191c',
  partA: '#e8b25c',
  resin: '#b97f2c',
  resinDeep: '#e8b25c',
  partB: '#6cc9d2',
  stop: '#ff9088',
  warnSheet: '#3a2f18',
  wall: '#7d8783',
  timber: '#5d4d35',
  timberGrain: '#7d6745',
  timberEdge: '#c3a06b',
  mould: '#465053',
  pours: ['#a58fc2', '#b97f2c', '#6f9fc6', '#97a95f', '#c97f63', '#8699a1'],
};

/** Temperatures as they are painted, °C: from cool over the bands of an epoxy to a runaway. The same in light and dark. */
export const heatRamp = {
  atC: [5, 20, 35, 45, 65, 90, 140],
  colours: ['#1f5d73', '#5f9aa0', '#cfd3b8', '#e8c877', '#d98a34', '#b1431d', '#5c130f'],
} as const;

/** Distances in dp: everything is a multiple of 4. */
export const space = {
  hair: 2,
  tight: 4,
  small: 8,
  medium: 12,
  large: 16,
  wide: 24,
  huge: 32,
} as const;

/** Heights of what is touched: at the table, and at the bench with a glove. */
export const touch = { table: 48, bench: 64 } as const;

/** From this width on the screen is a wide one. */
export const wideFrom = 1024;

/** Corners are nearly square. */
export const corner = 2;

/** Paper multiplies its roundness; this gives `corner` on its buttons. */
export const paperRoundness = 0.4;
