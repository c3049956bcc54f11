import { useCallback, useMemo } from 'react';
import {
  Navigator,
  Slot,
  useGlobalSearchParams,
  useLocalSearchParams,
  usePathname,
  useRouter,
} from 'expo-router';
import { JobDraftProvider } from '@/data/draft/JobDraftProvider';
import { isNotOpen, useOpenJobRecord } from '@/data/hooks/useOpenRecord';
import { Mishap } from '@/features/keeping/Mishap';
import { CuringPours } from '@/features/bench/cure/CuringPours';
import { JobFrame } from '@/features/job/JobFrame';
import { NotOpened } from '@/features/keeping/NotOpened';
import { useWays } from '@/ui/frame/useWays';
import { JobStrip } from '@/features/days/JobStrip';
import { WorkFiguresOfDays } from './WorkFiguresOfDays';
import { stepAt, type JobStep } from '@/features/job/steps';

/** One and the same element: what is kept of the job may change without its step being drawn anew. */
const openStep = (
  <Navigator>
    <Mishap>
      <Slot />
    </Mishap>
  </Navigator>
);

export function JobLayout() {
  const router = useRouter();
  const path = usePathname();
  const { id } = useLocalSearchParams<{ id: string }>();
  // It is of the step's own address, which the frame round it does not hear of by itself.
  const { pour, from } = useGlobalSearchParams<{ pour?: string; from?: string }>();
  const { back } = useWays('/jobs');
  /** Counted from 1 in the address, as people count. */
  const pourIndex = Math.max(0, (Number(pour) || 1) - 1);
  const open = useOpenJobRecord(id);
  const step = stepAt(path)?.value;
  const isHub = path === `/jobs/${id}`;
  const paramsOf = useCallback(
    (index: number) => ({
      id,
      ...(index === 0 ? {} : { pour: String(index + 1) }),
      ...(from === undefined ? {} : { from }),
    }),
    [id, from],
  );
  const toStep = useCallback(
    (next: JobStep, index: number): void =>
      router.navigate({ pathname: `/jobs/[id]/${next}`, params: paramsOf(index) }),
    [router, paramsOf],
  );
  const toHub = useCallback(
    (): void => router.navigate({ pathname: '/jobs/[id]', params: paramsOf(pourIndex) }),
    [router, paramsOf, pourIndex],
  );
  const toPour = useCallback(
    (index: number): void => router.setParams({ pour: String(index + 1) }),
    [router],
  );
  // The same element for every plan.
  const strip = useMemo(
    () => (
      <>
        <JobStrip />
        <CuringPours
          job={id}
          onPour={(live) =>
            router.push({
              pathname: '/bench/[id]/cure',
              params: { id: live, from: `/jobs/${id}` },
            })
          }
        />
      </>
    ),
    [id, router],
  );
  if (isNotOpen(open)) return <NotOpened open={open} onBack={back} />;
  return (
    <JobDraftProvider key={id} {...open} pourIndex={pourIndex}>
      {step === undefined && !isHub ? (
        <Slot />
      ) : (
        <WorkFiguresOfDays>
          <JobFrame
            step={step}
            onStep={toStep}
            onPour={toPour}
            onHub={toHub}
            onBack={back}
            strip={strip}
          >
            {openStep}
          </JobFrame>
        </WorkFiguresOfDays>
      )}
    </JobDraftProvider>
  );
}
