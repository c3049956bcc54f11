import { useLocalSearchParams, useRouter } from 'expo-router';
import { useOne } from '@/data/hooks/queries';
import { pieces } from '@/data/kinds/kinds';
import { ByHandScreen } from '@/features/record/hand/ByHandScreen';
import { NoRecord } from '@/features/record/NoRecord';
import { useWays } from '@/ui/frame/useWays';

/** A record that is written by hand: a new one, or a pour of one that is there. */
export function ByHandRoute() {
  const router = useRouter();
  const { here, back } = useWays('/records');
  const { id = '', pour = '0' } = useLocalSearchParams<{ id?: string; pour?: string }>();
  const { data } = useOne(pieces, id);
  const ways = {
    of: pieces.collection.key(id),
    pour: Number(pour) || 0,
    onBack: back,
    onSaved: (saved: string) =>
      id === ''
        ? router.replace({ pathname: '/records/[id]', params: { id: saved, ...here } })
        : back(),
  };
  if (id === '') return <ByHandScreen {...ways} />;
  if (data === undefined) return null;
  if (data.record === undefined) return <NoRecord onBack={back} />;
  return <ByHandScreen key={id} record={data.record} {...ways} />;
}
