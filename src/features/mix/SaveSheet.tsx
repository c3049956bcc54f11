import { StyleSheet, View } from 'react-native';
import type { Plan } from '../../core/plan/planTypes';
import { amountRows } from '../../core/plan/amountRows';
import { download, fileNameOf } from '../../data/files/download';
import { csvOf } from '../../data/files/tables';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { jobSheet } from '../../ui/paper/jobSheet';
import { ownFonts, pageMeasure } from '../../ui/paper/ownFonts';
import { pagesPdf } from '../../ui/paper/pagesPdf';
import { pagesSvg } from '../../ui/paper/pagesSvg';
import { font } from '../../ui/theme/fontNames';
import { space } from '../../ui/theme/tokens';
import { ownZone } from '../../ui/useNow';
import { sayMissingLetters } from '../../words/paper';
import { sayDate } from '../../words/record';

interface SaveSheetProps {
  readonly plan: Plan;
  /** When what is done, a line each. */
  readonly days: readonly string[];
}

/** The sheet as files that print the same everywhere: its letters are in them. */
export function SaveSheet({ plan, days }: SaveSheetProps) {
  const notice = useNotice();
  const pages = () =>
    jobSheet(plan, {
      measure: pageMeasure(),
      days,
      printed: sayDate(Date.now(), ownZone()),
    });
  const savePdf = async (): Promise<void> => {
    const about = { title: plan.name, madeAt: Date.now() };
    const { bytes, missing } = await pagesPdf(pages(), await ownFonts(), about);
    download(fileNameOf(plan.name, '.pdf'), bytes, 'application/pdf');
    const said = sayMissingLetters(missing);
    if (said !== undefined) notice({ text: said });
  };
  const saveSvg = async (): Promise<void> => {
    const { text, semibold, bold } = await ownFonts();
    const fonts = { [font.text]: text, [font.semibold]: semibold, [font.bold]: bold };
    download(fileNameOf(plan.name, '.svg'), pagesSvg(pages(), fonts), 'image/svg+xml');
  };
  const saveCsv = async (): Promise<void> =>
    download(
      fileNameOf(plan.name, '.csv'),
      await csvOf(amountRows(plan).map((row) => ({ ...row }))),
      'text/csv',
    );
  return (
    <View style={styles.row} role="toolbar">
      <ActionButton icon="download" label="Save as PDF" onPress={() => void savePdf()} />
      <ActionButton icon="download" label="Save as SVG" onPress={() => void saveSvg()} />
      <ActionButton icon="download" label="Save as CSV" onPress={() => void saveCsv()} />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
