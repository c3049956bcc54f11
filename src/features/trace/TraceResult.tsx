import { useDeferredValue, useMemo } from 'react';
import { isIsland } from '../../core/measure/outline/traceEdit';
import type { TypedScale } from '../../core/measure/parts/outlineSchemas';
import { readTrace } from '../../core/measure/parts/readTrace';
import { Words } from '../../ui/text/Words';
import { sayArea } from '../../words/figures';
import { sayProblem } from '../../words/problems';

/** What is traced so far, or what is missing. */
export function TraceResult({
  scale,
  outlines,
}: {
  readonly scale: TypedScale;
  readonly outlines: readonly (readonly number[])[];
}) {
  const settled = useDeferredValue(outlines);
  const found = useMemo(() => readTrace(settled, scale), [settled, scale]);
  const islands = settled.filter((_, index) => isIsland(settled, index)).length;
  if ('problem' in found) {
    return (
      <Words role="status" size="small">
        {found.problem.code === 'no-outlines'
          ? 'Tap round the cavity, point by point. Islands inside it are outlines of their own.'
          : sayProblem(found.problem)}
      </Words>
    );
  }
  return (
    <Words role="status" weight="semibold">
      {sayArea(found.areaMm2)} ±{'\u00a0'}
      {sayArea(found.plusMinusMm2)}
      {islands > 0 && `, ${islands} ${islands === 1 ? 'island' : 'islands'} taken out`}
    </Words>
  );
}
