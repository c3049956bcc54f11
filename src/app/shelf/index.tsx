import { NothingSelected } from '@/ui/frame/NothingSelected';

/** At the right of the list, on a wide screen. */
export default function ShelfRoute() {
  return <NothingSelected what="a resin" />;
}
