import { useState } from 'react';
import { StyleSheet } from 'react-native';
import { PlainInput } from '../../ui/fields/PlainInput';
import { Words } from '../../ui/text/Words';
import { useBench } from './benchSource';
import { BenchSheet } from './BenchSheet';
import { BigButton } from './BigButton';
import { noted } from './deeds';
import { useGuide } from './guide';

const longest = 500;

/** A note, with its time. */
export function NoteSheet({ onClose }: { readonly onClose: () => void }) {
  const { act, clock } = useBench();
  const { lane } = useGuide();
  const [text, setText] = useState('');
  return (
    <BenchSheet
      title="Note"
      close="Back to the pour"
      onClose={onClose}
      foot={
        <BigButton
          kind="main"
          label="Write it down"
          disabled={text.trim() === '' || text.length > longest}
          onPress={() => {
            onClose();
            void act(noted(lane.id, clock.now(), text.trim()));
          }}
          style={styles.grow}
        />
      }
    >
      <PlainInput
        label="Note"
        value={text}
        onChangeText={setText}
        wrong={text.length > longest}
        describedBy=""
        multiline
        autoFocus
      />
      {text.length > longest && (
        <Words colour="stop" role="alert">
          {text.length} of {longest} characters: shorten it, or write two notes.
        </Words>
      )}
    </BenchSheet>
  );
}

const styles = StyleSheet.create({ grow: { flexGrow: 1 } });
