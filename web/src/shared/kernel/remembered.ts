/** What was worked out of a thing, kept as long as the thing is: by the thing itself and by how it was asked for. */
export function remembered<K extends object, V>(): (of: K, how: string, work: () => V) => V {
  const known = new WeakMap<K, Map<string, V>>();
  return (of, how, work) => {
    let ways = known.get(of);
    if (!ways) {
      ways = new Map();
      known.set(of, ways);
    }
    if (!ways.has(how)) {
      ways.set(how, work());
    }
    return ways.get(how)!;
  };
}
