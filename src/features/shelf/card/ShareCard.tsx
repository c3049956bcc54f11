import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { copyText } from '../../../ui/copyText';
import type { Resin } from '../../../core/resin/resinSchema';
import { cardsCsv, cardsJson } from '../../../data/files/cardFiles';
import { cardLink } from '../../../data/links/cardLinks';
import { download, fileNameOf } from '../../../data/files/download';
import { ActionButton } from '../../../ui/ActionButton';
import { useNotice } from '../../../ui/feedback/NoticeProvider';
import { FoldPanel } from '../../../ui/FoldPanel';
import { QrCode } from '../../../ui/QrCode';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';

/** Hands the card on: as a link or a code that holds it whole, or as a file. */
export function ShareCard({ card }: { readonly card: Resin }) {
  const notice = useNotice();
  const [link] = useState(() => cardLink(card, window.location.origin));
  const copy = async (): Promise<void> => {
    const copied = await copyText(link);
    notice({ text: copied ? 'Copied the link' : 'The browser did not allow copying.' });
  };
  const saveAsCsv = async (): Promise<void> =>
    download(fileNameOf(card.name, '.csv'), await cardsCsv([card]), 'text/csv');
  return (
    <FoldPanel title="Share this card" summary="link, code, file">
      <Words size="small" colour="inkSoft">
        The link holds the whole card; nothing is kept anywhere else. Save the card first, so that
        what you changed goes along.
      </Words>
      <QrCode text={link} label={`Code of the card ${card.name}`} />
      <View style={styles.row}>
        <ActionButton icon="content-copy" label="Copy the link" onPress={() => void copy()} />
        <ActionButton
          icon="download"
          label="Save as JSON"
          onPress={() => download(fileNameOf(card.name, '.resins.json'), cardsJson([card]))}
        />
        <ActionButton icon="download" label="Save as CSV" onPress={() => void saveAsCsv()} />
      </View>
    </FoldPanel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
