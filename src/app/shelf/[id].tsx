import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { InputError } from '@/core/problem';
import type { Resin } from '@/core/resin/resinSchema';
import { cardOfLink } from '@/data/files/cardLinks';
import { useResins } from '@/data/hooks/queries';
import { ResinCardScreen } from '@/features/shelf/card/ResinCardScreen';
import { SharedCardProblem } from '@/features/shelf/card/SharedCardProblem';
import { NotFound } from '@/ui/frame/NotFound';

/** `new` stands in place of an id for a card that is not on the shelf yet. */
const newCard = 'new';

/** The card that the address holds, if it holds one. */
function sharedCard(): Resin | InputError | undefined {
  try {
    return cardOfLink(window.location.hash);
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

export default function ResinRoute() {
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  const { data: resins } = useResins();
  const [shared] = useState(sharedCard);
  const toShelf = (): void => router.navigate('/shelf');
  const done = (): void => (router.canGoBack() ? router.back() : toShelf());
  if (resins === undefined) return null;
  if (id === newCard) {
    if (shared instanceof InputError)
      return <SharedCardProblem problem={shared} onBack={toShelf} />;
    return <ResinCardScreen {...(shared === undefined ? {} : { shared })} onDone={done} />;
  }
  const record = resins.records.find((each) => each.id === id);
  if (record === undefined) return <NotFound onBack={toShelf} />;
  return <ResinCardScreen key={id} record={record} onDone={done} />;
}
