import { NothingSelected } from '@/ui/frame/NothingSelected';

/** At the right of the list, on a wide screen. */
export function MouldsRoute() {
  return <NothingSelected what="a mould" />;
}
