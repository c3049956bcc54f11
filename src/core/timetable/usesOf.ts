import type { ResolvedJob } from '../job/resolveJob';
import type { Plan, PourPlan } from '../plan/planTypes';
import { demouldTaskId, pourTaskId } from './taskIds';
import type { TaskSpec, Use } from './tasks';

/** The last pour that fills: the form stays until it is out. */
export const lastFillOf = ({ pours }: Plan): PourPlan | undefined =>
  [...pours].reverse().find(({ role }) => role === 'fill');

/** What a job has to itself: a mould until its casting is out, clamps until the form comes apart. */
export function usesOf(
  { pours }: ResolvedJob,
  plan: Plan,
  tasks: readonly TaskSpec[],
  clamps: number,
): readonly Use[] {
  const has = (id: string): boolean => tasks.some((task) => task.id === id);
  const moulds = pours.flatMap(({ said, index }): readonly Use[] => {
    const pour = plan.pours[index]!;
    const out = demouldTaskId(pour);
    if (!has(out)) return [];
    return (said.measure?.parts ?? []).flatMap((part) =>
      part.shape === 'mould' && part.mould.id !== undefined
        ? [
            {
              what: part.mould.name,
              kind: 'mould',
              count: 1,
              fromTask: pourTaskId(pour, 0),
              untilTask: out,
            } as const,
          ]
        : [],
    );
  });
  const [first] = plan.pours;
  const lastFill = lastFillOf(plan);
  const until = lastFill && demouldTaskId(lastFill);
  return clamps === 0 || first === undefined || until === undefined || !has(until)
    ? moulds
    : [
        ...moulds,
        {
          what: 'clamps',
          kind: 'clamps',
          count: clamps,
          fromTask: pourTaskId(first, 0),
          untilTask: until,
        },
      ];
}
