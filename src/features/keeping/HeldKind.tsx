import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import type { Standing } from '../../data/workshop/comparison';
import type { KindHeld } from '../../data/workshop/byKind';
import { Icon } from '../../ui/icons/Icon';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space, touch } from '../../ui/theme/tokens';
import { capital } from '../../words/figures';
import { sayKind, sayStanding, sayStandings, standingsTold } from '../../words/workshop';

/** More names than this are not told one by one. */
const mostNames = 30;

/** What stays as it is needs no names. */
const isTold = (standing: Standing): boolean => standing !== 'same' && standing !== 'older';

/** How the records of one kind stand; a tap tells which they are. */
export function HeldKind({
  name,
  keys,
  names,
}: KindHeld & { readonly names: ReadonlyMap<string, string> }) {
  const colours = useColours();
  const [isOpen, setOpen] = useState(false);
  const counts = new Map([...keys].map(([standing, all]) => [standing, all.length]));
  const told = standingsTold.flatMap((standing) => {
    const called = (keys.get(standing) ?? []).flatMap((key) => names.get(key) ?? []);
    return isTold(standing) && called.length > 0 ? [{ standing, called }] : [];
  });
  const row = (
    <View style={styles.row}>
      <Words weight="semibold" style={styles.kind}>
        {sayKind(name)}
      </Words>
      <Words style={styles.counts}>{sayStandings(counts)}</Words>
      {told.length > 0 && (
        <Icon name={isOpen ? 'chevron-up' : 'chevron-down'} colour={colours.ink} size={24} />
      )}
    </View>
  );
  return (
    <View style={{ borderBottomWidth: 1, borderBottomColor: colours.line }}>
      {told.length === 0 ? (
        row
      ) : (
        <TouchableRipple
          role="button"
          aria-expanded={isOpen}
          aria-label={`${sayKind(name)}: ${sayStandings(counts)}`}
          onPress={() => setOpen(!isOpen)}
        >
          {row}
        </TouchableRipple>
      )}
      {isOpen &&
        told.map(({ standing, called }) => (
          <Words key={standing} size="small" style={styles.names}>
            {capital(sayStanding(standing))}: {called.slice(0, mostNames).join(', ')}
            {called.length > mostNames && ` and ${called.length - mostNames} more`}
          </Words>
        ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    minHeight: touch.table,
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.medium,
    paddingVertical: space.tight,
  },
  kind: { width: 96 },
  counts: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  names: { paddingBottom: space.small },
});
