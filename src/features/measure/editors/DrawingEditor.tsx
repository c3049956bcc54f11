import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFormContext, useWatch } from 'react-hook-form';
import { guessUnit } from '../../../core/measure/mesh/fileUnits';
import type { OutlineDetail } from '../../../core/measure/measured';
import { boundsOf } from '../../../core/measure/outline/polygon';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { SwitchField } from '../../../ui/fields/SwitchField';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { useFiles } from '../../../workers/useFiles';
import { sayArea } from '../../../words/figures';
import { sayIgnored } from '../../../words/ignored';
import { outlinePath, type OutlinePlace, type OutlinesDraft } from '../draftPlace';
import { OutlinesView } from '../drawings/OutlinesView';
import { FileButton } from '../FileButton';
import { UnitQuestion } from '../UnitQuestion';

interface DrawingEditorProps {
  readonly place: OutlinePlace;
  readonly detail: OutlineDetail | undefined;
}

/** A drawing: its file, its unit, and the outlines that count. */
export function DrawingEditor({ place, detail }: DrawingEditorProps) {
  const work = useFiles();
  const { setValue } = useFormContext<JobDraft>();
  const part = useWatch<JobDraft>({ name: place }) as OutlinesDraft | undefined;
  const [stated, setStated] = useState<number>();
  const [notes, setNotes] = useState('');
  const change = (values: OutlinesDraft): void => {
    for (const [key, value] of Object.entries(values)) {
      setValue(outlinePath(place, key as keyof OutlinesDraft), value as never);
    }
  };

  async function open(file: File): Promise<void> {
    const drawing = await work.run((remote) => remote.readDrawing(file));
    if (drawing === undefined) return;
    const { outlines, mmPerUnit, open: loose, ignored } = drawing;
    const size = sizeOfOutlines(outlines.map(({ points }) => points));
    const guess = guessUnit(Math.max(...size), mmPerUnit);
    setStated(mmPerUnit);
    setNotes(sayIgnored(loose, ignored));
    // A unit that the file states and that makes sense is taken, and stays in sight; any other is asked.
    const unit = guess.stated && !guess.doubtful ? guess.unit : undefined;
    change({ path: file.name, outlines: [...outlines], picked: undefined, unit });
  }

  const outlines = part?.outlines ?? [];
  const picked = part?.picked ?? outlines.map((_, index) => index + 1);
  const toggle = (number: number): void => {
    const next = picked.includes(number)
      ? picked.filter((each) => each !== number)
      : [...picked, number].sort((a, b) => a - b);
    change({ picked: next.length === outlines.length ? undefined : next });
  };
  return (
    <View style={styles.stack}>
      <FileButton
        label={part?.path === undefined ? 'Choose a drawing' : 'Choose another drawing'}
        work={work}
        onFile={(file) => void open(file)}
      />
      {outlines.length === 0 ? (
        <Words size="small" colour="inkSoft">
          SVG or DXF with closed outlines. An outline inside another is an island.
        </Words>
      ) : (
        <>
          <Words size="small" colour="inkSoft">
            {part?.path}. Leave out what does not count: tap it.
          </Words>
          <OutlinesView
            outlines={outlines.map(({ points }) => points)}
            picked={picked}
            onPress={toggle}
          />
          {outlines.length > 1 && outlines.length <= mostListed && (
            <View style={styles.list}>
              {outlines.map(({ layer }, index) => (
                <SwitchField
                  key={index}
                  label={`Outline ${index + 1}`}
                  {...(layer === undefined || layer === '' ? {} : { note: `on ${layer}` })}
                  value={picked.includes(index + 1)}
                  onChange={() => toggle(index + 1)}
                />
              ))}
            </View>
          )}
          {notes !== '' && <Words size="small">{notes}</Words>}
          <UnitQuestion
            value={part?.unit}
            onChange={(unit) => change({ unit })}
            size={sizeOfOutlines(outlines.map(({ points }) => points))}
            stated={stated}
          />
          {detail !== undefined && (
            <Words size="small">
              {picked.length} of {outlines.length} outlines, {sayArea(detail.areaMm2)}
            </Words>
          )}
        </>
      )}
    </View>
  );
}

function sizeOfOutlines(outlines: readonly (readonly number[])[]): readonly number[] {
  const { minX, minY, maxX, maxY } = boundsOf(outlines);
  return [maxX - minX, maxY - minY];
}

/** More outlines than this are picked on the drawing alone. */
const mostListed = 12;

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  list: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.large },
});
