import { useLocalSearchParams, useRouter } from 'expo-router';
import { TraceScreen } from '@/features/trace/TraceScreen';

export default function TraceRoute() {
  const router = useRouter();
  const { id, of, index, face } = useLocalSearchParams<{
    id: string;
    of: string;
    index: string;
    face?: string;
  }>();
  const place = of === 'inserts' ? 'measure.inserts' : 'measure.parts';
  const part = `${place}.${Number(index ?? 0)}` as const;
  return (
    <TraceScreen
      place={face === undefined ? part : `${part}.face`}
      onBack={() => router.navigate({ pathname: '/jobs/[id]/measure', params: { id } })}
    />
  );
}
