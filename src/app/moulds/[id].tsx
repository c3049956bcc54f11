import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMoulds } from '@/data/hooks/queries';
import { MouldScreen } from '@/features/moulds/MouldScreen';
import { NotFound } from '@/ui/frame/NotFound';

/** `new` stands in place of an id for a mould that is not in the library yet. */
const newMould = 'new';

export default function MouldRoute() {
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  const { data: moulds } = useMoulds();
  const ways = {
    onDone: () => (router.canGoBack() ? router.back() : router.navigate('/moulds')),
    onOpenJob: (job: string) =>
      router.navigate({ pathname: '/jobs/[id]/measure', params: { id: job } }),
  };
  if (moulds === undefined) return null;
  if (id === newMould) return <MouldScreen {...ways} />;
  const record = moulds.records.find((each) => each.id === id);
  if (record === undefined) return <NotFound onBack={() => router.navigate('/moulds')} />;
  return <MouldScreen key={id} record={record} {...ways} />;
}
