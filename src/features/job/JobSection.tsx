import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useOpenJob } from '../../data/draft/openJob';
import { Section } from '../../ui/section/Section';
import { Words } from '../../ui/text/Words';

/** A save does not draw it anew. */
const PlannedSection = memo(Section);

interface JobSectionProps {
  readonly greatestHeight: number;
  readonly onPressPart: (index: number) => void;
}

/** The Section of the open job; before there is one, what to do for it. */
export function JobSection({ greatestHeight, onPressPart }: JobSectionProps) {
  const { plan, outdated } = useOpenJob();
  if (plan === undefined) {
    return <Words colour="inkSoft">Measure a cavity: the Section and the amounts appear.</Words>;
  }
  return (
    <View style={outdated && styles.outdated}>
      <PlannedSection plan={plan} greatestHeight={greatestHeight} onPressPart={onPressPart} />
    </View>
  );
}

const styles = StyleSheet.create({ outdated: { opacity: 0.5 } });
