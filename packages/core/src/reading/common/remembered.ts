/** Texts that are remembered at once; a prospectus has some hundreds of sentences. */
const MOST = 1500;

/**
 * A reader that is asked for the same sentence by several others: what it said is remembered. It must tell the same of
 * the same words, and nobody may change what it gives.
 */
export function remembered<T>(read: (text: string) => T): (text: string) => T {
  const known = new Map<string, T>();
  return text => {
    if (known.has(text)) return known.get(text) as T;
    if (known.size >= MOST) known.clear();
    const said = read(text);
    known.set(text, said);
    return said;
  };
}
