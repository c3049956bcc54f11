import { useMemo, type ReactNode } from 'react';
import type { HoldDown } from '@/core/holdDown/holdDownOf';
import { idOfLine } from '@/core/prepare/prepareOf';
import { useJobId, useOpenJob } from '@/data/draft/openJob';
import { isDated, useDatesOf, useTicksOf } from '@/data/hooks/useJobDays';
import { useSettled } from '@/data/hooks/useSettled';
import { useShared } from '@/data/hooks/useShared';
import { useLives } from '@/data/hooks/queries';
import { useDays } from '@/features/days/useDays';
import { usePreparedOf } from '@/features/prepare/usePrepared';
import { WorkFiguresContext, type WorkFigures } from '@/features/job/workFigures';
import { HoldDrawnContext, type HoldDrawn } from '@/ui/section/HoldMarks';
import { sayHoldFigure } from '@/words/holdDown';
import { sayAhead } from '@/words/moments';

/** What of it is drawn in the Section. */
function holdDrawn({ bodies, walls }: HoldDown): HoldDrawn {
  const lifts = bodies.filter(({ netG }) => netG > 0);
  return {
    lifting: lifts.flatMap(({ kind, pour, index }) =>
      kind === 'insert' && pour === undefined ? [index] : [],
    ),
    slabsLift: lifts.some(({ kind }) => kind === 'slab'),
    braced: walls.flatMap(({ part, braceEveryMm, spanMm, lengthMm }) =>
      braceEveryMm !== undefined || spanMm < lengthMm ? [part] : [],
    ),
  };
}

/** Tells the list of a job's work what is prepared, held down and when it is ready. */
export function WorkFiguresOfDays({ children }: { readonly children: ReactNode }) {
  const job = useJobId();
  // The plan is drawn first: nobody waits for these figures between two keys.
  const { plan, job: planned } = useSettled(useOpenJob());
  const prepared = usePreparedOf(plan, planned);
  const ticks = useTicksOf(job);
  const isInDays = isDated(useDatesOf(job));
  const { days, zone, now } = useDays(undefined, isInDays);
  const ready = days?.tasks.find((task) => task.job === job && task.kind === 'ready');
  const breaks = days?.broken.some((each) => each.job === job) ?? false;
  const { data: lives } = useLives();
  const poured = useMemo(
    () => (lives?.records ?? []).filter((each) => each.job === job),
    [lives, job],
  );
  const pours = plan?.pours.length ?? 0;
  const figures = useMemo((): WorkFigures => {
    const over = new Set(poured.filter(({ state }) => state === 'over').map((each) => each.pour))
      .size;
    const isUnderWay = poured.some(({ state }) => state === 'under-way');
    const ticked = new Set(ticks.lines.map(({ id }) => id));
    const lines = prepared?.lines ?? [];
    const done = lines.filter((line) => ticked.has(idOfLine(line))).length;
    return {
      ...(prepared === undefined
        ? {}
        : {
            hold: { figure: sayHoldFigure(prepared.holdDown), isDone: true },
            prepare: {
              figure: `${done} of ${lines.length}`,
              isDone: lines.length > 0 && done === lines.length,
            },
          }),
      pour: {
        figure: isUnderWay
          ? 'under way'
          : over === 0
            ? 'not yet'
            : pours > 1
              ? `${over} of ${pours} poured`
              : 'poured',
        isDone: pours > 0 && over >= pours,
        isUnderWay,
      },
      days: {
        figure: !isInDays
          ? 'no date yet'
          : breaks
            ? 'something does not fit'
            : ready === undefined
              ? ''
              : `ready ${sayAhead(ready.from, now, zone)}`,
        isDone: isInDays,
      },
    };
  }, [prepared, ticks, isInDays, ready, breaks, now, zone, poured, pours]);
  const hold = useMemo(
    (): HoldDrawn | undefined => prepared && holdDrawn(prepared.holdDown),
    [prepared],
  );
  return (
    <WorkFiguresContext value={useShared(figures)}>
      <HoldDrawnContext value={useShared(hold)}>{children}</HoldDrawnContext>
    </WorkFiguresContext>
  );
}
