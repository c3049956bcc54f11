import { useEffect, useMemo, useRef, useState } from 'react';
import { pourOf } from '../../core/bench/benchCopy';
import type { BenchEvent } from '../../core/bench/benchEvents';
import type { BatchLane } from '../../core/bench/lanes';
import { partWeightOf, type PartWeight } from '../../core/bench/partWeight';
import {
  answered,
  countFromHere,
  isStill,
  itIsResin,
  restingContentG,
  standingOf,
} from '../../core/bench/weighing';
import { doneWords } from '../../words/bench';
import { sayOnScale } from '../../words/figures';
import { useBench } from './benchSource';
import { BigButton } from './BigButton';
import { met, partIn, scaleSaid } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';
import { useInstrument, useInstrumentState } from './instruments';
import { Keypad } from './Keypad';
import { LiveFigures } from './LiveFigures';
import { OverPoured } from './OverPoured';
import { ScaleNotice } from './ScaleNotice';
import { StillFigures } from './StillFigures';
import { useSeldom, useWeigher, type Noticed } from './useWeighing';
import { useWantedOf } from './wanted';

const taredWords = 'tared';

/** Whether the scale was tared for this part already: the page was opened anew while it was poured. */
function isTaredFor(events: readonly BenchEvent[], { id, since = 0 }: BatchLane): boolean {
  return events.some(
    ({ did, lane, text, at }) =>
      did === 'scale-said' && lane === id && text === taredWords && at >= since,
  );
}

/** A drip is no beginning: from here on B has met A, g. */
const metFromG = 2;
/** Nothing on a bench is told to less than a milligram. */
const toMilligram = (g: number): number => Number(g.toFixed(3));

/** What of a weighing changes a few times while a part is poured. */
const seldomOf =
  ({ stepG, targetG, addG, otherG, inG, isTopUp }: PartWeight) =>
  ({ weighing, notice }: Noticed) => {
    const { phase, contentG = inG, heldG, trouble } = weighing;
    const { isOver, isThere } = standingOf(contentG, targetG, addG, stepG);
    const isPouring = phase === 'pouring';
    const hasMet = otherG > 0 && !isTopUp && contentG - otherG > Math.max(metFromG, 3 * stepG);
    return {
      phase,
      notice,
      trouble,
      isOver: isPouring && isOver,
      isThere: isPouring && isStill(weighing) && isThere,
      isMeeting: isPouring && hasMet,
      // What stands on the scale before it is tared, or was lifted.
      standsG: phase === 'cup' ? contentG : isPouring ? 0 : heldG,
    };
  };

/** One part, poured to its figure: by a live scale, or by hand with what the scale is to read. */
export function WeighStep({ lane }: { readonly lane: BatchLane }) {
  const { copy, state, act, clock } = useBench();
  const { step } = useGuide();
  const pour = pourOf(copy);
  const { cups } = pour.mixing;
  const weight = useMemo(() => partWeightOf(lane, step.kind, cups), [lane, step.kind, cups]);
  const { part, stepG, figureG, addG, otherG, inG, targetG, isTopUp } = weight;
  const scale = useInstrument('scale');
  const connection = useInstrumentState(scale);
  const weigher = useWeigher(inG, stepG, isTaredFor(state.events, lane));
  useWantedOf(weigher, targetG, inG);
  const seldom = useSeldom(
    weigher,
    useMemo(() => seldomOf(weight), [weight]),
  );
  const isLive = weigher !== undefined && seldom !== undefined && connection.is === 'live';
  const [isKeying, setKeying] = useState(false);
  const letter = part.toUpperCase();
  const say = (g: number): string => sayOnScale(Math.max(0, g), stepG);

  const take = (g: number, more: { raw?: string; byItself?: boolean } = {}): void =>
    void act(
      partIn(
        step,
        clock.now(),
        toMilligram(g),
        isLive && scale !== undefined ? scale.driver : 'hand',
        more,
      ),
    );
  /** What the scale reads now, or where it has come to rest. */
  const takeReading = (byItself: boolean): void => {
    if (weigher === undefined) return;
    const { weighing } = weigher.get();
    const { raw } = weighing;
    take((restingContentG(weighing) ?? inG) - otherG, {
      ...(byItself ? { byItself } : {}),
      ...(raw === undefined ? {} : { raw }),
    });
  };

  // Once for a step: until it is stored, the same reading comes again.
  const taken = useRef<string>(undefined);
  const isThere = isLive && seldom.isThere;
  useEffect(() => {
    if (!isThere || taken.current === step.id) return;
    taken.current = step.id;
    takeReading(true);
  });
  const isMeeting = isLive && seldom.isMeeting;
  useEffect(() => {
    if (isMeeting) void act(met(lane.id, clock.now()));
  }, [isMeeting, act, lane.id, clock]);
  const notice = seldom?.notice;
  const trouble = seldom?.trouble ?? connection.trouble;
  // As texts: each is written once, when it is noticed.
  const said =
    notice?.code === 'tared'
      ? taredWords
      : notice?.code === 'unit'
        ? `unit ${notice.from} to ${notice.to}`
        : undefined;
  useEffect(() => {
    if (said === undefined) return;
    void act(scaleSaid(lane.id, clock.now(), said, weigher?.get().weighing.raw));
  }, [said, act, lane.id, clock, weigher]);
  useEffect(() => {
    if (trouble === undefined || scale === undefined) return;
    void act(scaleSaid(lane.id, clock.now(), trouble, weigher?.get().weighing.raw));
  }, [trouble, act, lane.id, clock, weigher, scale]);

  if (isKeying) {
    return (
      <Keypad
        title={isTopUp || otherG > 0 ? 'The scale reads, all together' : 'The scale reads'}
        unit="g"
        refuse={(g) =>
          g <= 0 ? 'A cup with something in it reads more than nothing.' : refusedOver(g, targetG)
        }
        onClose={() => setKeying(false)}
        onTake={(g) => {
          setKeying(false);
          // Less than what was in before: the scale was tared in between.
          take(g < otherG ? g : g - otherG);
        }}
      />
    );
  }
  const phase = isLive ? seldom.phase : undefined;
  const change = weigher?.change ?? (() => undefined);
  const mains = {
    asked: {
      label: 'It was the cup',
      onPress: () => change((before) => answered(before, 'cup')),
    },
    cup: {
      label: 'Count from here',
      also: 'it is not tared',
      onPress: () => change(countFromHere),
    },
    bare: { label: 'It is tared', onPress: () => change(itIsResin) },
    pouring: { label: doneWords[step.kind], onPress: () => takeReading(false) },
    lifted: { label: doneWords[step.kind], onPress: () => take((seldom?.standsG ?? 0) - otherG) },
  };
  const main =
    phase === undefined
      ? {
          label: doneWords[step.kind],
          also: `scale reads ${say(targetG)} g`,
          onPress: () => take(figureG),
        }
      : mains[phase];
  const into = otherG > 0 ? 'the same cup' : weight.isAlone ? 'its own cup' : 'the cup';
  return (
    <GuideFrame
      part={part}
      title={
        isTopUp
          ? `${letter}: ${say(addG)} g more`
          : `${letter} ${part === 'a' ? 'resin' : 'hardener'} into ${into}`
      }
      subtitle={
        otherG > 0
          ? `${say(addG)} g · scale will read ${say(targetG)} g`
          : `${say(figureG)} g${isLive ? '' : ' · tare the cup first'}`
      }
      main={main}
    >
      <ScaleNotice
        lane={lane}
        part={part}
        phase={phase}
        standsG={seldom?.standsG ?? 0}
        trouble={seldom?.trouble}
        notice={notice}
      />
      {weigher !== undefined && phase === 'pouring' ? (
        seldom?.isOver === true ? (
          <OverPoured weigher={weigher} weight={weight} lane={lane} pour={pour} />
        ) : (
          <LiveFigures weigher={weigher} weight={weight} />
        )
      ) : (
        <StillFigures weight={weight} />
      )}
      {!isLive && <BigButton label="It reads something else" onPress={() => setKeying(true)} />}
      {phase === 'asked' && (
        <BigButton
          label={`It was ${letter}, and is in the cup`}
          onPress={() => change((before) => answered(before, 'resin'))}
        />
      )}
      {phase === 'cup' && <BigButton label="That is resin" onPress={() => change(itIsResin)} />}
    </GuideFrame>
  );
}

/** More than any cup here holds is a slip of the finger. */
const refusedOver = (g: number, targetG: number): string | undefined =>
  g > targetG * 10
    ? `That is more than ten times ${sayOnScale(targetG, 1)} g. Key in what the scale reads.`
    : undefined;
