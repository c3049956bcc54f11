import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Image, StyleSheet, View } from 'react-native';
import { ActionButton } from '../ActionButton';
import { useNotice } from '../feedback/NoticeProvider';
import { ChoiceField } from '../fields/ChoiceField';
import { CountField } from '../fields/CountField';
import { FoldPanel } from '../FoldPanel';
import { Words } from '../text/Words';
import { sayMissingLetters } from '../../words/paper';
import { space } from '../theme/tokens';
import { labelPages, labelSizes, type Label, type LabelSizeName } from './labels';
import { ownFonts, pageMeasure } from './ownFonts';
import { pagesPdf } from './pagesPdf';
import { pagesSvg } from './pagesSvg';
import { font } from '../theme/fontNames';

interface LabelFoldProps {
  readonly label: Label;
  /** What its files are called, without an ending. */
  readonly fileName: string;
  readonly onSave: (name: string, contents: string | Uint8Array<ArrayBuffer>, type: string) => void;
}

/** A label to stick on what this is of: its code leads back here. */
export function LabelFold(props: LabelFoldProps) {
  return (
    <FoldPanel title="Print a label" summary="with a code that opens this">
      <Labelled {...props} />
    </FoldPanel>
  );
}

const choices = Object.entries(labelSizes).map(([value, { name }]) => ({
  value: value as LabelSizeName,
  label: name,
}));
const mostLabels = 240;

function Labelled({ label, fileName, onSave }: LabelFoldProps) {
  const notice = useNotice();
  const [size, setSize] = useState<LabelSizeName>('62x29');
  const [count, setCount] = useState('1');
  const [measure] = useState(pageMeasure);
  const { data: code } = useQuery({
    queryKey: ['label-code', label.address],
    queryFn: async () =>
      (await import('qrcode')).create(label.address, { errorCorrectionLevel: 'M' }).modules,
    structuralSharing: false,
  });
  const typed = Number(count);
  const isRight = Number.isInteger(typed) && typed >= 1 && typed <= mostLabels;
  const wanted = isRight ? typed : 1;
  const pages = useMemo(
    () => code && labelPages(label, code, { size, count: wanted, measure }),
    [label, code, size, wanted, measure],
  );
  const { data: fonts } = useQuery({
    queryKey: ['own-fonts'],
    queryFn: ownFonts,
    staleTime: Infinity,
  });
  const embedded = useMemo(
    () =>
      fonts && {
        [font.text]: fonts.text,
        [font.semibold]: fonts.semibold,
        [font.bold]: fonts.bold,
      },
    [fonts],
  );
  const preview = useMemo(
    () => pages && embedded && pagesSvg(pages.slice(0, 1), embedded),
    [pages, embedded],
  );
  if (pages === undefined || fonts === undefined || preview === undefined) return null;
  const { widthMm, heightMm } = pages[0]!;
  const save = async (kind: 'pdf' | 'svg'): Promise<void> => {
    if (kind === 'pdf') {
      const about = { title: label.title, madeAt: Date.now() };
      const { bytes, missing } = await pagesPdf(pages, fonts, about);
      onSave(`${fileName}.label.pdf`, bytes, 'application/pdf');
      const said = sayMissingLetters(missing);
      if (said !== undefined) notice({ text: said });
      return;
    }
    onSave(`${fileName}.label.svg`, pagesSvg(pages, embedded), 'image/svg+xml');
  };
  return (
    <>
      <ChoiceField label="Size" value={size} choices={choices} onChange={setSize} />
      <CountField
        label="How many"
        value={count}
        onChange={setCount}
        problem={
          isRight
            ? undefined
            : { code: 'too-many', field: '', value: count, data: { limit: mostLabels } }
        }
      />
      <Image
        source={{ uri: `data:image/svg+xml;charset=utf-8,${encodeURIComponent(preview)}` }}
        style={[styles.preview, { aspectRatio: widthMm / heightMm }]}
        aria-label={`Label: ${label.title}`}
      />
      <Words size="small" colour="inkSoft">
        The code opens this in Nipperkin at {new URL(label.address).host}, where it is kept.
      </Words>
      <View style={styles.row}>
        <ActionButton
          icon="download"
          label="Save as PDF"
          disabled={!isRight}
          onPress={() => void save('pdf')}
        />
        <ActionButton
          icon="download"
          label="Save as SVG"
          disabled={!isRight}
          onPress={() => void save('svg')}
        />
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  preview: { width: '100%', maxWidth: 360 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
