import { createElement, Fragment, useEffect, useMemo, useState } from 'react';
import type { HeatCut } from '../../core/plan/heat/heatView';
import { colourOfC } from './heatColour';
import { cavityPaths } from '../section/cavityPaths';
import { halfWidthAt } from '../section/outlines';
import type { PlacedCavity } from '../section/sectionLayout';

/** What is painted into the Section: one pour's run at a moment. */
export interface PaintedHeat {
  readonly cut: HeatCut;
  readonly frame: number;
  /** The cavity that was followed, by its place among those that are drawn. */
  readonly part: number;
  /** The pour, counted from 0, and how far up it reaches in the cavity, mm. */
  readonly pour: number;
  readonly topMm: number;
}

interface HeatPaintProps {
  readonly heat: PaintedHeat;
  readonly cavity: PlacedCavity;
  readonly width: number;
  readonly height: number;
  /** Told what is under the finger; undefined where it leaves. */
  readonly onPoint: (celsius: number | undefined) => void;
}

const total = (sizes: Float64Array): number => sizes.reduce((sum, each) => sum + each, 0);

interface Placed {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly cell: number;
}

/**
 * Where each cell of the cut lies in the drawing. Resin lies where it is drawn: its columns share the width of the cavity at
 * their height. What is followed of the form is squeezed into the wall that is drawn.
 */
export function placedCells(
  { cut, topMm }: Pick<PaintedHeat, 'cut' | 'topMm'>,
  cavity: PlacedCavity,
): readonly Placed[] {
  const { columns, rows, widthsMm, heightsMm, resinColumns, firstResinRow } = cut;
  const { centreX, floorY, acrossPerMm, depthMm, wallDp, floorDp, part } = cavity;
  const { y } = cavityPaths(cavity);
  const resinWideMm = total(widthsMm.subarray(0, resinColumns));
  const wallWideMm = total(widthsMm.subarray(resinColumns));
  const floorHighMm = total(heightsMm.subarray(0, firstResinRow));
  const resinHighMm = total(heightsMm.subarray(firstResinRow));
  const topY = y(Math.min(topMm, depthMm));
  const bottomY = Math.min(floorY, y(Math.max(0, topMm - resinHighMm)));
  const perMm = (bottomY - topY) / resinHighMm;
  const placed: Placed[] = [];
  let up = 0;
  for (let row = 0; row < rows; row += 1) {
    const isFloor = row < firstResinRow;
    const high = heightsMm[row]! * (isFloor ? floorDp / floorHighMm : perMm);
    if (row === firstResinRow) up = 0;
    const bottom = isFloor ? bottomY + floorDp - up : bottomY - up;
    up += high;
    const heightMm = isFloor ? 0 : (floorY - (bottom - high / 2)) / cavity.upPerMm;
    const half = halfWidthAt(part.outline, heightMm) * acrossPerMm;
    let outwards = 0;
    for (let column = 0; column < columns; column += 1) {
      const isWall = column >= resinColumns;
      const wide =
        columns === 1
          ? half
          : widthsMm[column]! * (isWall ? wallDp / wallWideMm : half / resinWideMm);
      const cell = row * columns + column;
      const rowOf = { top: bottom - high, bottom, cell };
      placed.push(
        { left: centreX + outwards, right: centreX + outwards + wide, ...rowOf },
        { left: centreX - outwards - wide, right: centreX - outwards, ...rowOf },
      );
      outwards += wide;
    }
  }
  return placed;
}

/**
 * Temperatures painted under the lines of the Section, to its scale and at its place. A canvas, because a cross-section is a
 * thousand cells and a frame must be drawn in a few milliseconds.
 */
export function HeatPaint({ heat, cavity, width, height, onPoint }: HeatPaintProps) {
  const [canvas, setCanvas] = useState<HTMLCanvasElement | null>(null);
  const { cut, frame, topMm } = heat;
  const cells = useMemo(() => placedCells({ cut, topMm }, cavity), [cut, topMm, cavity]);
  const perFrame = cut.rows * cut.columns;
  useEffect(() => {
    const context = canvas?.getContext('2d');
    if (context === null || context === undefined) return;
    const dots = window.devicePixelRatio;
    context.setTransform(dots, 0, 0, dots, 0, 0);
    context.clearRect(0, 0, width, height);
    for (const { left, right, top, bottom, cell } of cells) {
      const here = cut.temperaturesC[frame * perFrame + cell]!;
      // What is not poured yet is no number.
      if (Number.isNaN(here)) continue;
      context.fillStyle = colourOfC(here);
      // From one whole dot to another, so that no seam shows between two cells.
      const [x, y] = [Math.floor(left), Math.floor(top)];
      context.fillRect(x, y, Math.ceil(right) - x, Math.ceil(bottom) - y);
    }
  }, [canvas, cells, cut, frame, perFrame, width, height]);
  const point = (event: PointerEvent): void => {
    if (canvas === null) return;
    const box = canvas.getBoundingClientRect();
    const [x, y] = [event.clientX - box.left, event.clientY - box.top];
    const under = cells.find(
      ({ left, right, top, bottom }) => x >= left && x < right && y >= top && y < bottom,
    );
    const here = under && cut.temperaturesC[frame * perFrame + under.cell];
    onPoint(here === undefined || Number.isNaN(here) ? undefined : here);
  };
  const dots = typeof window === 'undefined' ? 1 : window.devicePixelRatio;
  const place = { position: 'absolute', left: 0, top: 0, width, height } as const;
  return createElement(
    Fragment,
    null,
    createElement('canvas', {
      ref: setCanvas,
      width: Math.max(1, Math.round(width * dots)),
      height: Math.max(1, Math.round(height * dots)),
      style: place,
      'data-testid': 'heat-paint',
    }),
    // Over the lines, which would take the finger.
    createElement('div', {
      style: { ...place, zIndex: 2, touchAction: 'pan-y' },
      onPointerMove: point,
      onPointerDown: point,
      onPointerLeave: () => onPoint(undefined),
    }),
  );
}
