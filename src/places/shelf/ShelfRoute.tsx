import { NothingSelected } from '@/ui/frame/NothingSelected';

/** At the right of the list, on a wide screen. */
export function ShelfRoute() {
  return <NothingSelected what="a resin" />;
}
