/** Where an offset of a text stands for whoever opens it in an editor. */
export interface Lines {
  /** @returns line and column, both from 1 */
  place(offset: number): { readonly line: number; readonly column: number };
}

/** Reads a text's line starts once; each place is then found by halving. */
export function linesOf(text: string): Lines {
  const starts = [0];
  for (let at = text.indexOf('\n'); at !== -1; at = text.indexOf('\n', at + 1)) starts.push(at + 1);
  return {
    place(offset) {
      let [low, high] = [0, starts.length - 1];
      while (low < high) {
        const middle = (low + high + 1) >> 1;
        if ((starts[middle] ?? 0) <= offset) low = middle;
        else high = middle - 1;
      }
      return { line: low + 1, column: offset - (starts[low] ?? 0) + 1 };
    },
  };
}

/**
 * Whether a JSON text nests deeper than wanted, without parsing it: a parser would use up the stack.
 * @returns the offset where it first does; null = it does not
 */
export function nestsDeeperThan(text: string, most: number): number | null {
  let depth = 0;
  let quoted = false;
  for (let i = 0; i < text.length; i++) {
    const sign = text.charCodeAt(i);
    if (quoted) {
      if (sign === 0x5c) i += 1;
      else if (sign === 0x22) quoted = false;
    } else if (sign === 0x22) quoted = true;
    else if (sign === 0x7b || sign === 0x5b) {
      depth += 1;
      if (depth > most) return i;
    } else if (sign === 0x7d || sign === 0x5d) depth -= 1;
  }
  return null;
}
