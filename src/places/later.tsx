import { lazy, Suspense, useEffect, useState, type ComponentType, type ReactNode } from 'react';
import { whenIdle } from '@/data/whenIdle';
import type * as restModule from './rest';

type Rest = typeof restModule;

let loaded: Rest | undefined;

/** Loads everything but the first screen. */
async function rest(): Promise<Rest> {
  loaded = await import('./rest');
  return loaded;
}

/** What cannot be fetched just now is told where it is wanted. */
const stillToCome = (): void => undefined;

/** The first screen has this long to itself, ms: loading more would hold up who types at once. */
const firstMs = 1_000;

/** Everything but the first screen, once it came; it is asked for when the first screen has been there for a moment. */
export function useRest(): Rest | undefined {
  const [found, setFound] = useState(loaded);
  useEffect(() => {
    if (found !== undefined) return undefined;
    const timer = setTimeout(
      () => whenIdle(() => void rest().then(setFound, stillToCome)),
      firstMs,
    );
    return () => clearTimeout(timer);
  }, [found]);
  return found;
}

/** What a component takes; `never` for what is none. */
type PropsOf<Component> = Component extends (props: infer Props extends object) => ReactNode
  ? Props
  : Component extends () => ReactNode
    ? object
    : never;

/** A component that comes with everything but the first screen. */
export function later<Name extends keyof Rest>(
  name: Name,
): (props: PropsOf<Rest[Name]>) => ReactNode {
  const Loaded = lazy(async () => ({
    default: (await rest())[name] as ComponentType<object>,
  }));
  return function Later(props) {
    // What is there already is shown at once: React lets whatever was waited for wait for a third of a second more.
    const [Ready] = useState(() => loaded?.[name] as ComponentType<object> | undefined);
    if (Ready !== undefined) return <Ready {...props} />;
    return (
      <Suspense fallback={null}>
        <Loaded {...props} />
      </Suspense>
    );
  };
}
