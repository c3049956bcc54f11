import { useLocalSearchParams, useRouter } from 'expo-router';
import { mouldOfJob } from '@/core/plan/mouldOfJob';
import { useOpenJob } from '@/data/draft/openJob';
import { useShelf } from '@/data/hooks/queries';
import { moulds } from '@/data/kinds/kinds';
import { MouldScreen } from '@/features/moulds/MouldScreen';
import { NotFound } from '@/ui/frame/NotFound';
import { useWays } from '@/ui/frame/useWays';

/** A mould made of what the open job measures: of one cavity, or of all. */
export function KeepMouldRoute() {
  const router = useRouter();
  const { id, part, from } = useLocalSearchParams<{ id: string; part?: string; from?: string }>();
  const { job } = useOpenJob();
  const shelf = useShelf();
  const { back } = useWays({ pathname: '/jobs/[id]/measure', params: { id } });
  if (job === undefined) return <NotFound onBack={back} />;
  return (
    <MouldScreen
      of={moulds.collection.key('')}
      measured={mouldOfJob(job, shelf, part === undefined ? undefined : Number(part))}
      onDone={back}
      onOpenJob={(next) =>
        router.navigate({
          pathname: '/jobs/[id]/measure',
          params: { id: next, ...(from === undefined ? {} : { from }) },
        })
      }
    />
  );
}
