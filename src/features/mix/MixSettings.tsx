import { measuredBy, stirredBy } from '../../core/mix/mixingSchema';
import {
  flowRule,
  keptBackRule,
  lengthRule,
  massRule,
  timeRule,
  volumeRule,
} from '../../core/quantity/rules';
import type { MixingDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { useDraftField, usePourPart, usePourField } from '../../data/draft/pourInHand';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { Lines } from '../../ui/fields/Lines';
import { QuantityLine } from '../../ui/fields/QuantityLine';
import { formatPlain } from '../../core/quantity/format';
import { sayPart } from '../../words/figures';
import { sayStream } from '../../words/clearing';
import { measuredByNames, stirredByWords } from '../../words/names';
import { sayRoughly } from '../../words/rough';
import { AllowanceLines } from './AllowanceLines';
import { Containers } from './Containers';
import { PotLines } from './PotLines';

/** How it is mixed, a line a setting. */
export function MixSettings() {
  const [mixing = {}, setMixing] = usePourPart('mixing');
  const set = (changed: MixingDraft): void => setMixing({ ...mixing, ...changed });
  const { pour: plan } = useOpenJob();
  const by = mixing.by ?? 'weight';
  // One bottle is poured as it is: there is nothing to measure out against anything.
  const onePart = plan !== undefined && plan.resin.ratio === undefined;
  return (
    <>
      <Lines title="How much more than it holds" testID="allowances">
        <AllowanceLines />
      </Lines>
      <Lines title="How it is mixed">
        <Containers />
        {!onePart && (
          <ChoiceLine
            label="Measured out"
            value={by}
            assumed={mixing.by === undefined}
            choices={measuredBy.map((value) => ({ value, label: measuredByNames[value] }))}
            onChange={(value) => set({ by: value })}
          />
        )}
        <Steps by={onePart ? 'weight' : by} />
        {!onePart && (
          <>
            <ChoiceLine
              label="First into the cup"
              value={mixing.first ?? 'a'}
              assumed={mixing.first === undefined}
              choices={[
                { value: 'a', label: 'A (resin)' },
                { value: 'b', label: 'B (hardener)' },
              ]}
              onChange={(first) => set({ first })}
            />
            <ChoiceLine
              label="Cups"
              value={mixing.cups ?? 'one'}
              assumed={mixing.cups === undefined}
              choices={[
                { value: 'one', label: 'One', note: 'the scale runs on' },
                { value: 'own', label: 'One each', note: 'then into a third' },
              ]}
              onChange={(cups) => set({ cups })}
            />
            <ChoiceLine
              label="Stirred"
              value={mixing.stirBy ?? 'hand'}
              assumed={mixing.stirBy === undefined}
              choices={stirredBy.map((value) => ({ value, ...stirredByWords[value] }))}
              onChange={(stirBy) => set({ stirBy })}
            />
            <Time />
          </>
        )}
      </Lines>
      <PotLines />
    </>
  );
}

/** What the scale, the cup or the pumps can do. */
function Steps({ by }: { readonly by: NonNullable<MixingDraft['by']> }) {
  const scale = useDraftField('scaleStep');
  const cup = usePourField('mixing.cupStep');
  const strokeA = usePourField('mixing.strokeA');
  const strokeB = usePourField('mixing.strokeB');
  return (
    <>
      <QuantityLine
        label="Scale shows steps of"
        {...scale}
        unit="g"
        rule={massRule}
        usual="not given"
      />
      {by === 'volume' && (
        <QuantityLine
          label="Cup is marked every"
          {...cup}
          unit="ml"
          rule={volumeRule}
          usual="not given"
        />
      )}
      {by === 'pump' && (
        <>
          <QuantityLine
            label="One stroke of A"
            {...strokeA}
            unit="ml"
            rule={volumeRule}
            usual="not given"
          />
          <QuantityLine
            label="One stroke of B"
            {...strokeB}
            unit="ml"
            rule={volumeRule}
            usual="not given"
          />
        </>
      )}
    </>
  );
}

function Time() {
  const { pour } = useOpenJob();
  const stir = usePourField('mixing.stir');
  const pourRate = usePourField('mixing.pourRate');
  const pourFrom = usePourField('mixing.pourFrom');
  const keptBack = usePourField('mixing.keptBack');
  // What is planned with while nothing is typed is the usual.
  const usual = pour?.working;
  return (
    <>
      <QuantityLine
        label="Stirring and resting take"
        {...stir}
        unit="min"
        rule={timeRule}
        usual={usual === undefined ? 'as usual' : sayRoughly(usual.stirMin)}
      />
      <QuantityLine
        label="Poured at"
        {...pourRate}
        unit="ml/min"
        rule={flowRule}
        usual={usual === undefined ? 'as usual' : `${formatPlain(usual.pourMlPerMin, 0)} ml/min`}
      />
      <QuantityLine
        label="Poured from a height of"
        {...pourFrom}
        unit="mm"
        rule={lengthRule}
        usual="close to the mould"
        {...(usual?.stream === undefined ? {} : { said: sayStream(usual.stream) })}
      />
      <QuantityLine
        label="Held in reserve of the pot life"
        {...keptBack}
        unit="%"
        rule={keptBackRule}
        usual={usual === undefined ? 'as usual' : sayPart(usual.keptBack)}
      />
    </>
  );
}
