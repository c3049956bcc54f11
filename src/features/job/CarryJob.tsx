import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job } from '../../core/job/jobSchema';
import type { Shelf } from '../../core/plan/planTypes';
import { jobLetters, takePath } from '../../data/links/jobLinks';
import { linkEnds } from '../../data/links/linkParts';
import { ActionButton } from '../../ui/ActionButton';
import { copyText } from '../../ui/copyText';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { FoldPanel } from '../../ui/FoldPanel';
import { QrCode } from '../../ui/QrCode';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';

interface CarryJobProps {
  readonly job: Job;
  readonly shelf: Shelf;
}

/** The job as a link, and as codes that another device reads. */
export function CarryJob(props: CarryJobProps) {
  return (
    <FoldPanel title="Take it to another device" summary="link, code">
      <Carried {...props} />
    </FoldPanel>
  );
}

function Carried({ job, shelf }: CarryJobProps) {
  const notice = useNotice();
  const letters = jobLetters(job, shelf);
  const address = `${window.location.origin}${takePath}`;
  const ends = linkEnds(letters);
  const copy = async (): Promise<void> => {
    const copied = await copyText(`${address}#job=${letters}`);
    notice({ text: copied ? 'Copied the link' : 'The browser did not allow copying.' });
  };
  return (
    <>
      <Words size="small" colour="inkSoft">
        The link holds the whole job with its cards; nothing of it goes to a server. It opens where
        Nipperkin is: there it is shown first, and kept on request.
      </Words>
      {ends.length === 0 ? (
        <Words>This job is too long for codes. Copy the link, or save it as a file.</Words>
      ) : (
        <Codes key={letters} addresses={ends.map((end) => address + end)} name={job.name} />
      )}
      <View style={styles.row}>
        <ActionButton icon="content-copy" label="Copy the link" onPress={() => void copy()} />
      </View>
    </>
  );
}

interface CodesProps {
  readonly addresses: readonly string[];
  readonly name: string;
}

/** One code after the other, in whatever order they are read. */
function Codes({ addresses, name }: CodesProps) {
  const [at, setAt] = useState(0);
  const of = addresses.length;
  const label = of === 1 ? `Code of the job ${name}` : `Code ${at + 1} of ${of} of the job ${name}`;
  return (
    <>
      {of > 1 && (
        <Words weight="semibold" role="status">
          Code {at + 1} of {of}: read them all, in any order
        </Words>
      )}
      <QrCode text={addresses[at] ?? ''} label={label} />
      {of > 1 && (
        <View style={styles.row}>
          <ActionButton
            icon="arrow-left"
            label="The one before"
            disabled={at === 0}
            onPress={() => setAt(at - 1)}
          />
          <ActionButton
            kind="main"
            label="The next code"
            disabled={at === of - 1}
            onPress={() => setAt(at + 1)}
          />
        </View>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
