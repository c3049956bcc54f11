import { useLocalSearchParams, useRouter } from 'expo-router';
import { JobFacts } from '@/features/job/JobFacts';
import { AddPour } from '@/features/measure/pours/AddPour';
import { useWays } from '@/ui/frame/useWays';

export function JobRoute() {
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  const { here } = useWays('/jobs');
  return (
    <>
      <AddPour onPour={(index) => router.setParams({ pour: String(index + 1) })} />
      <JobFacts
        onSheet={() => router.push({ pathname: '/jobs/[id]/sheet', params: { id, ...here } })}
      />
    </>
  );
}
