import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { diagnose, type Cause } from '../../core/diagnose/diagnose';
import type { PieceRecord } from '../../core/record/recordSchema';
import { download, fileNameOf } from '../../data/files/download';
import { recordFileText } from '../../data/files/recordFile';
import { useOne, useResins } from '../../data/hooks/queries';
import { useJobActions } from '../../data/hooks/useJobActions';
import { withLesson } from '../../data/draft/jobOfRecord';
import { jobs as jobKind } from '../../data/kinds/kinds';
import type { CauseCode } from '../../core/diagnose/causeCodes';
import { usePieceActions } from '../../data/hooks/usePieceActions';
import type { KeptPiece } from '../../data/records/pieceRecord';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { Lines } from '../../ui/fields/Lines';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Screen } from '../../ui/frame/Screen';
import { LabelFold } from '../../ui/paper/LabelFold';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { ownZone } from '../../ui/useNow';
import { causeWords, sayEvidence } from '../../words/diagnosis';
import { capital } from '../../words/figures';
import { sayDate, sayRecordFaults, sayWeight } from '../../words/record';
import { BesideAnother } from './BesideAnother';
import { Faults } from './Faults';
import { Notes } from './Notes';
import { Photos } from './Photos';
import { countOf, PourOfRecord } from './PourOfRecord';
import { Why } from './Why';

interface RecordScreenProps {
  readonly record: KeptPiece;
  readonly onBack: () => void;
  /** Its job; undefined where that is gone. */
  readonly job: string | undefined;
  readonly onJob: (id: string) => void;
  /** Puts a pour right by hand, counted from 0. */
  readonly onByHand: (pour: number) => void;
}

const ratings = [
  { value: '', label: 'not rated' },
  ...[5, 4, 3, 2, 1].map((rating) => ({ value: String(rating), label: `${rating} of 5` })),
];

/** What is told first: how it turned out, and the likeliest reason where it did not. */
function headOf({ faults, rating }: PieceRecord, likeliest: string | undefined): string {
  if (faults.length > 0) return likeliest ?? sayRecordFaults(faults.map(({ kind }) => kind));
  return rating === undefined ? 'Nothing wrong was noted' : `${rating} of 5`;
}

/** How sure the likeliest cause is, with the strongest of what speaks for it. */
function sayLikeliest({ weight, for: [strongest], faults }: Cause): string {
  const sure = capital(sayWeight(weight));
  return strongest === undefined
    ? `${sure}, for a piece with this: ${sayRecordFaults(faults).toLowerCase()}`
    : `${sure}. ${sayEvidence(strongest)}.`;
}

/** The record of one piece: what happened, what is wrong with it, and why. */
export function RecordScreen({ record, onBack, job, onJob, onByHand }: RecordScreenProps) {
  const { piece, id } = record;
  const { change, remove } = usePieceActions();
  const notice = useNotice();
  const found = useMemo(() => diagnose(piece), [piece]);
  const [likeliest] = found.causes;
  const jobActions = useJobActions();
  const cards = useResins().data?.records;
  const next = useOne(jobKind, job ?? '').data?.record?.draft.prepare?.lessons;
  const again = async (cause?: CauseCode): Promise<void> => {
    const made = await jobActions.again(
      piece,
      (cards ?? []).map((card) => card.resin),
      cause,
    );
    if (made === undefined) {
      notice({ text: 'Nothing in this record tells how much of which resin it took.' });
    } else {
      onJob(made.id);
    }
  };
  const mind = async (cause: CauseCode): Promise<void> => {
    // A job that is gone is made once more, with what it minds this time.
    if (job === undefined) return again(cause);
    await jobActions.change(job, (before) => withLesson(before, cause));
    notice({ text: `It stands on the list of what is prepared for ${piece.name}.` });
  };
  const put = (to: (before: PieceRecord) => PieceRecord): void => void change(id, to);
  const deletes = async (): Promise<void> => {
    const undo = await remove(id);
    if (undo !== undefined) notice({ text: `The record of ${piece.name} is deleted.`, undo });
    onBack();
  };
  return (
    <Screen title={piece.name} subtitle={sayDate(piece.madeAt, ownZone())} onBack={onBack}>
      <MainFigure>
        <Words size="title" weight="bold">
          {headOf(piece, likeliest && causeWords[likeliest.code].name)}
        </Words>
        <Words colour="inkSoft">
          {piece.faults.length === 0
            ? 'Say what is wrong with the piece, and its own record tells why.'
            : likeliest === undefined
              ? 'Not enough was recorded to tell why.'
              : sayLikeliest(likeliest)}
        </Words>
      </MainFigure>
      <Faults
        faults={piece.faults}
        onChange={(change) => put((before) => ({ ...before, faults: change(before.faults) }))}
      />
      {piece.faults.length > 0 && (
        <Why found={found} minded={next ?? []} onMind={(cause) => void mind(cause)} />
      )}
      <Lines title="How it turned out">
        <ChoiceLine
          label="Rating"
          value={piece.rating === undefined ? '' : String(piece.rating)}
          choices={ratings}
          assumed={piece.rating === undefined}
          onChange={(rating) =>
            put((before) => ({
              ...before,
              rating: rating === '' ? undefined : Number(rating),
            }))
          }
        />
        <Notes key={id} record={record} />
      </Lines>
      <Photos
        ids={piece.photos}
        onAdd={(photo) =>
          change(id, (before) => ({ ...before, photos: [...before.photos, photo] }))
        }
        onRemove={(gone) => {
          put((before) => ({ ...before, photos: before.photos.filter((each) => each !== gone) }));
          notice({
            text: 'The photo is taken away.',
            undo: () =>
              change(id, (before) =>
                before.photos.includes(gone)
                  ? before
                  : { ...before, photos: [...before.photos, gone] },
              ),
          });
        }}
      />
      {piece.pours.map((pour, at) => (
        <PourOfRecord
          key={pour.live ?? at}
          pour={pour}
          batchesBefore={countOf(piece.pours.slice(0, at).flatMap(({ layers }) => layers))}
          several={piece.pours.length > 1}
          onByHand={() => onByHand(at)}
          onChange={(change) =>
            put((before) => ({
              ...before,
              pours: before.pours.map((each, place) => (place === at ? change(each) : each)),
            }))
          }
        />
      ))}
      <BesideAnother key={`beside/${id}`} id={id} piece={piece} />
      <View style={styles.row}>
        {job !== undefined && (
          <ActionButton icon="jobs" label="To its job" onPress={() => onJob(job)} />
        )}
        <ActionButton label="Do it again" onPress={() => void again()} />
        <ActionButton
          label="Save as a file"
          onPress={() => download(fileNameOf(piece.name, '.record.json'), recordFileText(piece))}
        />
        <ActionButton icon="delete" label="Delete this record" onPress={() => void deletes()} />
      </View>
      <LabelFold
        label={{
          title: piece.name,
          lines: [
            sayDate(piece.madeAt, ownZone()),
            ...new Set(piece.pours.map(({ resin }) => resin)),
          ],
          address: `${window.location.origin}/records/${id}`,
        }}
        fileName={fileNameOf(piece.name, '')}
        onSave={download}
      />
    </Screen>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
