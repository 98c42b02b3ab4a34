/**
 * Patterns written as lists: what the lines of a template hold, parted by " | " or by the line's end, are alternatives.
 * A line that begins with "# " tells what those below it are for. Letter case is never told apart.
 */

/**
 * A group of alternatives, to stand within a longer pattern.
 * @param within patterns that stand within the lines
 */
export function oneOf({ raw }: TemplateStringsArray, ...within: string[]): string {
  const alternatives = String.raw({ raw }, ...within)
    .split('\n')
    .filter(line => !/^\s*# /.test(line))
    .flatMap(line => line.split(' | '))
    .map(one => one.trim())
    .filter(one => one !== '');
  return `(?:${alternatives.join('|')})`;
}

/** Whole words and phrases, which begin and end where words do. */
export function phrases(list: TemplateStringsArray, ...within: string[]): RegExp {
  return new RegExp(`\\b${oneOf(list, ...within)}\\b`, 'i');
}

/** Patterns as they are. */
export function patterns(list: TemplateStringsArray, ...within: string[]): RegExp {
  return new RegExp(oneOf(list, ...within), 'i');
}

/** The same pattern for every place where it fits. */
export function everywhere(pattern: RegExp): RegExp {
  return new RegExp(pattern, 'gi');
}
