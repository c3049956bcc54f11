import { useState } from 'react';
import { InputError } from '../../core/problem';
import { useAutosave } from '../../data/hooks/useAutosave';
import { usePieceActions } from '../../data/hooks/usePieceActions';
import type { KeptPiece } from '../../data/records/pieceRecord';
import { keptPieceOf, pieceCollection } from '../../data/repositories';
import { TextField } from '../../ui/fields/TextField';

const longest = 5000;

/** What a person has to say of a piece: kept as they type. */
export function Notes({ record }: { readonly record: KeptPiece }) {
  const { id, piece } = record;
  const [typed, setTyped] = useState(piece.notes);
  const { change } = usePieceActions();
  const autosave = useAutosave<string>({
    changesOf: (notes) => [
      pieceCollection.change(keptPieceOf({ ...piece, notes }, record), record),
    ],
    // The bench, or another window, was first: it goes over what they wrote.
    onRefused: (_, notes) => void change(id, (before) => ({ ...before, notes })),
  });
  return (
    <TextField
      label="Notes"
      value={typed}
      problem={
        typed.length > longest ? new InputError('too-long', typed.length, { longest }) : undefined
      }
      onChange={(text) => {
        setTyped(text);
        // Longer than a record holds it is told, and what was kept before stays.
        if (text.length <= longest) autosave.request(text);
      }}
      multiline
    />
  );
}
