import { NothingSelected } from '@/ui/frame/NothingSelected';

/** At the right of the list, on a wide screen. */
export function RecordsRoute() {
  return <NothingSelected what="a record" />;
}
