import { Navigator, Slot, usePathname } from 'expo-router';
import type { ReactNode } from 'react';
import { useWide } from '../theme/useWide';
import { Beside } from './Beside';

interface ListLayoutProps {
  /** The address of the list. */
  readonly path: string;
  readonly list: ReactNode;
}

/** A list by itself on a phone; beside what is selected in it on a wide screen. */
export function ListLayout({ path, list }: ListLayoutProps) {
  const wide = useWide();
  const isList = usePathname() === path;
  return (
    <Navigator>
      {wide ? (
        <Beside list={list}>
          <Slot />
        </Beside>
      ) : isList ? (
        list
      ) : (
        <Slot />
      )}
    </Navigator>
  );
}
