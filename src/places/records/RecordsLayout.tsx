import { useRouter } from 'expo-router';
import { JobTabs, jobPaths } from '@/features/record/JobTabs';
import { RecordListScreen } from '@/features/record/RecordListScreen';
import { ListLayout } from '@/ui/frame/ListLayout';

export function RecordsLayout() {
  const router = useRouter();
  return (
    <ListLayout
      path="/records"
      list={
        <RecordListScreen
          tabs={<JobTabs here="records" onChange={(list) => router.navigate(jobPaths[list])} />}
          onNew={() => router.push('/records/by-hand')}
          onLearned={() => router.push('/records/learned')}
          onOpen={(id) => router.push({ pathname: '/records/[id]', params: { id } })}
        />
      }
    />
  );
}
