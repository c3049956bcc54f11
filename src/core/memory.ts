/**
 * Remembers what was worked out for a key. What is made must follow from the key alone; an error is made anew each time.
 * @param most how many are remembered; then all are let go of, which is cheap and rare
 */
export function memory<V>(most: number): (key: string, make: () => V) => V {
  const known = new Map<string, V>();
  return (key, make) => {
    if (known.has(key)) return known.get(key) as V;
    const made = make();
    if (known.size >= most) known.clear();
    known.set(key, made);
    return made;
  };
}
