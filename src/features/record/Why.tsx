import { StyleSheet, View } from 'react-native';
import type { Cause, Diagnosis } from '../../core/diagnose/diagnose';
import type { CauseCode } from '../../core/diagnose/causeCodes';
import { ActionButton } from '../../ui/ActionButton';
import { FoldPanel } from '../../ui/FoldPanel';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { causeWords, notableNames, sayEvidence } from '../../words/diagnosis';
import { sayWeight } from '../../words/record';

/** So many causes stand open to begin with, and so many are told at all. */
const [openCauses, mostCauses] = [1, 6];

/** Why it went wrong: causes by how likely they are, each with what the record says for it and against it. */
interface WhyProps {
  readonly found: Diagnosis;
  /** Puts what to do otherwise into the next plan. */
  readonly onMind: (code: CauseCode) => void;
  /** Those that the next plan minds already. */
  readonly minded: readonly string[];
}

export function Why({ found: { causes, isEnough, noteNextTime }, onMind, minded }: WhyProps) {
  if (!isEnough) {
    return (
      <Panel title="Why: not enough was recorded">
        <Words>Next time note these three, and the record tells one cause from another:</Words>
        {noteNextTime.map((code) => (
          <Words key={code}>· {notableNames[code]}</Words>
        ))}
      </Panel>
    );
  }
  return (
    <View style={styles.stack} testID="why">
      {causes.slice(0, mostCauses).map((cause, at) => (
        <OneCause
          key={cause.code}
          cause={cause}
          isOpen={at < openCauses}
          isMinded={minded.includes(cause.code)}
          onMind={() => onMind(cause.code)}
        />
      ))}
      {noteNextTime.length > 0 && (
        <Words size="small" colour="inkSoft">
          Noted next time, these would tell more:{' '}
          {noteNextTime.map((code) => notableNames[code]).join('; ')}.
        </Words>
      )}
    </View>
  );
}

interface OneCauseProps {
  readonly cause: Cause;
  readonly isOpen: boolean;
  readonly isMinded: boolean;
  readonly onMind: () => void;
}

function OneCause({ cause, isOpen, isMinded, onMind }: OneCauseProps) {
  const { name, settle, rescue, nextTime } = causeWords[cause.code];
  return (
    <FoldPanel
      title={name}
      summary={sayWeight(cause.weight)}
      open={isOpen}
      testID={`cause-${cause.code}`}
    >
      {cause.for.length > 0 && <Told title="Speaks for it" lines={cause.for.map(sayEvidence)} />}
      {cause.against.length > 0 && (
        <Told title="Speaks against it" lines={cause.against.map(sayEvidence)} />
      )}
      {cause.for.length + cause.against.length === 0 && (
        <Words colour="inkSoft">Nothing was recorded that tells.</Words>
      )}
      <Told title="What would settle it" lines={[settle]} />
      <Told title="To rescue the piece" lines={[rescue]} />
      <Told title="Next time" lines={[nextTime]} />
      {isMinded ? (
        <Words size="small" colour="inkSoft">
          It is on the list of what is prepared for the next one.
        </Words>
      ) : (
        <View style={styles.row}>
          <ActionButton
            label="Put it into the next plan"
            spoken={`Put it into the next plan: ${name}`}
            onPress={onMind}
          />
        </View>
      )}
    </FoldPanel>
  );
}

const Told = ({ title, lines }: { readonly title: string; readonly lines: readonly string[] }) => (
  <View>
    <Words size="small" weight="semibold" colour="inkSoft">
      {title}
    </Words>
    {lines.map((line) => (
      <Words key={line}>{line}</Words>
    ))}
  </View>
);

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  row: { flexDirection: 'row', flexWrap: 'wrap' },
});
