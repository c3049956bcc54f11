import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PieceRecord } from '../../core/record/recordSchema';
import { pieceFactsOf } from '../../core/record/sideBySide';
import { useOne, usePieces, useSettings } from '../../data/hooks/queries';
import { pieces } from '../../data/kinds/kinds';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space } from '../../ui/theme/tokens';
import { ownZone } from '../../ui/useNow';
import { sayDate } from '../../words/record';
import { sayBeside } from '../../words/sideBySide';

/** So many are offered: those of the same resin first. */
const mostOffered = 200;

/** A piece beside another one, so that what was done otherwise is seen. */
export function BesideAnother({ id, piece }: { readonly id: string; readonly piece: PieceRecord }) {
  const entries = usePieces().data?.records;
  const [chosen, choose] = useState('');
  const other = useOne(pieces, chosen).data?.record?.piece;
  const currency = useSettings().data?.currency ?? '';
  const colours = useColours();
  const choices = useMemo(() => {
    const own = new Set(piece.pours.map(({ resin }) => resin));
    const isAlike = ({ resins }: { readonly resins: readonly string[] }): boolean =>
      resins.some((resin) => own.has(resin));
    const others = (entries ?? []).filter((entry) => entry.id !== id);
    return [...others.filter(isAlike), ...others.filter((each) => !isAlike(each))]
      .slice(0, mostOffered)
      .map((entry) => ({
        value: entry.id,
        label: `${entry.name}, ${sayDate(entry.madeAt, ownZone())}`,
      }));
  }, [entries, id, piece]);
  const rows = useMemo(
    () =>
      other === undefined
        ? []
        : sayBeside(pieceFactsOf(piece), pieceFactsOf(other), { zone: ownZone(), currency }),
    [piece, other, currency],
  );
  if (choices.length === 0) return null;
  return (
    <View testID="beside-another">
      <ChoiceLine
        label="Beside another piece"
        value={chosen}
        choices={choices}
        said={chosen === '' ? 'choose one' : undefined}
        assumed={chosen === ''}
        onChange={choose}
      />
      {rows.map(({ name, one, other: there, differs }) => (
        <View key={name} style={[styles.row, { borderBottomColor: colours.line }]}>
          <Words size="small" colour="inkSoft" style={styles.name}>
            {name}
          </Words>
          <Words weight={differs ? 'bold' : 'text'} style={styles.figure}>
            {one}
          </Words>
          <Words weight={differs ? 'bold' : 'text'} style={styles.figure}>
            {there}
          </Words>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: space.small,
    paddingVertical: space.tight,
    borderBottomWidth: 1,
  },
  name: { flexBasis: '100%' },
  figure: { flexGrow: 1, flexBasis: 120, flexShrink: 1 },
});
