import { StyleSheet, View } from 'react-native';
import { roomTemperatureRule } from '../../core/quantity/rules';
import { jobFileText } from '../../data/files/jobFile';
import { download, fileNameOf } from '../../data/files/download';
import { useShelf } from '../../data/hooks/queries';
import { useOpenJob } from '../../data/draft/openJob';
import { useDraftField, usePourPart } from '../../data/draft/pourInHand';
import { ActionButton } from '../../ui/ActionButton';
import { Lines } from '../../ui/fields/Lines';
import { QuantityLine } from '../../ui/fields/QuantityLine';
import { SettingLine } from '../../ui/fields/SettingLine';
import { TextField } from '../../ui/fields/TextField';
import { space } from '../../ui/theme/tokens';
import { CarryJob } from './CarryJob';

/** What is said of a job as a whole: its name, its room; and what can be taken away of it. */
export function JobFacts({ onSheet }: { readonly onSheet: () => void }) {
  const { plan, job, pour } = useOpenJob();
  const shelf = useShelf();
  const name = useDraftField('name');
  const [ownRoom] = usePourPart('room');
  // With one pour there is one room: that of the pour where a file says it there.
  const alone = plan?.pours.length === 1 && ownRoom !== undefined;
  const temperature = useDraftField(alone ? 'pours.0.room.temperature' : 'room.temperature');
  return (
    <View style={styles.stack}>
      <Lines title="The job">
        <SettingLine label="Name" value={name.value} wrong={name.problem !== undefined}>
          <TextField label="Name" {...name} />
        </SettingLine>
        <QuantityLine
          label="Room temperature"
          {...temperature}
          unit="°C"
          rule={roomTemperatureRule}
          usual="20 °C"
        />
      </Lines>
      <View style={styles.actions}>
        {pour !== undefined && (
          <ActionButton label="Mixing sheet" icon="printer" onPress={onSheet} />
        )}
        {job !== undefined && (
          <ActionButton
            label="Save as a file"
            icon="download"
            onPress={() => download(fileNameOf(job.name, '.job.json'), jobFileText(job, shelf))}
          />
        )}
      </View>
      {job !== undefined && <CarryJob job={job} shelf={shelf} />}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
