import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job } from '../../core/job/jobSchema';
import { holdLayers } from '../../core/plan/heat/holdLayers';
import { planJob } from '../../core/plan/planJob';
import { InputError, type Problem } from '../../core/problem';
import { checkJob } from '../../core/job/readJob';
import { roomTemperatureRule, timeRule } from '../../core/quantity/rules';
import { undersides, type Underside } from '../../core/thermal/heatSchema';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { undersideNames } from '../../words/heat';
import { WorkProblem } from '../../ui/feedback/WorkProblem';
import { useHeat } from '../../workers/useHeat';
import type { HeatAnswer, HeatRequest } from '../../workers/heatWorker';
import { ComparedCurves } from '../../ui/chart/ComparedCurves';
import { ComparedFigures } from './ComparedFigures';
import { jobPour } from '../../core/job/jobPour';

type Followed = Extract<HeatAnswer, { readonly view: unknown }>;

/** What is tried in place of the job's own; empty: as planned. */
interface Trial {
  readonly room: string;
  readonly fan: string;
  readonly underside: Underside | undefined;
  /** Place of a resin on the shelf. */
  readonly resin: string;
}

const asPlanned = 'planned';
const nothingTried: Trial = { room: '', fan: '', underside: undefined, resin: asPlanned };

/** The job with what is tried put into its pour; a day's curve gives way to a room that is typed. */
function tried(job: Job, index: number, trial: Trial, shelf: HeatRequest['shelf']): unknown {
  const own = jobPour(job, index);
  const { day, ...heat } = own.heat ?? {};
  const card = shelf.resins[Number(trial.resin)];
  const change = {
    ...(trial.room === '' ? {} : { room: { temperature: trial.room } }),
    ...(trial.resin === asPlanned || card === undefined
      ? {}
      : { resin: card, hardener: undefined }),
    heat: {
      ...heat,
      ...(trial.room === '' && day !== undefined ? { day } : {}),
      ...(trial.fan === '' ? {} : { fan: trial.fan }),
      ...(trial.underside === undefined ? {} : { underside: trial.underside }),
    },
  };
  // What the job says for all would come through again.
  const others = { ...job, heat: undefined };
  const pours = job.pours.map((pour, at) =>
    at === index ? { ...pour, ...change } : { ...pour, heat: jobPour(job, at).heat },
  );
  return { ...others, pours };
}

/** Plans what is tried, in the layers that are planned; what is wrong with it comes back as a problem. */
function triedRequest(base: HeatRequest, trial: Trial): HeatRequest | Problem {
  const { value: job, problems } = checkJob(
    tried(holdLayers(base.job, base.plan, base.pour), base.pour, trial, base.shelf),
  );
  if (job === undefined) return problems[0]!;
  try {
    return { ...base, job, plan: planJob(job, base.shelf) };
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

/** Two settings side by side: as planned, and with something else. */
export function WhatIf({
  request,
  planned,
}: {
  readonly request: HeatRequest;
  readonly planned: Followed;
}) {
  const [trial, setTrial] = useState(nothingTried);
  const asked = useMemo(() => triedRequest(request, trial), [request, trial]);
  const problem = 'code' in asked ? asked : undefined;
  const { answer, problem: lost, again } = useHeat('code' in asked ? undefined : asked, 'figures');
  const change = (next: Partial<Trial>): void => setTrial({ ...trial, ...next });
  const wrong = (field: string): Problem | undefined =>
    problem?.field === field || problem?.field === `pours[${request.pour}].${field}`
      ? problem
      : undefined;
  const elsewhere =
    lost ??
    (problem !== undefined && !fieldsHere.some((each) => wrong(each)) ? problem : undefined);
  return (
    <View style={styles.stack}>
      <FieldRow>
        <QuantityField
          label="If the room were"
          value={trial.room}
          onChange={(room) => change({ room })}
          unit="°C"
          rule={roomTemperatureRule}
          problem={wrong('room.temperature')}
        />
        <QuantityField
          label="With a fan for"
          value={trial.fan}
          onChange={(fan) => change({ fan })}
          unit="h"
          rule={timeRule}
          problem={wrong('heat.fan')}
        />
      </FieldRow>
      <ChoiceField
        label="Standing"
        value={trial.underside ?? asPlanned}
        choices={[
          { value: asPlanned, label: 'As planned' },
          ...undersides
            .filter((each) => each !== 'plate')
            .map((value) => ({ value, label: undersideNames[value] })),
        ]}
        onChange={(value) =>
          change({ underside: value === asPlanned ? undefined : (value as Underside) })
        }
      />
      {request.shelf.resins.length > 0 && (
        <ChoiceField
          label="Resin"
          value={trial.resin}
          choices={[
            { value: asPlanned, label: 'As planned' },
            ...request.shelf.resins.map(({ name }, at) => ({ value: String(at), label: name })),
          ]}
          onChange={(resin) => change({ resin })}
        />
      )}
      {elsewhere !== undefined && <WorkProblem problem={elsewhere} onAgain={again} />}
      {answer !== undefined && 'view' in answer && (
        <>
          <ComparedFigures planned={planned.plan} tried={answer.plan} />
          <ComparedCurves
            planned={planned.view}
            tried={answer.view}
            plans={[planned.plan, answer.plan]}
          />
        </>
      )}
      {answer !== undefined && !('view' in answer) && (
        <Words>Heat is not worked out for this resin.</Words>
      )}
    </View>
  );
}

const fieldsHere = ['room.temperature', 'heat.fan'];

const styles = StyleSheet.create({ stack: { gap: space.medium } });
