import { memo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import type { ByRule, Doubt } from '../../core/measure/doubt';
import type { MeasureDetail } from '../../core/measure/measured';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space, touch } from '../../ui/theme/tokens';
import { sayDoubt, sayPlusMinus } from '../../words/doubts';
import { sayMl } from '../../words/figures';
import { coatFaceNames } from '../../words/names';

interface PartResultProps {
  readonly ml: number;
  readonly eachMl: number;
  readonly count: number;
  readonly plusMinusMl: number;
  readonly errs: Doubt['errs'];
  readonly doubt: ByRule;
  readonly detail?: MeasureDetail | undefined;
  readonly outdated: boolean;
}

/** What a measurement comes to: volume, how sure it is and which way it errs; the reason opens on a tap. */
export const PartResult = memo(function PartResult({
  ml,
  eachMl,
  count,
  plusMinusMl,
  errs,
  doubt,
  detail,
  outdated,
}: PartResultProps) {
  const colours = useColours();
  const [open, setOpen] = useState(false);
  // What is taken as drawn, or as somebody gave it, has no ± of its own: the reason says so in its place.
  const isSure = plusMinusMl === 0;
  return (
    <View style={[styles.result, outdated && styles.outdated]}>
      <Words weight="semibold">
        {sayMl(ml)}
        {count > 1 && (
          <Words colour="inkSoft">
            {' '}
            = {count} × {sayMl(eachMl)}
          </Words>
        )}
      </Words>
      {!isSure && (
        <TouchableRipple
          role="button"
          aria-expanded={open}
          aria-label={`${sayPlusMinus({ plusMinusMl, errs })}. Why?`}
          onPress={() => setOpen(!open)}
          style={styles.asks}
        >
          <View>
            <Words colour="inkSoft" style={[styles.dotted, { borderBottomColor: colours.inkSoft }]}>
              {sayPlusMinus({ plusMinusMl, errs })}
            </Words>
          </View>
        </TouchableRipple>
      )}
      {(open || (isSure && doubt.rule !== 'as-given')) && (
        <Words size="small" colour="inkSoft" style={styles.why}>
          {sayDoubt(doubt)}
        </Words>
      )}
      {detail?.kind === 'coat' && detail.faces.length > 1 && (
        <Words size="small" colour="inkSoft" style={styles.why}>
          {detail.faces
            .map(({ face, ml: faceMl }) => `${coatFaceNames[face]} ${sayMl(faceMl)}`)
            .join(' · ')}
        </Words>
      )}
    </View>
  );
});

const styles = StyleSheet.create({
  result: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: space.medium },
  asks: { minHeight: touch.table, justifyContent: 'center' },
  dotted: { borderBottomWidth: 1, borderStyle: 'dotted' },
  why: { width: '100%' },
  outdated: { opacity: 0.5 },
});
