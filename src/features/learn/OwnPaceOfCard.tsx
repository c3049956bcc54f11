import { StyleSheet, View } from 'react-native';
import { ownPaceOf, type ShopPace } from '../../core/learn/shopPace';
import type { Resin } from '../../core/resin/resinSchema';
import { usePieces } from '../../data/hooks/queries';
import { ActionButton } from '../../ui/ActionButton';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { capital } from '../../words/figures';
import { sayFactor, sayFactorRange, sayRefused, sayShopRate } from '../../words/ownPace';
import { FailedWork } from '../../ui/feedback/FailedWork';
import { useShopPaces } from './useShopPaces';

type OwnPaces = Resin['ownPace'];

interface OwnPaceOfCardProps {
  /** As it is on the shelf: records know it by that name. */
  readonly name: string;
  /** Those that plans go by. */
  readonly used: OwnPaces;
  readonly onUse: (paces: OwnPaces) => void;
}

/** The label beside one's own shop, hardener by hardener, and which of the two plans go by. */
export function OwnPaceOfCard({ name, used = [], onUse }: OwnPaceOfCardProps) {
  const found = useShopPaces(usePieces().data?.records, name);
  if (found === undefined || (found.measured === 0 && used.length === 0)) return null;
  const { paces, fitted, measured } = found;
  const others = used.filter(({ hardener }) => paces.every((pace) => pace.hardener !== hardener));
  const without = (hardener: string): OwnPaces => {
    const left = used.filter((each) => each.hardener !== hardener);
    return left.length === 0 ? undefined : left;
  };
  return (
    <Panel title="Your own shop" testID="own-shop">
      {fitted < measured && (
        <Words colour="inkSoft" role="status">
          Reading your records: {fitted} of {measured} pours.
        </Words>
      )}
      <FailedWork of="fit" />
      {paces.map((pace) => (
        <OnePace
          key={pace.hardener}
          pace={pace}
          isAlone={paces.length === 1}
          used={used.find(({ hardener }) => hardener === pace.hardener)}
          isReady={fitted === measured}
          onUse={() =>
            pace.rate &&
            onUse([...(without(pace.hardener) ?? []), ownPaceOf(pace.hardener, pace.rate)])
          }
          onLabel={() => onUse(without(pace.hardener))}
        />
      ))}
      {others.map(({ hardener, factor }) => (
        <View key={hardener} style={styles.pace}>
          <Words>
            {hardener}: plans take it {sayFactor(factor)} its label, from records that are not here.
          </Words>
          <ActionButton label="Go by the label" onPress={() => onUse(without(hardener))} />
        </View>
      ))}
    </Panel>
  );
}

interface OnePaceProps {
  readonly pace: ShopPace;
  readonly isAlone: boolean;
  readonly used: NonNullable<OwnPaces>[number] | undefined;
  readonly isReady: boolean;
  readonly onUse: () => void;
  readonly onLabel: () => void;
}

function OnePace({
  pace: { hardener, rate, lots, refused },
  isAlone,
  used,
  isReady,
  onUse,
  onLabel,
}: OnePaceProps) {
  const left = sayRefused(refused);
  return (
    <View style={styles.pace} testID={`own-pace-${hardener}`}>
      <Words weight="semibold">
        {isAlone ? '' : `${hardener}: `}
        {rate === undefined
          ? 'Your readings do not tell how fast it cures.'
          : `${isAlone ? 'Cures' : 'cures'} ${sayShopRate(rate)}`}
      </Words>
      {lots.length > 1 &&
        lots.map(({ lot, rate: own }) => (
          <Words key={lot} size="small">
            {lot}: {sayShopRate(own)}
          </Words>
        ))}
      {left !== '' && (
        <Words size="small" colour="inkSoft">
          {capital(left)}
        </Words>
      )}
      <Words colour="inkSoft">
        {used === undefined
          ? 'Plans go by the label.'
          : `Plans go by your shop: ${sayFactor(used.factor)} the label (${sayFactorRange(used.low, used.high)}).`}
      </Words>
      <View style={styles.row}>
        {rate !== undefined && isReady && !isSame(used, ownPaceOf(hardener, rate)) && (
          <ActionButton
            label={used === undefined ? 'Plan by your shop' : 'Take the newer figure'}
            onPress={onUse}
          />
        )}
        {used !== undefined && <ActionButton label="Go by the label" onPress={onLabel} />}
      </View>
    </View>
  );
}

/** A fit that was made anew comes to the same within what it can tell. */
const isSame = (
  used: NonNullable<OwnPaces>[number] | undefined,
  found: NonNullable<OwnPaces>[number],
): boolean =>
  used !== undefined &&
  used.pours === found.pours &&
  Math.abs(used.factor / found.factor - 1) < 0.005;

const styles = StyleSheet.create({
  pace: { gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
