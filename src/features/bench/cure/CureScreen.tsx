import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { pourOf } from '../../../core/bench/benchCopy';
import { lastEvent, movedOf } from '../../../core/bench/benchEvents';
import {
  curingLayers,
  nextStage,
  paceOfPour,
  type CuringLayer,
} from '../../../core/bench/cureStages';
import { nameOfLive, useLivePour, type LivePour } from '../../../data/hooks/useLivePour';
import { CureChart } from '../../../ui/chart/CureChart';
import { FailedWork } from '../../../ui/feedback/FailedWork';
import { MainFigure } from '../../../ui/frame/MainFigure';
import { Screen } from '../../../ui/frame/Screen';
import { Panel } from '../../../ui/Panel';
import { StateMark } from '../../../ui/StateMark';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { ownZone, useNow } from '../../../ui/useNow';
import {
  sayNextStage,
  sayPaceAdvice,
  sayPace,
  sayStageTime,
  stageNames,
} from '../../../words/cure';
import { sayDegrees } from '../../../words/figures';
import { BenchContext, type BenchSource } from '../benchSource';
import { BigButton } from '../BigButton';
import { sinceDone } from '../deeds';
import { HeatingSheet } from '../HeatingSheet';
import { useOpenInstruments } from '../instruments';
import { useLiveSource, type LiveSource } from '../useLiveSource';
import { CoatLook } from './CoatLook';
import { CureTemperature } from './CureTemperature';
import { TouchSheet } from './TouchSheet';

const msPerMin = 60_000;

interface CureScreenProps {
  readonly id: string;
  readonly onBack: () => void;
  /** Goes to the guide of the pour. */
  readonly onBench: () => void;
}

/** A pour that is curing: where each layer is, what was measured of it, and what that moves. */
export function CureScreen({ id, ...ways }: CureScreenProps) {
  const live = useLivePour(id);
  if (live === undefined) return <View role="main" />;
  if (live === null) {
    return (
      <Screen title="No such pour" onBack={ways.onBack}>
        <Words>It is not here any more, or this version cannot read it.</Words>
      </Screen>
    );
  }
  return <OpenCure id={id} live={live} {...ways} />;
}

type Sheet = 'temperature' | 'touch' | 'heating';

function OpenCure({ id, live, onBack, onBench }: CureScreenProps & { readonly live: LivePour }) {
  const { source, notKept, cure } = useLiveSource(id, live);
  const { copy, state } = source;
  useOpenInstruments(false);
  const [sheet, setSheet] = useState<Sheet>();
  const close = (): void => setSheet(undefined);
  const layers = curingLayers(copy, state);
  const sheets: Readonly<Record<Sheet, ReactNode>> = {
    temperature: <CureTemperature onClose={close} />,
    touch: <TouchSheet layer={layers.at(-1)?.layer ?? 0} onClose={close} />,
    heating: <HeatingSheet lane={undefined} onClose={close} />,
  };
  return (
    <BenchContext value={source}>
      {sheet === undefined ? (
        <Screen
          title="Cure watch"
          subtitle={nameOfLive(live.record)}
          onBack={onBack}
          notice={notKept}
          foot={
            <>
              {layers.length > 0 && (
                <BigButton
                  kind="main"
                  label="Temperature"
                  onPress={() => setSheet('temperature')}
                  style={styles.grow}
                />
              )}
              {layers.length > 0 && (
                <BigButton label="Touch it" onPress={() => setSheet('touch')} style={styles.grow} />
              )}
              <BigButton
                kind="stop"
                label="It is heating"
                onPress={() => setSheet('heating')}
                style={styles.grow}
              />
            </>
          }
        >
          <Watched source={source} answer={cure} layers={layers} onBench={onBench}>
            <CoatLook job={live.record.job} startedAt={live.record.startedAt} />
          </Watched>
        </Screen>
      ) : (
        sheets[sheet]
      )}
    </BenchContext>
  );
}

interface WatchedProps {
  readonly source: BenchSource;
  readonly answer: LiveSource['cure'];
  readonly layers: readonly CuringLayer[];
  readonly onBench: () => void;
  /** What is asked before the next coat. */
  readonly children: ReactNode;
}

function Watched({ source, answer, layers, onBench, children }: WatchedProps) {
  const { copy, state } = source;
  const now = useNow() * msPerMin;
  const zone = ownZone();
  const moved = movedOf(state);
  const pace = paceOfPour(copy, state);
  const next = nextStage(layers, now);
  const several = pourOf(copy).layers.length > 1;
  const first = state.layers.find(({ begunAt }) => begunAt !== undefined)?.begunAt;
  if (layers.length === 0) {
    return (
      <>
        <MainFigure>
          <Words size="large" weight="bold">
            {first === undefined ? 'Nothing is poured yet' : 'No model follows this pour'}
          </Words>
          <Words colour="inkSoft">
            {first === undefined
              ? 'Once a layer is in the mould, it is told here where it is.'
              : copy.curing === undefined
                ? 'Go by the times of its label.'
                : 'It was begun with an older version: go by the times of its heat step.'}
          </Words>
        </MainFigure>
        {children}
        <BigButton label="To the pour" onPress={onBench} />
      </>
    );
  }
  const top = layers.at(-1)!;
  const hasNext = top.layer < pourOf(copy).layers.length - 1;
  const advice = pace === undefined ? [] : sayPaceAdvice(pace, hasNext);
  const readings =
    first === undefined || answer === undefined
      ? []
      : state.events.flatMap(({ did, place, c, at }) =>
          did === 'read' && place === answer.curves.place && c !== undefined && at > first
            ? [{ min: (at - first) / msPerMin, c }]
            : [],
        );
  return (
    <>
      <MainFigure>
        <Words size="title" weight="bold">
          {next === undefined
            ? 'Nothing more to wait for'
            : sayNextStage(next, several, now / msPerMin, zone)}
        </Words>
        <Words weight="semibold" colour={pace === 'hot' ? 'stop' : 'ink'} testID="pace">
          {pace === undefined || moved === undefined
            ? 'By its plan: a temperature or a touch tells whether it keeps to that.'
            : sayPace(pace, moved)}
        </Words>
      </MainFigure>
      {children}
      <FailedWork of="cure" />
      {advice.length > 0 && (
        <View role="status" testID="pace-advice">
          {advice.map((line) => (
            <Words key={line}>{line}</Words>
          ))}
        </View>
      )}
      {answer !== undefined && first !== undefined && (
        <CureChart curves={answer.curves} readings={readings} nowMin={(now - first) / msPerMin} />
      )}
      {[...layers].reverse().map((layer) => (
        <LayerPanel
          key={layer.layer}
          layer={layer}
          several={several}
          now={now}
          zone={zone}
          isMoved={moved?.layers[layer.layer] !== undefined}
        />
      ))}
      <SinceDone source={source} top={top} />
      {!state.isOver && <BigButton label="Back to the guide" onPress={onBench} />}
    </>
  );
}

interface LayerPanelProps {
  readonly layer: CuringLayer;
  readonly several: boolean;
  readonly now: number;
  readonly zone: string;
  readonly isMoved: boolean;
}

/** One layer, what is behind it and what is to come. */
function LayerPanel({ layer, several, now, zone, isMoved }: LayerPanelProps) {
  const { stages, peakC } = layer;
  const next = stages.find(({ at }) => at !== undefined && at > now);
  return (
    <Panel
      title={several ? `Layer ${layer.layer + 1}` : 'The pour'}
      testID={`cure-layer-${layer.layer + 1}`}
    >
      <Words colour="inkSoft">
        {isMoved ? 'Its clocks, as measured' : 'Its clocks, as planned'}
        {peakC === undefined ? '' : ` · at its warmest about ${sayDegrees(peakC)}`}
      </Words>
      {stages.map((each) => (
        <View key={each.stage} style={styles.stage} testID={`stage-${each.stage}`}>
          <StateMark
            state={
              each.at !== undefined && each.at <= now ? 'done' : each === next ? 'next' : 'open'
            }
          />
          <Words style={styles.stageName}>{stageNames[each.stage]}</Words>
          <Words weight="semibold">{sayStageTime(each, now / msPerMin, zone)}</Words>
        </View>
      ))}
    </Panel>
  );
}

/** What is done with hands while it cures: each is told once. */
function SinceDone({
  source: { copy, state, act, clock },
  top,
}: {
  readonly source: BenchSource;
  readonly top: CuringLayer;
}) {
  const fan = copy.cure?.setting.fan;
  const isLast = top.layer === pourOf(copy).layers.length - 1;
  const deeds = [
    ...(fan !== undefined && fan.untilS > 0 ? ([['fan-off', 'The fan is off']] as const) : []),
    ...(isLast
      ? ([
          ['demoulded', 'It is out of its form'],
          ['planed', 'It is planed'],
        ] as const)
      : []),
  ];
  const open = deeds.filter(
    ([did]) => lastEvent(state.events, (each) => each.did === did) === undefined,
  );
  if (open.length === 0) return null;
  return (
    <View style={styles.row}>
      {open.map(([did, label]) => (
        <BigButton
          key={did}
          label={label}
          onPress={() => void act(sinceDone(did, clock.now()))}
          style={styles.grow}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  grow: { flexGrow: 1 },
  stage: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.small,
    minHeight: 32,
  },
  stageName: { flexShrink: 1, marginRight: 'auto' },
});
