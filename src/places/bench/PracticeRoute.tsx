import { useLocalSearchParams } from 'expo-router';
import { PracticeBench } from '@/features/bench/PracticeBench';
import { useWays } from '@/ui/frame/useWays';

export function PracticeRoute() {
  const { job = '', pour } = useLocalSearchParams<{ job?: string; pour?: string }>();
  const { back } = useWays('/jobs');
  return (
    <PracticeBench
      key={`${job}/${pour}`}
      job={job}
      pour={Math.max(0, (Number(pour) || 1) - 1)}
      onLeave={back}
    />
  );
}
