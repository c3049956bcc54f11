import { useLocalSearchParams } from 'expo-router';
import { TraceScreen } from '@/features/trace/TraceScreen';
import { useWays } from '@/ui/frame/useWays';

export function TraceRoute() {
  const { id, of, index, face } = useLocalSearchParams<{
    id: string;
    of: string;
    index: string;
    face?: string;
  }>();
  const { back } = useWays({ pathname: '/jobs/[id]/measure', params: { id } });
  const place = of === 'inserts' ? 'measure.inserts' : 'measure.parts';
  const part = `${place}.${Number(index ?? 0)}` as const;
  return <TraceScreen place={face === undefined ? part : `${part}.face`} onBack={back} />;
}
