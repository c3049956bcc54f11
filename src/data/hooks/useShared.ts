import { replaceEqualDeep } from '@tanstack/react-query';
import { useMemo, useState } from 'react';

/** A value with every part of it that is as it was kept the same, so that what shows only that is not drawn anew. */
export function useShared<T>(value: T): T {
  const [shared, setShared] = useState(value);
  const next = useMemo(() => replaceEqualDeep(shared, value), [shared, value]);
  if (next !== shared) setShared(next);
  return next;
}
