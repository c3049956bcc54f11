import { useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { coveredFaces, pourRoles } from '../../../core/job/pourChoices';
import { joints } from '../../../core/layers/layersSchema';
import {
  lengthRule,
  positionRule,
  roomTemperatureRule,
  timeRule,
} from '../../../core/quantity/rules';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { emptyPart } from '../../../data/draft/partDraft';
import { usePourField, usePourPart, usePourProblems } from '../../../data/draft/pourInHand';
import { useOpenJob } from '../../../data/draft/openJob';
import { SignButton } from '../../../ui/SignButton';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { SwitchField } from '../../../ui/fields/SwitchField';
import { TextField } from '../../../ui/fields/TextField';
import { Panel } from '../../../ui/Panel';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { jointNames } from '../../../words/names';
import { coversNames, faceNames, roleNames, sayJoins, sayPour } from '../../../words/pours';
import { sayProblem } from '../../../words/problems';
import { OwnMeasure } from './OwnMeasure';

interface PourEditorProps {
  readonly onRemove: () => void;
  readonly onEarlier: (() => void) | undefined;
  readonly onLater: (() => void) | undefined;
}

type Covers = keyof typeof coversNames;

/** The pour in hand: what it is called and for, what it covers, and how it follows the one before. */
export function PourEditor({ onRemove, onEarlier, onLater }: PourEditorProps) {
  const { pour, pourIndex } = useOpenJob();
  const name = usePourField('name');
  const [role, setRole] = usePourPart('role');
  const problems = usePourProblems();
  const whole = problems.find(({ field }) =>
    ['', 'fills', 'covers', 'measure', `pours[${pourIndex}]`].includes(field),
  );
  return (
    <Panel
      title={`Pour ${pourIndex + 1}${pour === undefined ? '' : `: ${sayPour(pour)}`}`}
      testID="pour-editor"
      actions={
        <View style={styles.row}>
          {onEarlier !== undefined && (
            <SignButton icon="chevron-up" label="Pour it earlier" onPress={onEarlier} />
          )}
          {onLater !== undefined && (
            <SignButton icon="chevron-down" label="Pour it later" onPress={onLater} />
          )}
          <SignButton icon="delete" label="Remove this pour" onPress={onRemove} />
        </View>
      }
    >
      <TextField label="Name of the pour" {...name} />
      <ChoiceField
        label="It is for"
        value={role ?? pour?.role}
        choices={pourRoles.map((value) => ({ value, label: roleNames[value] }))}
        onChange={setRole}
      />
      <WhatItCovers />
      {whole !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(whole)}
        </Words>
      )}
      {pourIndex > 0 && <HowItJoins />}
      <OwnRoom />
    </Panel>
  );
}

/** A stretch of the form, one of its faces, or parts of its own. */
function WhatItCovers() {
  const [covers, setCovers] = usePourPart('covers');
  const [fills, setFills] = usePourPart('fills');
  const [measure, setMeasure] = usePourPart('measure');
  const now: Covers = covers !== undefined ? 'face' : measure !== undefined ? 'own' : 'form';
  function choose(next: Covers): void {
    setCovers(next === 'face' ? { face: 'surface', thickness: '' } : undefined);
    setMeasure(next === 'own' ? { parts: [emptyPart('box')] } : undefined);
    setFills(next === 'form' ? (fills ?? {}) : undefined);
  }
  return (
    <>
      <ChoiceField
        label="It goes"
        value={now}
        choices={(Object.keys(coversNames) as Covers[]).map((value) => ({
          value,
          label: coversNames[value],
        }))}
        onChange={choose}
      />
      {now === 'form' && <FillFields />}
      {now === 'face' && <FaceFields />}
      {now === 'own' && <OwnMeasure />}
    </>
  );
}

function FillFields() {
  const from = usePourField('fills.from');
  const to = usePourField('fills.to');
  return (
    <FieldRow>
      <QuantityField label="From (the floor without it)" {...from} unit="mm" rule={positionRule} />
      <QuantityField label="Up to (the rim without it)" {...to} unit="mm" rule={lengthRule} />
    </FieldRow>
  );
}

function FaceFields() {
  const [face, setFace] = usePourPart('covers.face');
  const thickness = usePourField('covers.thickness');
  const upTo = usePourField('covers.upTo');
  const problem = usePourProblems().find(({ field }) => field === 'covers.face');
  return (
    <>
      <ChoiceField
        label="On the form's"
        value={face}
        choices={coveredFaces.map((value) => ({ value, label: faceNames[value] }))}
        onChange={setFace}
      />
      {problem !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(problem)}
        </Words>
      )}
      <FieldRow>
        <QuantityField label="Thickness" {...thickness} unit="mm" rule={lengthRule} />
        {face !== 'floor' && (
          <QuantityField
            label={face === 'surface' ? 'At (the rim without it)' : 'Up to (the rim without it)'}
            {...upTo}
            unit="mm"
            rule={positionRule}
          />
        )}
      </FieldRow>
    </>
  );
}

function HowItJoins() {
  const { pour } = useOpenJob();
  const [joint, setJoint] = usePourPart('joint');
  const wait = usePourField('wait');
  return (
    <>
      <ChoiceField
        label="It follows the pour before"
        value={joint ?? pour?.joins?.school}
        choices={joints.map((value) => ({ value, label: jointNames[value] }))}
        onChange={setJoint}
      />
      <FieldRow>
        <QuantityField label="After (by its card without it)" {...wait} unit="h" rule={timeRule} />
      </FieldRow>
      {pour?.joins !== undefined && (
        <Words size="small" colour="inkSoft">
          {sayJoins(pour.joins, pour.role)}
        </Words>
      )}
    </>
  );
}

/** A room of its own: the mould at the bench of a warm kitchen, the castings in the shed. */
function OwnRoom() {
  const [room, setRoom] = usePourPart('room');
  const ofJob = useWatch<JobDraft, 'room.temperature'>({ name: 'room.temperature' });
  return (
    <>
      <SwitchField
        label="In another room than the rest"
        value={room !== undefined}
        onChange={(on) => setRoom(on ? { temperature: ofJob } : undefined)}
      />
      {room !== undefined && <OwnRoomTemperature />}
    </>
  );
}

function OwnRoomTemperature() {
  const temperature = usePourField('room.temperature');
  return (
    <FieldRow>
      <QuantityField
        label="Room of this pour"
        {...temperature}
        unit="°C"
        rule={roomTemperatureRule}
      />
    </FieldRow>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: space.tight } });
