import { StyleSheet, View } from 'react-native';
import type { Buying } from '../../core/stock/buying';
import { WhyRow } from '../../ui/figures/WhyRow';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayKit, sayLot, sayBuyingProblem } from '../../words/buying';
import { sayAlso, sayG, sayMl, sayMoney, sayUsVolume } from '../../words/figures';

interface BuyingFiguresProps {
  readonly buying: Buying;
  readonly currency: string;
}

function alsoUs(ml: number): { readonly also?: string } {
  const also = sayUsVolume(ml);
  return also === undefined ? {} : { also };
}

/** What is needed, what the shelf gives of it, and what to buy: the least that whole kits cost. */
export function BuyingFigures({ buying, currency }: BuyingFiguresProps) {
  const { needMl, needG, lots, fromLotsMl, missingMl, kits, cost, deliveries, leftoverMl } = buying;
  const bought = kits.filter(({ count }) => count > 0);
  return (
    <View>
      <WhyRow
        label="Needed"
        value={sayMl(needMl)}
        also={sayAlso(sayG(needG), sayUsVolume(needMl))}
      />
      {lots.map((lot) => {
        const { name, there } = sayLot(lot);
        return <WhyRow key={lot.lot} label={name} value={sayMl(lot.takenMl)} also={there} />;
      })}
      {lots.length > 0 && (
        <WhyRow
          label="Still to buy"
          value={sayMl(missingMl)}
          {...alsoUs(missingMl)}
          why={`${sayMl(fromLotsMl)} of it is on the shelf: the oldest opened first, nothing past its best-before.`}
        />
      )}
      {buying.problem !== undefined && missingMl > 0 && (
        <Words colour="stop" role="alert" style={styles.problem}>
          {sayBuyingProblem(buying.problem)}
        </Words>
      )}
      {bought.map((kit) => (
        <WhyRow
          key={kit.kit}
          label={`${kit.count} × ${kit.size}${kit.supplier === '' ? '' : `, ${kit.supplier}`}`}
          value={sayMoney(kit.cost, currency)}
        />
      ))}
      {deliveries > 0 && <WhyRow label="Delivery" value={sayMoney(deliveries, currency)} />}
      {cost !== undefined && bought.length > 0 && (
        <>
          <WhyRow
            label="Total"
            value={sayMoney(cost, currency)}
            also={`${sayMoney(buying.perLitre ?? 0, currency)} a litre · ${sayMoney(buying.perKg ?? 0, currency)} a kg`}
            why="The least that any combination of whole kits costs, each supplier's delivery once."
          />
          <WhyRow label="Left over" value={sayMl(leftoverMl)} {...alsoUs(leftoverMl)} />
        </>
      )}
      {kits.length > 0 && (
        <View style={styles.kits}>
          <Words size="small" weight="semibold" colour="inkSoft">
            Each kit on its own, delivery included
          </Words>
          {kits.map((kit) => (
            <Words key={kit.kit} size="small">
              {sayKit(kit, currency)}
            </Words>
          ))}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  problem: { paddingVertical: space.small },
  kits: { paddingVertical: space.medium, gap: space.tight },
});
