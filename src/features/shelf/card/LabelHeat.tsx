import { useEffect, useState } from 'react';
import type { CardCalibration } from '../../../core/plan/heat/calibrationOf';
import { hasHeat } from '../../../core/resin/families';
import type { Resin } from '../../../core/resin/resinSchema';
import { InputError, type Problem } from '../../../core/problem';
import { useCalibrator } from '../../../data/hooks/DataProvider';
import { WorkProblem } from '../../../ui/feedback/WorkProblem';
import { Panel } from '../../../ui/Panel';
import { Words } from '../../../ui/text/Words';
import { heatIsEstimate, sayCalibration, sayPace } from '../../../words/heat';
import { sayProblem } from '../../../words/problems';

/** Typing goes on for longer than this between two keys, ms. */
const pauseMs = 250;

/**
 * What the heat model makes of a card as it is typed; what was told stays until there is something newer.
 * @param cardText the card as JSON: the same text asks nothing anew; undefined while it is not whole
 */
function useCardCalibrations(cardText: string | undefined) {
  const calibrate = useCalibrator();
  const [found, setFound] = useState<readonly CardCalibration[]>();
  const [problem, setProblem] = useState<Problem>();
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    if (cardText === undefined) return undefined;
    let overtaken = false;
    const timer = setTimeout(() => {
      // What was checked is a card.
      calibrate([JSON.parse(cardText) as Resin]).then(
        ([calibrations]) => {
          if (overtaken) return;
          setFound(calibrations);
          setProblem(undefined);
        },
        (error: unknown) => {
          if (!(error instanceof InputError)) throw error;
          if (!overtaken) setProblem(error);
        },
      );
    }, pauseMs);
    return () => {
      overtaken = true;
      clearTimeout(timer);
    };
  }, [cardText, calibrate, turn]);
  return { found, problem, again: () => setTurn(turn + 1) };
}

/** What the heat model makes of the label, with each hardener: fitted, assumed, contradicted. */
export function LabelHeat({ card }: { readonly card: Resin }) {
  const { family } = card;
  // Only what can go into it: a price, a lot or a note asks nothing anew.
  const { kits: _, lots: __, notes: ___, ...label } = card;
  const {
    found,
    problem: lost,
    again,
  } = useCardCalibrations(hasHeat(family) ? JSON.stringify({ ...label, name: '' }) : undefined);
  if (!hasHeat(family)) return null;
  return (
    <Panel title="Heat, from the label" testID="label-heat">
      {lost !== undefined ? (
        <WorkProblem problem={lost} onAgain={again} />
      ) : found === undefined ? (
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
