import { useVirtualizer, type VirtualItem } from '@tanstack/react-virtual';
import { memo, useContext, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { ScrollPlaceContext } from '../frame/scrollPlace';
import { space } from '../theme/tokens';

interface RowsProps<Item> {
  readonly items: readonly Item[];
  readonly keyOf: (item: Item) => string;
  readonly row: (item: Item) => ReactNode;
  /** About how high a row is, dp: so that a list of thousands is about as long as it will be. */
  readonly aboutHigh: number;
}

/** Up to so many rows stand in the page whole, where the browser finds words in them. */
const mostWhole = 50;

/** Rows of a list, one under the other. Of long lists only those stand in the page that are in sight, and some around them. */
export function Rows<Item>(props: RowsProps<Item>) {
  const { items, keyOf, row } = props;
  const { element, name } = useContext(ScrollPlaceContext);
  if (items.length > mostWhole) {
    // Before that is there nothing is in sight.
    return element && <RowsInSight {...props} place={element} name={name} />;
  }
  return (
    <View role="list" style={styles.list}>
      {items.map((item) => (
        <View key={keyOf(item)} role="listitem">
          <Row item={item} row={row} />
        </View>
      ))}
    </View>
  );
}

/** How high the rows of each list were that had been in sight: one comes back to the same rows. */
const heights = new Map<string, readonly VirtualItem[]>();

function RowsInSight<Item>({
  items,
  keyOf,
  row,
  aboutHigh,
  place,
  name,
}: RowsProps<Item> & { readonly place: HTMLElement; readonly name: string | undefined }) {
  const list = useRef<View>(null);
  const [above, setAbove] = useState(0);
  const [known] = useState(() => [...(heights.get(name ?? '') ?? [])]);
  useLayoutEffect(() => {
    // On the web a View is an element; its type is that of a phone.
    const element = list.current as unknown as HTMLElement | null;
    if (element?.parentElement == null) return undefined;
    const measure = (): void => {
      const top = element.getBoundingClientRect().top - place.getBoundingClientRect().top;
      setAbove(Math.round(top + place.scrollTop));
    };
    measure();
    // What stands above the list may come and go, and grow.
    const observer = new ResizeObserver(measure);
    observer.observe(element.parentElement);
    return () => observer.disconnect();
  }, [place]);
  // eslint-disable-next-line react-hooks/incompatible-library -- React's compiler, which it would disturb, is not used here
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => place,
    // A ScrollView has a `scrollTo` of its own.
    scrollToFn: (offset, { adjustments = 0 }) =>
      place.scrollBy({ top: offset + adjustments - place.scrollTop }),
    estimateSize: () => aboutHigh,
    getItemKey: (index) => keyOf(items[index]!),
    gap: space.medium,
    overscan: 4,
    initialMeasurementsCache: known,
    scrollMargin: above,
    initialRect: { width: 0, height: globalThis.innerHeight },
  });
  useLayoutEffect(
    () => () => void (name !== undefined && heights.set(name, rows.takeSnapshot())),
    [name, rows],
  );
  return (
    <View ref={list} role="list" style={{ height: rows.getTotalSize() }}>
      {rows.getVirtualItems().map(({ key, index, start }) => (
        <View
          key={key}
          role="listitem"
          aria-setsize={items.length}
          aria-posinset={index + 1}
          ref={(element) => rows.measureElement(element as unknown as Element | null)}
          {...{ dataSet: { index } }}
          style={[styles.placed, { transform: [{ translateY: start - above }] }]}
        >
          <Row item={items[index]!} row={row} />
        </View>
      ))}
    </View>
  );
}

interface RowProps<Item> {
  readonly item: Item;
  readonly row: (item: Item) => ReactNode;
}

/** Scrolling draws those rows alone that come into sight. */
const Row = memo(function Row<Item>({ item, row }: RowProps<Item>) {
  return row(item);
}) as <Item>(props: RowProps<Item>) => ReactNode;

const styles = StyleSheet.create({
  list: { gap: space.medium },
  placed: { position: 'absolute', top: 0, left: 0, right: 0 },
});
