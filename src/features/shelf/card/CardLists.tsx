import type { ReactNode } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { amountRule } from '../../../core/quantity/rules';
import { ActionButton } from '../../../ui/ActionButton';
import { useNotice } from '../../../ui/feedback/NoticeProvider';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { SignButton } from '../../../ui/SignButton';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { CardQuantity, CardText } from './CardFields';
import { HardenerFields } from './HardenerFields';
import { emptyKit, emptyLot, hardenerDraft, type ResinDraft } from './resinDraft';

type ListKey = 'hardeners' | 'kits' | 'lots';

interface CardListProps<K extends ListKey> {
  readonly list: K;
  /** What one of them is called: `kit 2`. */
  readonly name: string;
  readonly add: string;
  readonly empty: () => ResinDraft[K][number];
  readonly children: (index: number) => ReactNode;
}

/** Things of a card of which there may be several; one that is removed can be put back. */
function CardList<K extends ListKey>({ list, name, add, empty, children }: CardListProps<K>) {
  const { control, setValue } = useFormContext<ResinDraft>();
  const notice = useNotice();
  const items = (useWatch({ control, name: list as ListKey }) ?? []) as ResinDraft[K][number][];
  const change = (next: ResinDraft[K][number][]): void =>
    setValue(list as ListKey, next as ResinDraft[ListKey]);
  const remove = (index: number): void => {
    change(items.filter((_, at) => at !== index));
    notice({ text: `Removed ${name} ${index + 1}`, undo: async () => change(items) });
  };
  return (
    <View style={styles.stack}>
      {items.map((_, index) => (
        <View key={index} style={styles.item} testID={`${list}-${index + 1}`}>
          <View style={styles.head}>
            <Words weight="semibold">
              {name.charAt(0).toUpperCase() + name.slice(1)} {index + 1}
            </Words>
            <SignButton
              icon="delete"
              label={`Remove ${name} ${index + 1}`}
              onPress={() => remove(index)}
            />
          </View>
          {children(index)}
        </View>
      ))}
      <View style={styles.row}>
        <ActionButton icon="plus" label={add} onPress={() => change([...items, empty()])} />
      </View>
    </View>
  );
}

/** Other hardeners for the same resin. */
export const HardenerList = () => (
  <CardList list="hardeners" name="hardener" add="Add a hardener" empty={() => hardenerDraft()}>
    {(index) => <HardenerFields at={`hardeners.${index}.`} />}
  </CardList>
);

/** Sizes on sale. */
export const KitList = () => (
  <CardList list="kits" name="kit" add="Add a kit" empty={emptyKit}>
    {(index) => (
      <FieldRow>
        <CardQuantity
          path={`kits.${index}.size`}
          label="Both parts together"
          unit="l"
          rule={amountRule}
        />
        <CardText path={`kits.${index}.price`} label="Price" numeric />
        <CardText path={`kits.${index}.delivery`} label="Delivery, once an order" numeric />
        <CardText path={`kits.${index}.supplier`} label="Supplier" />
      </FieldRow>
    )}
  </CardList>
);

/** What is on the shelf. */
export const LotList = () => (
  <CardList list="lots" name="lot" add="Add a lot" empty={emptyLot}>
    {(index) => (
      <FieldRow>
        <CardQuantity
          path={`lots.${index}.left`}
          label="Left, both parts"
          unit="l"
          rule={amountRule}
        />
        <CardText path={`lots.${index}.code`} label="Number on the bottles" />
        <CardText path={`lots.${index}.opened`} label="Opened on" placeholder="2026-11-23" />
        <CardText path={`lots.${index}.bestBefore`} label="Best before" placeholder="2027-11-23" />
      </FieldRow>
    )}
  </CardList>
);

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  item: { gap: space.small },
  head: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' },
  row: { flexDirection: 'row' },
});
