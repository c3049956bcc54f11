import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { pourOf } from '../../core/bench/benchCopy';
import type { BenchEvent } from '../../core/bench/benchEvents';
import type { BatchLane } from '../../core/bench/benchState';
import { partOfStep } from '../../core/bench/benchSteps';
import { answered, countFromHere, isStill, itIsResin, standingOf } from '../../core/bench/weighing';
import type { Poured } from '../../core/mix/correction';
import { correctBatch, type BatchCorrection } from '../../core/plan/correctBatch';
import type { PourPlan } from '../../core/plan/planTypes';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { doneWords } from '../../words/bench';
import { sayCorrection } from '../../words/correction';
import { sayOnScale } from '../../words/figures';
import { useBench } from './benchSource';
import { BigButton } from './BigButton';
import { BigFigure } from './BigFigure';
import { CupDrawing } from './CupDrawing';
import { met, partIn, scaleSaid } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';
import { useInstrument, useInstrumentState } from './instruments';
import { Keypad } from './Keypad';
import { ScaleNotice } from './ScaleNotice';
import { useWeighing } from './useWeighing';

/** What is weighed in a step: which part, on what, and to which figure. */
function weighingOf(
  lane: BatchLane,
  kind: BatchLane['steps'][number]['kind'],
  cups: 'one' | 'own',
) {
  const { inCup, correction, batch } = lane;
  const part = partOfStep(kind)!;
  const { stepG } = batch.group.onScale;
  const onScale = correction?.onScale ?? batch.group.onScale;
  const figureG = part === 'a' ? onScale.aG : onScale.bG;
  const own = { a: inCup.aG ?? 0, b: inCup.bG ?? 0 };
  const isTopUp = kind === 'more-a' || kind === 'more-b';
  // A cup of its own is tared for itself; what is topped up goes to what is together already.
  const isAlone = cups === 'own' && !isTopUp;
  const otherG = isAlone ? 0 : part === 'a' ? own.b : own.a;
  const inG = otherG + own[part];
  return {
    part,
    stepG,
    figureG,
    addG: figureG - own[part],
    otherG,
    inG,
    targetG: otherG + figureG,
    isTopUp,
    isAlone,
  };
}

/** What follows for both parts once one of them is as it is now. */
function correctedBy(
  pour: PourPlan,
  { inCup: { aG, bG }, batch }: BatchLane,
  now: Poured,
): BatchCorrection | undefined {
  if (pour.resin.ratio === undefined) return undefined;
  const before = { ...(aG === undefined ? {} : { aG }), ...(bG === undefined ? {} : { bG }) };
  return correctBatch(pour, batch.group.id, { ...before, ...now });
}

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

/** One part, poured to its figure: by a live scale, or by hand with what the scale is to read. */
export function WeighStep({ lane }: { readonly lane: BatchLane }) {
  const { copy, state, act, clock } = useBench();
  const { step, wants } = useGuide();
  const pour = pourOf(copy);
  const weight = weighingOf(lane, step.kind, pour.mixing.cups);
  const { part, stepG, figureG, addG, otherG, inG, targetG, isTopUp } = weight;
  const scale = useInstrument('scale');
  const live = useWeighing(inG, stepG, isTaredFor(state.events, lane));
  const connection = useInstrumentState(scale);
  const isLive = live !== undefined && connection.is === 'live';
  const [isKeying, setKeying] = useState(false);
  const contentG =
    isLive && live.weighing.phase === 'pouring' ? (live.weighing.contentG ?? inG) : inG;
  const standing = standingOf(contentG, targetG, addG, stepG);
  const pouredG = contentG - otherG;
  const letter = part === 'a' ? 'A' : 'B';
  const say = (g: number): string => sayOnScale(Math.max(0, g), stepG);

  const take = (g: number, more: { raw?: string; byItself?: boolean } = {}): void =>
    void act(
      partIn(step, clock.now(), g, isLive && scale !== undefined ? scale.driver : 'hand', more),
    );

  // Once for a step: until it is stored, the same reading comes again.
  const taken = useRef<string>(undefined);
  const weighing = live?.weighing;
  const rests = weighing !== undefined && isStill(weighing);
  const isThere = isLive && weighing?.phase === 'pouring' && rests && standing.isThere;
  useEffect(() => {
    if (!isThere || taken.current === step.id) return;
    taken.current = step.id;
    take(Number(pouredG.toFixed(3)), {
      byItself: true,
      ...(weighing?.raw === undefined ? {} : { raw: weighing.raw }),
    });
  });
  const isMeeting =
    isLive &&
    weighing?.phase === 'pouring' &&
    otherG > 0 &&
    !isTopUp &&
    pouredG > Math.max(metFromG, 3 * stepG);
  useEffect(() => {
    if (isMeeting) void act(met(lane.id, clock.now()));
  }, [isMeeting, act, lane.id, clock]);
  const notice = live?.notice;
  useEffect(() => {
    if (notice?.code === 'tared')
      void act(scaleSaid(lane.id, clock.now(), taredWords, weighing?.raw));
    if (notice?.code !== 'unit') return;
    void act(scaleSaid(lane.id, clock.now(), `unit ${notice.from} to ${notice.to}`, weighing?.raw));
    // What was noticed is written when it was noticed.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [notice]);
  const trouble = weighing?.trouble ?? connection.trouble;
  useEffect(() => {
    if (trouble !== undefined && scale !== undefined) {
      void act(scaleSaid(lane.id, clock.now(), trouble, weighing?.raw));
    }
    // One line for each trouble.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [trouble]);
  const leftG = Math.max(0, targetG - contentG);
  useEffect(() => {
    wants(leftG);
    return () => wants(undefined);
  }, [leftG, wants]);

  const after = standing.isOver
    ? correctedBy(pour, lane, part === 'a' ? { aG: pouredG } : { bG: pouredG })
    : undefined;

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
          take(Number((g < otherG ? g : g - otherG).toFixed(3)));
        }}
      />
    );
  }
  const isPouring = isLive && weighing?.phase === 'pouring';
  const title = isTopUp
    ? `${letter}: ${say(addG)} g more`
    : `${letter} ${part === 'a' ? 'resin' : 'hardener'} ${otherG > 0 ? 'into the same cup' : weight.isAlone ? 'into its own cup' : 'into the cup'}`;
  const subtitle =
    otherG > 0
      ? `${say(addG)} g · scale will read ${say(targetG)} g`
      : `${say(figureG)} g${isLive ? '' : ' · tare the cup first'}`;
  const main = isLive
    ? weighing?.phase === 'asked'
      ? {
          label: 'It was the cup',
          also: undefined,
          onPress: () => live.change((before) => answered(before, 'cup')),
        }
      : weighing?.phase === 'cup'
        ? {
            label: 'Count from here',
            also: 'it is not tared',
            onPress: () => live.change(countFromHere),
          }
        : weighing?.phase === 'bare'
          ? { label: 'It is tared', also: undefined, onPress: () => live.change(itIsResin) }
          : {
              label: doneWords[step.kind],
              also: `${say(pouredG)} g`,
              onPress: () =>
                take(
                  Number(pouredG.toFixed(3)),
                  weighing?.raw === undefined ? {} : { raw: weighing.raw },
                ),
            }
    : {
        label: doneWords[step.kind],
        also: `scale reads ${say(targetG)} g`,
        onPress: () => take(figureG),
      };
  return (
    <GuideFrame part={part} title={title} subtitle={subtitle} main={main}>
      <ScaleNotice lane={lane} live={live} part={part} />
      {standing.isOver && isPouring ? (
        <OverPoured
          part={part}
          overG={-standing.toPourG}
          stepG={stepG}
          lines={after === undefined ? [] : sayCorrection(after, pour).more}
          other={
            after === undefined
              ? undefined
              : {
                  g: part === 'a' ? after.onScale.bG : after.onScale.aG,
                  totalG: after.onScale.totalG,
                }
          }
        />
      ) : (
        <View style={styles.row}>
          <View style={styles.figures} testID="main-figure">
            {isPouring ? (
              <>
                <BigFigure
                  figure={say(standing.toPourG)}
                  unit="g"
                  caption={
                    standing.isThere
                      ? 'on the figure: hold still'
                      : standing.isNear
                        ? 'still to pour, slowly'
                        : 'still to pour'
                  }
                  testID="to-pour"
                />
                <BigFigure
                  figure={say(pouredG)}
                  unit="g"
                  size="large"
                  colour={part === 'a' ? 'partA' : 'partB'}
                  caption={`of ${letter} in the cup`}
                  testID="in-cup"
                />
              </>
            ) : (
              <>
                <BigFigure
                  figure={say(targetG)}
                  unit="g"
                  caption={otherG > 0 ? 'the scale will read' : 'to weigh in'}
                  testID="to-read"
                />
                {otherG > 0 && (
                  <BigFigure
                    figure={say(addG)}
                    unit="g"
                    size="large"
                    colour={part === 'a' ? 'partA' : 'partB'}
                    caption={`of ${letter}, on ${say(otherG)} g`}
                  />
                )}
              </>
            )}
          </View>
          <CupDrawing
            below={otherG > 0 ? (part === 'a' ? 'b' : 'a') : part}
            belowG={otherG > 0 ? otherG : Math.max(0, pouredG)}
            aboveG={otherG > 0 ? Math.max(0, pouredG) : 0}
            targetG={targetG}
          />
        </View>
      )}
      {!isLive && <BigButton label="It reads something else" onPress={() => setKeying(true)} />}
      {isLive && weighing?.phase === 'asked' && (
        <BigButton
          label={`It was ${letter}, and is in the cup`}
          onPress={() => live.change((before) => answered(before, 'resin'))}
        />
      )}
      {isLive && weighing?.phase === 'cup' && (
        <BigButton label="That is resin" onPress={() => live.change(itIsResin)} />
      )}
    </GuideFrame>
  );
}

/** More than any cup here holds is a slip of the finger. */
const refusedOver = (g: number, targetG: number): string | undefined =>
  g > targetG * 10
    ? `That is more than ten times ${targetG} g. Key in what the scale reads.`
    : undefined;

interface OverPouredProps {
  readonly part: 'a' | 'b';
  readonly overG: number;
  readonly stepG: number;
  /** What the other part comes to now, and both. */
  readonly other: { readonly g: number; readonly totalG: number } | undefined;
  readonly lines: readonly { readonly text: string; readonly stop: boolean }[];
}

/** Past the figure: what it is now, at once. Nothing is poured back. */
function OverPoured({ part, overG, stepG, other, lines }: OverPouredProps) {
  const otherLetter = part === 'a' ? 'B' : 'A';
  return (
    <View style={styles.stack} testID="over-poured">
      <Words size="title" weight="bold" colour="stop" role="alert">
        {sayOnScale(overG, stepG)} g over. Pour nothing back.
      </Words>
      {other !== undefined && (
        <BigFigure
          figure={sayOnScale(other.g, stepG)}
          unit="g"
          colour={part === 'a' ? 'partB' : 'partA'}
          caption={`of ${otherLetter} now, ${sayOnScale(other.totalG, stepG)} g in all`}
        />
      )}
      {lines.map(({ text, stop }) => (
        <Words key={text} size="large" colour={stop ? 'stop' : 'ink'}>
          {text}
        </Words>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    gap: space.medium,
  },
  figures: { flexGrow: 1, flexShrink: 1, flexBasis: 160, gap: space.large },
});
