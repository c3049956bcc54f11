import { hasHeat } from '../../../core/resin/families';
import type { Resin } from '../../../core/resin/resinSchema';
import { Panel } from '../../../ui/Panel';
import { Words } from '../../../ui/text/Words';
import { heatIsEstimate, sayCalibration, sayPace } from '../../../words/heat';
import { sayProblem } from '../../../words/problems';
import { useCardCalibrations } from '../../../workers/useCardCalibrations';

/** What the heat model makes of the label, with each hardener: fitted, assumed, contradicted. */
export function LabelHeat({ card }: { readonly card: Resin }) {
  const { family } = card;
  // Only what can go into it: a price, a lot or a note asks nothing anew.
  const { kits: _, lots: __, notes: ___, ...label } = card;
  const found = useCardCalibrations(
    hasHeat(family) ? JSON.stringify({ ...label, name: '' }) : undefined,
  );
  if (!hasHeat(family)) return null;
  return (
    <Panel title="Heat, from the label" testID="label-heat">
      {found === undefined ? (
        <Words colour="inkSoft">Working it out …</Words>
      ) : (
        found.map(({ hardenerName: name, calibration, problem }) => (
          <Words key={name} {...(problem === undefined ? {} : { colour: 'stop', role: 'alert' })}>
            {found.length > 1 ? `${name}: ` : ''}
            {calibration === undefined
              ? problem && sayProblem(problem)
              : `${sayCalibration(calibration)} ${sayPace(calibration)}`}
          </Words>
        ))
      )}
      <Words size="small" colour="inkSoft">
        {heatIsEstimate}
      </Words>
    </Panel>
  );
}
