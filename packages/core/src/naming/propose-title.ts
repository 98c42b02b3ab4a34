/**
 * Proposes a title from a file name: extension, copy marks at its end go, joined words come apart. Where nothing but a
 * camera's counter is left, the title that is embedded in the picture takes its place.
 * @returns an empty text where there is neither: the person has to give a title
 */
export function proposeTitle(fileName: string, embedded = ''): string {
  return fromFileName(fileName) || embedded.replace(/\s+/g, ' ').trim();
}

function fromFileName(fileName: string): string {
  const stem = fileName.replace(/\.[A-Za-z0-9]{1,5}$/, '');
  const words = stem
    .replace(/\(\s*\d+\s*\)\.*$/, '')
    .replace(/[\s_.-]+(final|copy|edit|edited)[\s_.-]*\d*$/i, '')
    .replace(/[_.-]+/g, ' ')
    .replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2')
    .replace(/\s+/g, ' ')
    .trim();
  // A camera's letters and counter, a date and time, or nothing at all.
  if (/^(?:[a-z]{1,4} ?)?\d[\d ]{2,}$/i.test(words) || /^(?:img|dsc|dscf|pxl)$/i.test(words)) return '';
  return words.replace(/^\p{Ll}/u, letter => letter.toUpperCase());
}
