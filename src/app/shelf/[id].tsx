import { useLocalSearchParams, useRouter } from 'expo-router';
import { useResins } from '@/data/hooks/queries';
import { NotFound } from '@/ui/frame/NotFound';
import { ResinCardScreen } from '@/features/shelf/ResinCardScreen';

/** `new` stands in place of an id for a card that is not on the shelf yet. */
const newCard = 'new';

export default function ResinRoute() {
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  const { data: resins } = useResins();
  const done = (): void => (router.canGoBack() ? router.back() : router.navigate('/shelf'));
  if (resins === undefined) return null;
  if (id === newCard) return <ResinCardScreen onDone={done} />;
  const record = resins.records.find((each) => each.id === id);
  if (record === undefined) return <NotFound onBack={() => router.navigate('/shelf')} />;
  return <ResinCardScreen key={id} record={record} onDone={done} />;
}
