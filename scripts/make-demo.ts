/**
 * Makes the files of the demo: a mesh, a drawing and a photo, all made up, and what a job keeps of each.
 * Run with `npx tsx scripts/make-demo.ts` when one of them changes.
 */
import { chromium } from '@playwright/test';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { meshReader } from '../src/core/measure/files/meshReader';
import { readDrawing } from '../src/core/measure/files/readDrawing';
import { checkMesh, measureMesh } from '../src/core/measure/mesh/measureMesh';
import { asInFile } from '../src/core/measure/mesh/orientation';
import { meshPreview } from '../src/core/measure/mesh/preview';
import { calibrationsOf } from '../src/core/plan/heat/calibrationOf';
import { pourOf, benchCopyOf } from '../src/core/bench/benchCopy';
import { observedAt } from '../src/core/bench/benchEvents';
import { benchState } from '../src/core/bench/benchState';
import { curingPourOf } from '../src/core/bench/curing';
import { movedCureOf } from '../src/core/cure/movedCure';
import { watchCure } from '../src/core/cure/watchCure';
import { readJob } from '../src/core/job/readJob';
import { resolveJob } from '../src/core/job/resolveJob';
import { personOf } from '../src/core/person/person';
import { planResolved } from '../src/core/plan/planJob';
import type { Shelf } from '../src/core/plan/planTypes';
import { demoCuringEvents, demoCuringJob } from '../src/data/demo/demoCuringEvents';
import { candidatesOf } from '../src/core/learn/candidates';
import { hasHeat } from '../src/core/resin/families';
import { readResin } from '../src/core/resin/readResin';
import { sampledRun } from '../src/core/thermal/fit/sampledRun';
import { usualSetting } from '../src/core/thermal/usualSetting';
import { demoYear } from '../src/data/demo/demoYear';
import { demoJobs } from '../src/data/demo/demoJobs';
import { demoResins } from '../src/data/demo/demoResins';
import { chromiumPath, chromiumSwitches } from './chromium.mjs';

const folder = 'src/data/demo/files';

/** Half the thickness of the turned cleat along its length, mm: two horns and a waist between them. */
const profile: readonly (readonly [number, number])[] = [
  [0, 0],
  [1, 4],
  [5, 6.5],
  [12, 7.5],
  [22, 7],
  [30, 8],
  [36, 11],
  [42, 12.5],
  [48, 12.5],
  [54, 11],
  [60, 8],
  [68, 7],
  [78, 7.5],
  [85, 6.5],
  [89, 4],
  [90, 0],
];

/** A body of revolution about the x axis as a binary STL in mm. */
function turnedStl(segments: number): Buffer {
  const at = (ring: number, segment: number): readonly [number, number, number] => {
    const [x, radius] = profile[ring] ?? [0, 0];
    const angle = (2 * Math.PI * (segment % segments)) / segments;
    return [x, radius * Math.cos(angle), radius * Math.sin(angle)];
  };
  const triangles: (readonly [number, number, number])[][] = [];
  for (let ring = 0; ring + 1 < profile.length; ring += 1) {
    for (let segment = 0; segment < segments; segment += 1) {
      const [a, b] = [at(ring, segment), at(ring, segment + 1)];
      const [c, d] = [at(ring + 1, segment), at(ring + 1, segment + 1)];
      if (ring > 0) triangles.push([a, b, c]);
      if (ring + 2 < profile.length) triangles.push([b, d, c]);
    }
  }
  const file = Buffer.alloc(84 + 50 * triangles.length);
  file.write('turned cleat, mm');
  file.writeUInt32LE(triangles.length, 80);
  triangles.forEach((corners, index) =>
    corners
      .flat()
      .forEach((value, place) => file.writeFloatLE(value, 84 + 50 * index + 12 + 4 * place)),
  );
  return file;
}

/** A compass rose: eight points round a boss. */
function roseSvg(): string {
  const point = (radius: number, turns: number): string =>
    [60 + radius * Math.sin(2 * Math.PI * turns), 60 - radius * Math.cos(2 * Math.PI * turns)]
      .map((value) => value.toFixed(3))
      .join(' ');
  const star = Array.from({ length: 16 }, (_, corner) =>
    point(corner % 2 === 1 ? 22 : corner % 4 === 0 ? 58 : 40, corner / 16),
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" width="120mm" height="120mm" viewBox="0 0 120 120">
  <path d="M${star.join('L')}Z"/>
  <path d="M60 50a10 10 0 0 1 0 20a10 10 0 0 1 0-20Z"/>
</svg>
`;
}

/** The rest of a rotten knot in the sill, mm from the board's corner. */
const knot = Array.from({ length: 28 }, (_, index) => {
  const turn = (2 * Math.PI * index) / 28;
  const radius = 34 + 5 * Math.sin(2 * turn + 0.4) + 3 * Math.cos(5 * turn);
  return { x: 200 + 1.25 * radius * Math.cos(turn), y: 150 + 0.85 * radius * Math.sin(turn) };
});
/** A card of 148 × 105 mm lies beside it. */
const card = [
  { x: 20, y: 200 },
  { x: 168, y: 200 },
  { x: 168, y: 305 },
  { x: 20, y: 305 },
];

interface Point {
  readonly x: number;
  readonly y: number;
}

/** How a camera held at a slant sees the board, 300 × 320 mm, on a picture of 700 × 750 px. */
const seen = ({ x, y }: Point): Point => {
  const away = 1 + 0.0006 * x + 0.0009 * y;
  return { x: (2.62 * x + 0.32 * y + 30) / away, y: (0.22 * x + 2.84 * y + 26) / away };
};

async function photo(): Promise<string> {
  const executablePath = chromiumPath();
  const browser = await chromium.launch({
    ...(executablePath === undefined ? {} : { executablePath }),
    args: chromiumSwitches,
  });
  const page = await browser.newPage();
  const grain = Array.from({ length: 70 }, (_, line) =>
    Array.from({ length: 31 }, (__, step) =>
      seen({ x: 10 * step, y: 4.6 * line + 3 * Math.sin(step / 4 + line / 9) }),
    ),
  );
  const board = [
    { x: 0, y: 0 },
    { x: 300, y: 0 },
    { x: 300, y: 320 },
    { x: 0, y: 320 },
  ].map(seen);
  const path = (points: readonly Point[]): string =>
    `M${points.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`;
  const filled = [
    { path: path(board), fill: '#b08a5a' },
    ...grain.map((line, index) => ({
      path: path(line),
      stroke: index % 3 === 0 ? '#94703f' : '#a57f4f',
      width: 1 + (index % 4),
    })),
    { path: path(card.map(seen)), fill: '#f1efe8' },
    {
      path: path(
        knot.map(({ x, y }) => seen({ x: x + (x - 200) * 0.07, y: y + (y - 150) * 0.07 })),
      ),
      fill: '#7c5b34',
    },
    { path: path(knot.map(seen)), fill: '#2a1c10' },
  ];
  const picture = await page.evaluate((strokes) => {
    const canvas = document.createElement('canvas');
    canvas.width = 700;
    canvas.height = 750;
    const pen = canvas.getContext('2d');
    if (pen === null) throw new Error('no canvas');
    pen.fillStyle = '#3b3a37';
    pen.fillRect(0, 0, 700, 750);
    for (const each of strokes) {
      if ('fill' in each) {
        pen.fillStyle = each.fill;
        pen.fill(new Path2D(each.path));
      } else {
        pen.strokeStyle = each.stroke;
        pen.lineWidth = each.width;
        pen.stroke(new Path2D(each.path));
      }
    }
    return canvas.toDataURL('image/jpeg', 0.72);
  }, filled);
  await browser.close();
  return picture;
}

const rounded = (points: readonly Point[]): number[] =>
  points.flatMap(({ x, y }) => [Math.round(10 * x) / 10, Math.round(10 * y) / 10]);

/** What is kept with each card of the demo. */
const demoCalibrations = () =>
  demoResins.map((card) =>
    calibrationsOf(card).flatMap(({ key, calibration }) =>
      calibration === undefined ? [] : [{ key, calibration }],
    ),
  );

/** What the bench goes by for the lamp base, and how far two warm readings move its clocks. */
function lampBase() {
  const { id: _, ...job } = demoJobs.find(({ id }) => id === demoCuringJob)!;
  const shelf: Shelf = { resins: demoResins, moulds: [] };
  const resolved = resolveJob(readJob(JSON.parse(JSON.stringify(job))), shelf);
  const copy = benchCopyOf(resolved, planResolved(resolved, shelf), 0, personOf(undefined), shelf);
  const events = demoCuringEvents(copy, 0);
  const state = benchState(copy, events);
  const watch = watchCure(curingPourOf(copy, state)!);
  const moved = movedCureOf(watch, pourOf(copy).layers, copy.cure!.layers, observedAt(state)!);
  return { copy, moved };
}

/** A thermometer of a shop: a third of a degree off, the same each time. */
const noiseC = (place: number): number => 0.3 * Math.sin(place * 12.9898);

/** What a thermometer told of the pours of the year that were measured, every hour. */
function yearCurves(): Readonly<Record<string, readonly number[]>> {
  return Object.fromEntries(
    demoYear.flatMap(({ name, resin, depthMm, roomC, rate }) => {
      const card = demoResins.find(({ id }) => id === resin);
      if (rate === undefined || card === undefined || !hasHeat(card.family)) return [];
      const [{ curing, marks }] = candidatesOf(card.family, readResin(card));
      const times = Array.from({ length: 30 }, (_, hour) => ({
        timeS: (hour + 1) * 3600,
        place: 'core' as const,
      }));
      const faster = { ...curing, ratePerS: curing.ratePerS * rate };
      const setting = usualSetting(depthMm / 1000, roomC);
      const { readingsC } = sampledRun(setting, faster, marks, times, []);
      return [[name, readingsC.map((c, at) => Math.round((c + noiseC(at + roomC)) * 10) / 10)]];
    }),
  );
}

async function main(): Promise<void> {
  mkdirSync(folder, { recursive: true });
  writeFileSync(join(folder, 'turned-cleat.stl'), turnedStl(20));
  writeFileSync(join(folder, 'compass-rose.svg'), roseSvg());
  const bytes = readFileSync(join(folder, 'turned-cleat.stl'));
  const reader = meshReader('turned-cleat.stl', bytes.length);
  reader.push(bytes);
  const { mesh } = reader.end();
  const checked = checkMesh(mesh);
  const { outlines } = readDrawing('compass-rose.svg', roseSvg());
  const kept = {
    cleat: {
      measured: measureMesh(checked, 1, asInFile),
      preview: meshPreview(checked.mesh),
    },
    rose: { outlines },
    knot: {
      picture: await photo(),
      widthPx: 700,
      heightPx: 750,
      card: rounded(card.map(seen)),
      outline: rounded(knot.map(seen)),
    },
  };
  writeFileSync(join(folder, 'kept.json'), `${JSON.stringify(kept)}\n`);
  writeFileSync(join(folder, 'curves.json'), `${JSON.stringify(yearCurves())}\n`);
  writeFileSync(join(folder, 'lamp-base.json'), `${JSON.stringify(lampBase())}\n`);
  writeFileSync(join(folder, 'calibrations.json'), `${JSON.stringify(demoCalibrations())}\n`);
}

void main();
