import { createElement, Fragment, useEffect, useMemo, useState } from 'react';
import { colourOfC } from './heatColour';
import { placedCells, type PaintedHeat } from './placedCells';
import type { PlacedCavity } from '../section/sectionLayout';

interface HeatPaintProps {
  readonly heat: PaintedHeat;
  readonly cavity: PlacedCavity;
  readonly width: number;
  readonly height: number;
  /** Told what is under the finger; undefined where it leaves. */
  readonly onPoint: (celsius: number | undefined) => void;
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
