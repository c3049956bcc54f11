import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { InputError } from '../../core/problem';
import type { PourRecord } from '../../core/record/recordSchema';
import { useMouldActions } from '../../data/hooks/useCardActions';
import { useMoulds } from '../../data/hooks/queries';
import type { MouldRecord } from '../../data/records/mouldRecord';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { SettingLine } from '../../ui/fields/SettingLine';
import { TextField } from '../../ui/fields/TextField';
import { Words } from '../../ui/text/Words';
import { sayMouldUsed } from '../../words/record';

/** The mould of a pour, which casting of it that was, and what wear it shows: that stands on the mould's card. */
export function MouldOfRecord({ mould }: { readonly mould: NonNullable<PourRecord['mould']> }) {
  const { data } = useMoulds();
  const card = data?.records.find(({ id }) => id === mould.id);
  return (
    <View>
      <Words size="small" testID="record-mould">
        {sayMouldUsed(mould)}
      </Words>
      {card !== undefined && <Wear key={card.id} card={card} />}
    </View>
  );
}

/** As much as a card holds. */
const longest = 200;

function Wear({ card }: { readonly card: MouldRecord }) {
  const { castings = 0, lastFault = '' } = card.mould;
  const actions = useMouldActions();
  const notice = useNotice();
  const [typed, setTyped] = useState(lastFault);
  const isLong = typed.length > longest;
  const save = async (): Promise<void> => {
    const undo = await actions.saveAll([{ ...card.mould, lastFault: typed }], [card]);
    notice({ text: `Noted on the card of ${card.mould.name}`, undo });
  };
  return (
    <SettingLine
      label="Wear of the mould"
      value={lastFault === '' ? `none noted after ${castings} castings` : lastFault}
      assumed={lastFault === ''}
      testID="mould-wear"
    >
      {(close) => (
        <>
          <TextField
            label="What it shows"
            placeholder="torn, cloudy, leaks"
            value={typed}
            problem={isLong ? new InputError('too-long', typed.length, { longest }) : undefined}
            onChange={setTyped}
          />
          <View style={styles.row}>
            <ActionButton
              label="Note it on the mould"
              disabled={isLong}
              onPress={() => {
                void save();
                close();
              }}
            />
          </View>
        </>
      )}
    </SettingLine>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
