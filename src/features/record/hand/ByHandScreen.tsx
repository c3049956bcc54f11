import { handOf, handSchema, newHand, type Hand } from '../../../core/record/byHand';
import { CardDraftProvider, useCardDraft } from '../../../data/draft/cardDraft';
import { useStoredCard } from '../../../data/draft/useStoredCard';
import { useTypedDraft } from '../../../data/drafts/useTypedDraft';
import { useOfferedResins } from '../../../data/hooks/useOfferedResins';
import type { KeptPiece } from '../../../data/records/pieceRecord';
import { idOfKey } from '../../../data/store/versions';
import { CardFrame } from '../../../ui/frame/CardFrame';
import { Words } from '../../../ui/text/Words';
import { ownZone } from '../../../ui/useNow';
import { HandFields } from './HandFields';
import { useHandActions } from './useHandActions';

interface ByHandScreenProps {
  /** The record to put right; left out for a new one, or where it is gone and only what was typed is left. */
  readonly record?: KeptPiece | undefined;
  readonly gone?: boolean;
  /** The key of the record; of a new one, without an id. */
  readonly of: string;
  /** Which of its pours, counted from 0. */
  readonly pour: number;
  readonly onBack: () => void;
  readonly onSaved: (id: string) => void;
}

/** A piece that was made without the bench, or put right afterwards: whatever of it is known. */
export function ByHandScreen({
  record,
  gone = false,
  of,
  pour,
  onBack,
  onSaved,
}: ByHandScreenProps) {
  const [resin] = useOfferedResins();
  const actions = useHandActions();
  const beside = useTypedDraft(of);
  const draftOf = (kept: KeptPiece | undefined): Hand =>
    kept === undefined ? newHand(resin) : handOf(kept.piece, pour, ownZone());
  const typing = useCardDraft<Hand, typeof handSchema>(
    () => ({ ...draftOf(record), ...(beside.found?.values as Partial<Hand> | undefined) }),
    handSchema,
    (typed) => typed,
  );
  const { form, draft, card, problems, asked } = typing;
  const stored = useStoredCard<Hand, Hand, KeptPiece>({
    form,
    id: idOfKey(of),
    beside,
    record,
    gone,
    actions,
    draftOf,
  });
  const isNew = record === undefined && !gone;
  const save = async (): Promise<void> => {
    typing.ask();
    if (card === undefined) return;
    const saved = await stored.save(draft);
    if (saved !== undefined) onSaved(saved.id);
  };
  return (
    <CardFrame
      title={isNew ? 'A record by hand' : draft.name || 'Record'}
      isNew={isNew}
      isTyped={stored.isTyped}
      conflict={stored.conflict}
      resumed={beside.found !== undefined}
      wrong={asked ? problems.length : 0}
      saveLabel={isNew ? 'Keep the record' : 'Save the record'}
      onSave={() => void save()}
      onKeepMine={() => {
        stored.keepMine();
        void save();
      }}
      onStartAfresh={() => void stored.startAfresh()}
      onBack={onBack}
    >
      <Words colour="inkSoft">
        {isNew
          ? 'Whatever you know of it; the rest stays empty. A name, a resin and what was weighed tell most.'
          : 'What you change stands from then on, whatever the bench wrote.'}
      </Words>
      <CardDraftProvider of={typing}>
        <HandFields />
      </CardDraftProvider>
    </CardFrame>
  );
}
