import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { InputError } from '@/core/problem';
import type { Resin } from '@/core/resin/resinSchema';
import { cardOfLink } from '@/data/files/cardLinks';
import { isNotOpen, useOpen } from '@/data/hooks/useOpenRecord';
import { resins } from '@/data/kinds/kinds';
import { NotOpened } from '@/features/keeping/NotOpened';
import { useWays } from '@/ui/frame/useWays';
import { ResinCardScreen } from '@/features/shelf/card/ResinCardScreen';
import { SharedCardProblem } from '@/features/shelf/card/SharedCardProblem';

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

export function CardRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const isNew = id === newCard;
  const open = useOpen(resins, id);
  const [shared] = useState(sharedCard);
  const { back } = useWays('/shelf');
  if (open === 'loading') return null;
  if (isNew) {
    if (shared instanceof InputError) return <SharedCardProblem problem={shared} onBack={back} />;
    return (
      <ResinCardScreen
        of={resins.collection.key('')}
        {...(shared === undefined ? {} : { shared })}
        onDone={back}
      />
    );
  }
  if (isNotOpen(open)) return <NotOpened open={open} onBack={back} />;
  return <ResinCardScreen key={id} of={resins.collection.key(id)} {...open} onDone={back} />;
}
