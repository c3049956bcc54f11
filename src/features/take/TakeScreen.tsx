import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { chooseFile } from '../../data/files/chooseTextFile';
import { useShelf } from '../../data/hooks/queries';
import { useAttempt } from '../../data/hooks/useAttempt';
import { ActionButton } from '../../ui/ActionButton';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { TextField } from '../../ui/fields/TextField';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Screen } from '../../ui/frame/Screen';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { InputError } from '../../core/problem';
import { startScanning } from '../../workers/scanThread';
import { ArrivedJob } from './ArrivedJob';
import { Camera } from './Camera';
import { pixelsOfFile } from './pixels';
import { useTaking } from './useTaking';

interface TakeScreenProps {
  /** What the address says, where it says something. */
  readonly hash: string;
  readonly onOpen: (id: string) => void;
  readonly onBack: () => void;
}

/** What the code in a picture says. Rejects with InputError where there is none. */
async function codeIn(file: Blob): Promise<string> {
  const { data, width, height } = await pixelsOfFile(file);
  const { find, stop } = startScanning();
  try {
    const text = await find(data, width, height);
    if (text === undefined) throw new InputError('no-code', undefined);
    return text;
  } finally {
    stop();
  }
}

/** A job from another device: by link, by code, by several codes one after the other. It is shown first, and kept on request. */
export function TakeScreen({ hash, onOpen, onBack }: TakeScreenProps) {
  const shelf = useShelf();
  const { taking, take, leave } = useTaking(shelf);
  const reading = useAttempt();
  const [typed, setTyped] = useState('');
  const [isScanning, setScanning] = useState(false);
  useEffect(() => {
    if (hash !== '') void take(hash);
  }, [hash, take]);

  const readPicture = (): Promise<void> =>
    reading.attempt(async () => {
      const file = await chooseFile('image/*');
      if (file !== undefined) await take(await codeIn(file));
    });

  if (taking.state === 'arrived') {
    return <ArrivedJob job={taking.job} shelf={shelf} onKept={onOpen} onLeave={leave} />;
  }
  return (
    <Screen
      title="Take a job over"
      subtitle="From another device, without a server"
      onBack={onBack}
    >
      <MainFigure>
        <Words size="large" weight="bold">
          {taking.state === 'collecting' ? sayParts(taking.collected) : 'No job has come yet'}
        </Words>
      </MainFigure>
      <FileProblem problem={taking.state === 'wrong' ? taking.problem : reading.problem} />
      {isScanning ? (
        <Camera onCode={(text) => void take(text)} onStop={() => setScanning(false)} />
      ) : (
        <Words>
          {taking.state === 'collecting'
            ? 'Read the next code: each one may be read twice, and in any order.'
            : 'On the other device open the job, then “Take it to another device”. Read its code with a camera, choose a picture of it, or paste its link.'}
        </Words>
      )}
      <View style={styles.row}>
        {!isScanning && (
          <ActionButton
            kind="main"
            icon="camera"
            label="Read with the camera"
            onPress={() => setScanning(true)}
          />
        )}
        <ActionButton
          icon="folder-open"
          label="Read a picture of a code"
          onPress={() => void readPicture()}
        />
      </View>
      <Panel title="A link">
        <TextField label="Link" value={typed} onChange={setTyped} />
        <View style={styles.row}>
          <ActionButton
            label="Look at it"
            disabled={typed.trim() === ''}
            onPress={() => void take(typed)}
          />
        </View>
      </Panel>
    </Screen>
  );
}

/** `2 of 3 codes are here; 3 is missing` */
function sayParts({
  of,
  missing,
}: {
  readonly of: number;
  readonly missing: readonly number[];
}): string {
  const there = of - missing.length;
  const list = new Intl.ListFormat('en-GB').format(missing.map(String));
  return `${there} of ${of} codes ${there === 1 ? 'is' : 'are'} here; ${list} ${missing.length === 1 ? 'is' : 'are'} missing`;
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
