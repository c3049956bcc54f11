import { useRouter } from 'expo-router';
import { JobTabs, jobPaths } from '@/features/record/JobTabs';
import { JobListScreen } from '@/features/jobs/JobListScreen';

export function JobsRoute() {
  const router = useRouter();
  return (
    <JobListScreen
      tabs={<JobTabs here="jobs" onChange={(list) => router.navigate(jobPaths[list])} />}
      onOpen={(id) => router.push({ pathname: '/jobs/[id]', params: { id } })}
      onTake={() => router.push('/take')}
      onNew={(id) => router.push({ pathname: '/jobs/[id]/measure', params: { id } })}
    />
  );
}
