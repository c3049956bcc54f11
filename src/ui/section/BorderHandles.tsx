import { useEffect, useState, type KeyboardEvent } from 'react';
import { PanResponder, StyleSheet, View } from 'react-native';
import { sayHeight } from '../../words/figures';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space } from '../theme/tokens';
import { cavityPaths } from './cavityPaths';
import type { PlacedCavity } from './sectionLayout';

/** Borders between layers that a person has set, and what moves them. */
export interface MovableBorders {
  /** Heights over the floor, rising, mm. */
  readonly heightsMm: readonly number[];
  /** Where the pour begins and ends, mm. */
  readonly fromMm: number;
  readonly toMm: number;
  /** The deepest that the resin takes in one layer, mm. */
  readonly takesMm: number | undefined;
  readonly onMove: (index: number, heightMm: number) => void;
}

interface BorderHandlesProps {
  readonly borders: MovableBorders;
  readonly cavity: PlacedCavity;
}

/** How far a key moves a border, mm. */
const keys: Readonly<Record<string, number>> = {
  ArrowUp: 1,
  ArrowRight: 1,
  ArrowDown: -1,
  ArrowLeft: -1,
  PageUp: 10,
  PageDown: -10,
};

/** A layer is at least so deep while its border is moved, mm. */
const leastMm = 1;

/** A handle on each border between layers: dragged, or nudged by keys. It says where the border is, and when a layer is too deep. */
export function BorderHandles({ borders, cavity }: BorderHandlesProps) {
  return borders.heightsMm.map((_, index) => (
    <Handle key={index} index={index} borders={borders} cavity={cavity} />
  ));
}

interface Held {
  readonly hereMm: number;
  readonly move: (heightMm: number) => void;
  readonly perMm: number;
}

/** A drag up or down from where the border was when it began; it lives on while the figures change under it. */
class BorderDrag {
  private begunMm = 0;
  private held: Held | undefined;
  readonly panHandlers = PanResponder.create({
    onStartShouldSetPanResponder: () => true,
    onPanResponderGrant: () => {
      this.begunMm = this.held?.hereMm ?? 0;
    },
    onPanResponderMove: (_, { dy }) => this.held?.move(this.begunMm - dy / this.held.perMm),
  }).panHandlers;

  hold(held: Held): void {
    this.held = held;
  }
}

function Handle({ index, borders, cavity }: BorderHandlesProps & { readonly index: number }) {
  const colours = useColours();
  const { heightsMm, fromMm, toMm, takesMm, onMove } = borders;
  const hereMm = heightsMm[index]!;
  const below = heightsMm[index - 1] ?? fromMm;
  const above = heightsMm[index + 1] ?? toMm;
  const move = (heightMm: number): void => {
    // Between its neighbours, by whole millimetres.
    const [lowest, highest] = [Math.floor(below) + leastMm, Math.ceil(above) - leastMm];
    const inside = Math.min(highest, Math.max(lowest, Math.round(heightMm)));
    if (inside !== hereMm) onMove(index, inside);
  };
  const [drag] = useState(() => new BorderDrag());
  useEffect(() => drag.hold({ hereMm, move, perMm: cavity.upPerMm }));
  const { x, y } = cavityPaths(cavity);
  const tooDeep = takesMm !== undefined && (hereMm - below > takesMm || above - hereMm > takesMm);
  const left = x(hereMm, -1);
  return (
    <View
      {...drag.panHandlers}
      {...{
        onKeyDown: (event: KeyboardEvent) => {
          const by = keys[event.key];
          if (by === undefined) return;
          event.preventDefault();
          move(hereMm + by);
        },
      }}
      role="slider"
      tabIndex={0}
      aria-label={`Border of layers ${index + 1} and ${index + 2}`}
      aria-valuenow={hereMm}
      aria-valuemin={below}
      aria-valuemax={above}
      aria-valuetext={`${sayHeight(hereMm)}${tooDeep ? ', too deep for the resin' : ''}`}
      testID={`border-${index + 1}`}
      style={[styles.handle, { left, width: x(hereMm, 1) - left, top: y(hereMm) - touchDp / 2 }]}
    >
      <View
        style={[
          styles.grip,
          { backgroundColor: colours.sheet, borderColor: tooDeep ? colours.stop : colours.ink },
        ]}
      >
        <Words size="small" weight="semibold" colour={tooDeep ? 'stop' : 'ink'}>
          {sayHeight(hereMm)}
          {tooDeep ? `: over ${sayHeight(takesMm)}` : ''}
        </Words>
      </View>
    </View>
  );
}

/** How tall a handle is for a finger. */
const touchDp = 48;

const styles = StyleSheet.create({
  handle: {
    position: 'absolute',
    height: touchDp,
    zIndex: 3,
    alignItems: 'center',
    justifyContent: 'center',
    cursor: 'pointer',
    touchAction: 'none',
  } as object,
  grip: { borderWidth: 1.5, paddingHorizontal: space.small },
});
