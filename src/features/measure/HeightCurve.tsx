import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useOpenJob } from '../../data/draft/openJob';
import { ActionButton } from '../../ui/ActionButton';
import { HeightVolumeCurve } from '../../ui/chart/HeightVolumeCurve';
import { space } from '../../ui/theme/tokens';

/** How much lies under each height: opens on a tap. */
export function HeightCurve() {
  const { plan, outdated } = useOpenJob();
  const [open, setOpen] = useState(false);
  const curve = plan?.form?.heightCurve ?? [];
  if (curve.length === 0) return null;
  return (
    <View style={[styles.stack, outdated && styles.outdated]}>
      <View style={styles.row}>
        <ActionButton
          kind="bare"
          icon={open ? 'chevron-up' : 'chevron-down'}
          label="Volume by height"
          onPress={() => setOpen(!open)}
        />
      </View>
      {open && <HeightVolumeCurve curve={curve} />}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row' },
  outdated: { opacity: 0.5 },
});
