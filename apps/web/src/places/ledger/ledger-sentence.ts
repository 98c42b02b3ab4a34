import { capitalised, wordAllFiles, wordNumber, wordPlural } from '@able-frame/core';
import { countStates, type Row } from '../../store/rows.ts';

/** How the submission stands, in one sentence. */
export function ledgerSentence(rows: readonly Row[]): string {
  const n = rows.length;
  if (!n) return 'No pictures yet.';
  const counts = countStates(rows);
  if (counts.proven === n) return `${capitalised(wordAllFiles(n))} ${wordPlural(n, 'is', 'are')} proven.`;
  if (counts.making) return `Making and proving: ${wordNumber(counts.making)} still to come.`;
  const parts = [
    counts.proven &&
      `${wordNumber(counts.proven)} of ${wordNumber(n)} ${counts.proven === 1 ? 'is' : 'are'} proven`,
    counts.ready && `${wordNumber(counts.ready)} ${counts.ready === 1 ? 'is' : 'are'} ready`,
    counts['needs-you'] &&
      `${wordNumber(counts['needs-you'])} ${wordPlural(counts['needs-you'], 'needs', 'need')} you`,
    counts.broken && `${wordNumber(counts.broken)} cannot be made`,
  ].filter(Boolean);
  const [first, ...rest] = parts;
  const subject =
    counts.proven || !first
      ? ''
      : n === 1
        ? ''
        : `Of ${wordNumber(n)} ${rows.every(row => row.isFirst) ? 'pictures' : 'files'}, `;
  const tail =
    rest.length > 1
      ? `, ${rest.slice(0, -1).join(', ')}, and ${rest.at(-1)}`
      : rest.length
        ? ` and ${rest[0]}`
        : '';
  return `${capitalised(`${subject}${first ?? ''}${tail}`)}.`;
}
