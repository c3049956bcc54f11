import { useLocalSearchParams, useRouter } from 'expo-router';
import { isNotOpen, useOpen } from '@/data/hooks/useOpenRecord';
import { moulds } from '@/data/kinds/kinds';
import { NotOpened } from '@/features/keeping/NotOpened';
import { useWays } from '@/ui/frame/useWays';
import { MouldScreen } from '@/features/moulds/MouldScreen';

/** `new` stands in place of an id for a mould that is not in the library yet. */
const newMould = 'new';

export function MouldRoute() {
  const router = useRouter();
  const { here, back } = useWays('/moulds');
  const { id } = useLocalSearchParams<{ id: string }>();
  const open = useOpen(moulds, id);
  const ways = {
    onDone: back,
    onOpenJob: (job: string) =>
      router.navigate({ pathname: '/jobs/[id]/measure', params: { id: job, ...here } }),
  };
  const of = moulds.collection.key(id === newMould ? '' : id);
  if (id === newMould) return <MouldScreen of={of} {...ways} />;
  if (isNotOpen(open)) return <NotOpened open={open} onBack={back} />;
  return <MouldScreen key={id} of={of} {...open} {...ways} />;
}
