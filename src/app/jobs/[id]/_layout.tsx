import { useCallback } from 'react';
import { Slot, useLocalSearchParams, usePathname, useRouter } from 'expo-router';
import { JobDraftProvider } from '@/data/draft/JobDraftProvider';
import { useOpenRecord } from '@/data/hooks/useOpenRecord';
import { jobSteps, JobFrame, type JobStep } from '@/features/job/JobFrame';
import { NotFound } from '@/ui/frame/NotFound';

export default function JobLayout() {
  const router = useRouter();
  const path = usePathname();
  const { id } = useLocalSearchParams<{ id: string }>();
  const open = useOpenRecord(id);
  const step = jobSteps.find(({ value }) => path.endsWith(`/${value}`))?.value;
  const toList = useCallback((): void => router.navigate('/jobs'), [router]);
  const toStep = useCallback(
    (next: JobStep): void => router.navigate({ pathname: `/jobs/[id]/${next}`, params: { id } }),
    [router, id],
  );
  if (open === 'loading') return null;
  if (open === 'missing') return <NotFound onBack={toList} />;
  return (
    <JobDraftProvider key={id} {...open}>
      {step === undefined ? (
        <Slot />
      ) : (
        <JobFrame
          step={step}
          onStep={toStep}
          onBack={toList}
          onSheet={() => router.push({ pathname: '/jobs/[id]/sheet', params: { id } })}
        >
          <Slot />
        </JobFrame>
      )}
    </JobDraftProvider>
  );
}
