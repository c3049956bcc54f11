import { useLocalSearchParams, useRouter } from 'expo-router';
import { useJobs, useOne } from '@/data/hooks/queries';
import { pieces } from '@/data/kinds/kinds';
import { RecordScreen } from '@/features/record/RecordScreen';
import { NoRecord } from '@/features/record/NoRecord';
import { useWays } from '@/ui/frame/useWays';

export function RecordRoute() {
  const router = useRouter();
  const { here, back } = useWays('/records');
  const { id } = useLocalSearchParams<{ id: string }>();
  const { data } = useOne(pieces, id);
  const jobs = useJobs().data?.records;
  if (data === undefined || jobs === undefined) return null;
  const { record } = data;
  if (record === undefined) return <NoRecord onBack={back} />;
  const job = jobs.find((each) => each.id === record.piece.job)?.id;
  return (
    <RecordScreen
      key={id}
      record={record}
      onBack={back}
      job={job}
      onByHand={(pour) =>
        router.push({ pathname: '/records/by-hand', params: { id, pour, ...here } })
      }
      onJob={(of) => router.navigate({ pathname: '/jobs/[id]', params: { id: of, ...here } })}
    />
  );
}
