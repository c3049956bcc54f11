import { Tabs } from '../../ui/frame/Tabs';

const shelves = [
  { value: 'resins', label: 'Resins' },
  { value: 'moulds', label: 'Moulds' },
  { value: 'buying', label: 'Buying' },
  { value: 'repair', label: 'Repairs' },
] as const;
type ShelfName = (typeof shelves)[number]['value'];

/** Where each shelf is. */
export const shelfPaths = {
  resins: '/shelf',
  moulds: '/moulds',
  buying: '/buying',
  repair: '/repair',
} as const;

interface ShelfTabsProps {
  readonly here: ShelfName;
  readonly onChange: (shelf: ShelfName) => void;
}

/** What stands on the shelf, kind by kind, and what is to be bought for it. */
export const ShelfTabs = ({ here, onChange }: ShelfTabsProps) => (
  <Tabs label="Shelves" tabs={shelves} value={here} onChange={onChange} />
);
