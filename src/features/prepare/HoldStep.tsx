import { StyleSheet, View } from 'react-native';
import type { FieldPath } from 'react-hook-form';
import type { FormWall } from '../../core/holdDown/formWalls';
import type { HeldBody } from '../../core/holdDown/heldBodies';
import type { Fasteners } from '../../core/holdDown/holdDownOf';
import { timberGroups, type TimberGroup } from '../../core/holdDown/timber';
import { lengthRule, massRule, moistureRule } from '../../core/quantity/rules';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { useDraftField } from '../../data/draft/pourInHand';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { FieldRow } from '../../ui/fields/FieldRow';
import { Lines } from '../../ui/fields/Lines';
import { QuantityField } from '../../ui/fields/QuantityField';
import { QuantityLine } from '../../ui/fields/QuantityLine';
import { SettingLine } from '../../ui/fields/SettingLine';
import { WhyRow } from '../../ui/figures/WhyRow';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { capital } from '../../words/figures';
import {
  bodyName,
  densityByNames,
  sayFasteners,
  sayFloats,
  sayHeld,
  sayHoldFigure,
  sayInHand,
  sayLevels,
  sayWallBow,
  sayWeights,
  timberNames,
} from '../../words/holdDown';
import { BoardLine } from './BoardLine';
import { Slabs } from './Slabs';
import { usePrepared } from './usePrepared';

/** What floats, what holds it, how the walls bow, and what there is to lift. */
export function HoldStep() {
  const { outdated } = useOpenJob();
  const prepared = usePrepared();
  if (prepared === undefined) {
    return (
      <MainFigure>
        <Words colour="inkSoft">Nothing to hold yet: measure a cavity and choose a resin.</Words>
      </MainFigure>
    );
  }
  const { holdDown } = prepared;
  const { bodies, fasteners, inHand, walls } = holdDown;
  return (
    <View style={styles.stack}>
      <MainFigure>
        <Words size="title" weight="bold" style={outdated && styles.outdated}>
          {capital(sayHoldFigure(holdDown))}
        </Words>
        {inHand !== undefined && <Words>{sayInHand(inHand)}</Words>}
        <Words colour="inkSoft">{sayWeights(holdDown)}</Words>
      </MainFigure>
      <View style={outdated && styles.outdated}>
        {bodies.map((body, at) => (
          <BodyRows
            key={`${body.kind}/${body.pour ?? ''}/${body.index}`}
            body={body}
            fasteners={fasteners[at]}
          />
        ))}
        {walls.map((wall) => {
          const [name, bow, advice] = sayWallBow(wall);
          return (
            <View key={wall.part}>
              <WhyRow label={name} value={bow} />
              <Words size="small" colour="inkSoft" style={styles.note}>
                {advice}
              </Words>
            </View>
          );
        })}
      </View>
      <Slabs />
      <HoldSettings wall={walls[0]} />
      <Words size="small" colour="inkSoft">
        Uplift = (resin displaced − own weight) × g, with a factor of 2 in what holds it. An
        estimate: clamps snug, not crushing.
      </Words>
    </View>
  );
}

/** What holds it: weights, braces, the boards of the form. */
function HoldSettings({ wall }: { readonly wall: FormWall | undefined }) {
  return (
    <Lines title="What holds it" testID="hold-settings">
      <QuantityLine
        label="Weights at hand"
        {...useDraftField('form.weights')}
        unit="kg"
        rule={massRule}
        usual="none"
      />
      <QuantityLine
        label="Braces along the walls, every"
        {...useDraftField('form.braces')}
        unit="mm"
        rule={lengthRule}
        usual="none, corner to corner"
      />
      <BoardLine wall={wall} />
    </Lines>
  );
}

/** One body: what it does at each layer, what holds it, and how heavy it is. */
function BodyRows({
  body,
  fasteners,
}: {
  readonly body: HeldBody;
  readonly fasteners: Fasteners | undefined;
}) {
  const floats = sayFloats(body);
  const place = placeOf(body);
  return (
    <SettingLine
      label={bodyName(body)}
      value={sayHeld(body)}
      testID={`body-${body.kind}-${body.index}`}
    >
      {body.densityGPerMl !== undefined && body.densityBy !== undefined && (
        <WhyRow
          label="Density"
          value={`${body.densityGPerMl.toFixed(2)} g/ml, ${densityByNames[body.densityBy]}`}
          dense
        />
      )}
      {floats !== undefined && <Words>{floats}</Words>}
      {sayLevels(body).map(([label, value]) => (
        <WhyRow key={label} label={label} value={value} dense />
      ))}
      {fasteners !== undefined && <Words>Enough: {sayFasteners(fasteners)}.</Words>}
      {place !== undefined && <BodyFields place={place} />}
    </SettingLine>
  );
}

/** Where a body stands in the draft; undefined for what a pour measured for itself. */
function placeOf({ kind, index, pour }: HeldBody): string | undefined {
  if (pour !== undefined) return undefined;
  return kind === 'slab' ? `form.slabs.${index}` : `measure.inserts.${index}`;
}

type BodyField = 'weighs' | 'moisture' | 'timber' | 'seat' | 'density';

// Inserts and slabs share these keys; the type of a part draft does not know of them.
const bodyPath = (place: string, name: BodyField | string): FieldPath<JobDraft> =>
  `${place}.${name}` as FieldPath<JobDraft>;

function BodyFields({ place }: { readonly place: string }) {
  const timber = useDraftField(bodyPath(place, 'timber'));
  const seat = useDraftField(bodyPath(place, 'seat'));
  return (
    <>
      <FieldRow>
        <QuantityField
          label="One weighs, on the scale"
          {...useDraftField(bodyPath(place, 'weighs'))}
          unit="g"
          rule={massRule}
        />
        <QuantityField
          label="Moisture"
          {...useDraftField(bodyPath(place, 'moisture'))}
          unit="%"
          rule={moistureRule}
        />
      </FieldRow>
      <ChoiceLine<TimberGroup>
        label="Timber"
        value={timber.value === '' ? undefined : (timber.value as TimberGroup)}
        choices={timberGroups.map((value) => ({ value, label: timberNames[value] }))}
        onChange={timber.onChange}
      />
      <ChoiceLine
        label="Beneath it"
        value={seat.value === 'bedded' ? 'bedded' : 'open'}
        assumed={seat.value === ''}
        choices={[
          { value: 'open', label: 'Resin gets beneath' },
          { value: 'bedded', label: 'Bedded in sealant or glue, on the floor' },
        ]}
        onChange={seat.onChange}
      />
    </>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  outdated: { opacity: 0.5 },
  note: { paddingVertical: space.tight },
});
