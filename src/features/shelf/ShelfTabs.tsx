import { Tabs } from '../../ui/frame/Tabs';

const shelves = [
  { value: 'resins', label: 'Resins' },
  { value: 'moulds', label: 'Moulds' },
] as const;
type ShelfName = (typeof shelves)[number]['value'];

interface ShelfTabsProps {
  readonly here: ShelfName;
  readonly onChange: (shelf: ShelfName) => void;
}

/** What stands on the shelf, kind by kind. */
export const ShelfTabs = ({ here, onChange }: ShelfTabsProps) => (
  <Tabs label="Shelves" tabs={shelves} value={here} onChange={onChange} />
);
