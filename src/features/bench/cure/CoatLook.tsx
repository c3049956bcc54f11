import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { coatLookOf } from '../../../core/bench/coatLook';
import { coatSurfaces, type CoatSurface } from '../../../core/coats/coatSurfaces';
import type { CoatsToCome } from '../../../core/coats/coatsToCome';
import { planDraft } from '../../../data/draft/planDraft';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { givenBack } from '../../../core/coats/givenBack';
import { withoutCoats, withSealedCoat } from '../../../data/draft/withoutCoats';
import { useLives, useOne, useShelf } from '../../../data/hooks/queries';
import { useJobActions } from '../../../data/hooks/useJobActions';
import { jobs } from '../../../data/kinds/kinds';
import { useNotice } from '../../../ui/feedback/NoticeProvider';
import { Panel } from '../../../ui/Panel';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { useNow } from '../../../ui/useNow';
import { coatAdvice, coatSurfaceWords, sayGivenBack } from '../../../words/coats';
import { useBench } from '../benchSource';
import { BigButton } from '../BigButton';
import { begunSince } from './begunSince';
import { ended, goneOn, looked } from '../deeds';

const msPerMin = 60_000;

interface CoatLookProps {
  /** The job of the pour, and when that was begun. */
  readonly job: string;
  readonly startedAt: number;
}

/** Before the next coat is mixed: what the one below looks like, and whether it asks for another. */
export function CoatLook({ job, startedAt }: CoatLookProps) {
  const { copy, state, act, clock } = useBench();
  const now = useNow() * msPerMin;
  const { data: lives } = useLives();
  const [again, setAgain] = useState(false);
  const look = coatLookOf(copy, state, now, begunSince(lives?.records, job, startedAt));
  if (look === undefined) return null;
  const { layer, coats, seen } = look;
  if (seen === undefined || again) {
    return (
      <Panel title="Look before the next coat" testID="coat-look">
        <Words>Low against a light. What do you see?</Words>
        {coatSurfaces.map((surface) => (
          <BigButton
            key={surface}
            label={coatSurfaceWords[surface].name}
            also={coatSurfaceWords[surface].how}
            onPress={() => {
              setAgain(false);
              void act(looked(layer, clock.now(), surface));
            }}
          />
        ))}
      </Panel>
    );
  }
  return (
    <Panel title={`The coat: ${coatSurfaceWords[seen].name.toLowerCase()}`} testID="coat-look">
      {coatAdvice[seen].map((line) => (
        <Words key={line}>{line}</Words>
      ))}
      <WhatNext job={job} surface={seen} coats={coats} />
      <BigButton label="Look again" onPress={() => setAgain(true)} />
    </Panel>
  );
}

interface WhatNextProps {
  readonly job: string;
  readonly surface: CoatSurface;
  readonly coats: CoatsToCome;
}

/** What the plan makes of it: the coats to come are left out, or the next waits. Nothing where the job is gone or has changed. */
function WhatNext({ job, surface, coats }: WhatNextProps) {
  const { copy, state, act, clock } = useBench();
  const actions = useJobActions();
  const notice = useNotice();
  const shelf = useShelf();
  const draft = useOne(jobs, job).data?.record?.draft;
  const { pour } = copy;
  const planned = useMemo(() => {
    if (draft === undefined) return undefined;
    const { plan } = planDraft(draft, shelf);
    const isSame =
      plan?.pours[pour]?.id === copy.plan.pours[pour]!.id &&
      plan.pours[pour]?.layers.length === copy.plan.pours[pour]!.layers.length &&
      coats.pours.every((at) => plan.pours[at]?.role === 'coat');
    return isSame ? { draft, plan } : undefined;
  }, [draft, shelf, pour, copy, coats]);
  const given = useMemo(() => {
    if (planned === undefined) return undefined;
    const after = planDraft(withoutCoats(planned.draft, planned.plan, pour, coats), shelf).plan;
    return after && givenBack(planned.plan, after);
  }, [planned, pour, coats, shelf]);
  if (planned === undefined || given === undefined) return null;
  const leaveOut = async (): Promise<void> => {
    const undo = await actions.change(job, (before) =>
      withoutCoats(before, planned.plan, pour, coats),
    );
    const endsHere = coats.layers.length > 0 && !state.isOver;
    if (endsHere) await act(ended(clock.now(), 'no other coat was needed'));
    if (undo === undefined) return;
    notice({
      text: `Left out: ${sayGivenBack(given)} given back.`,
      undo: async () => {
        if (endsHere) await act(goneOn(clock.now()));
        return undo();
      },
    });
  };
  const [next] = coats.pours;
  const isNextPour = coats.layers.length === 0 && next !== undefined;
  const wait = async (): Promise<void> => {
    const plan = (each: JobDraft) => planDraft(each, shelf).plan;
    const undo = await actions.change(job, (before) => withSealedCoat(before, next!, plan));
    if (undo !== undefined) notice({ text: 'The next coat waits for that in the plan.', undo });
  };
  const waits = planned.plan.pours[next ?? -1]?.joins;
  const isWaiting = waits?.typed === true && waits.school === 'scuff';
  return (
    <View style={styles.stack}>
      {surface === 'full' && (
        <>
          <Words weight="semibold" testID="given-back">
            Leaving it out gives back {sayGivenBack(given)}.
          </Words>
          <BigButton kind="main" label="Leave it out" onPress={() => void leaveOut()} />
        </>
      )}
      {surface === 'craters' && isNextPour && !isWaiting && (
        <BigButton kind="main" label="Plan it so" onPress={() => void wait()} />
      )}
      {surface === 'craters' && isWaiting && (
        <Words weight="semibold">The next coat waits for that in the plan.</Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.small } });
