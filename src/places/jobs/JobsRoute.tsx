import { useRouter } from 'expo-router';
import { JobListScreen } from '@/features/jobs/JobListScreen';

export function JobsRoute() {
  const router = useRouter();
  return (
    <JobListScreen
      onOpen={(id) => router.push({ pathname: '/jobs/[id]', params: { id } })}
      onNew={(id) => router.push({ pathname: '/jobs/[id]/measure', params: { id } })}
    />
  );
}
