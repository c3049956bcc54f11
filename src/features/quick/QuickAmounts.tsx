import { StyleSheet, View } from 'react-native';
import { AmountPair } from '../../ui/figures/AmountPair';
import { Words } from '../../ui/text/Words';
import { sayPoured, type PouredBatch } from '../../words/poured';

interface QuickAmountsProps {
  /** Undefined before an amount is typed. */
  readonly batch: PouredBatch | undefined;
  /** How many of it. */
  readonly count: number;
  readonly resin: string;
  /** A resin in one bottle. */
  readonly onePart: boolean;
  readonly outdated: boolean;
  /** The resin is not on the shelf: its ratio is typed here. */
  readonly isLabel: boolean;
}

/** A and B of one batch, large. */
export function QuickAmounts({
  batch,
  count,
  resin,
  onePart,
  outdated,
  isLabel,
}: QuickAmountsProps) {
  if (batch === undefined) {
    return (
      <Words colour="inkSoft">
        {isLabel
          ? 'Type the ratio on the label and an amount: A and B appear here.'
          : 'Type an amount: A and B appear here.'}
      </Words>
    );
  }
  return (
    <View style={styles.amounts}>
      <View role="status" style={styles.head}>
        <Words weight="bold">{count === 1 ? resin : `Each of ${count} batches of ${resin}`}</Words>
        {outdated && <Words size="small">last good figures</Words>}
      </View>
      <View style={outdated && styles.outdated}>
        <AmountPair onePart={onePart} {...sayPoured(batch)} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  amounts: { width: '100%' },
  head: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between' },
  outdated: { opacity: 0.5 },
});
