import { createContext, useContext, type ReactNode } from 'react';
import { createPortal } from 'react-dom';

/** Where a step may put a drawing on a wide screen: the middle column, under the Section. */
export const MiddleColumnContext = createContext<Element | null>(null);

/** Puts a drawing into the middle column where there is one; else it stays where it is. */
export function InMiddleColumn({ children }: { readonly children: ReactNode }) {
  const place = useContext(MiddleColumnContext);
  return place === null ? children : createPortal(children, place);
}
