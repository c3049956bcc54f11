import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { InputError } from '@/core/problem';
import type { Resin } from '@/core/resin/resinSchema';
import { resinOfLabel } from '@/data/draft/quickMix';
import { cardOfLink } from '@/data/links/cardLinks';
import { isNotOpen, useOpen } from '@/data/hooks/useOpenRecord';
import { resins } from '@/data/kinds/kinds';
import { OwnPaceOfCard } from '@/features/learn/OwnPaceOfCard';
import { NotOpened } from '@/features/keeping/NotOpened';
import { useWays } from '@/ui/frame/useWays';
import { hashOfAddress } from '@/places/firstHash';
import { ResinCardScreen } from '@/features/shelf/card/ResinCardScreen';
import { SharedCardProblem } from '@/features/shelf/card/SharedCardProblem';

/** `new` stands in place of an id for a card that is not on the shelf yet. */
const newCard = 'new';

/** The ratio off a label that a card begins with; an address that holds none begins an empty one. */
interface Begun {
  readonly ratio?: string;
  readonly by?: string;
}

/** The card that the address holds or begins, if it does. */
function sharedCard({ ratio, by }: Begun): Resin | InputError | undefined {
  try {
    const shared = cardOfLink(hashOfAddress());
    if (shared !== undefined || ratio === undefined) return shared;
    const begun = resinOfLabel({ ratio, by: by === 'weight' ? by : 'volume' });
    return 'code' in begun ? undefined : begun;
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

export function CardRoute() {
  const { id, ratio, by } = useLocalSearchParams<{ id: string; ratio?: string; by?: string }>();
  const isNew = id === newCard;
  const open = useOpen(resins, id);
  const [shared] = useState(() => sharedCard({ ratio, by }));
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
  return (
    <ResinCardScreen
      key={id}
      of={resins.collection.key(id)}
      {...open}
      onDone={back}
      ownShop={(name, used, onUse) => <OwnPaceOfCard name={name} used={used} onUse={onUse} />}
    />
  );
}
