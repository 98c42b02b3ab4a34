/** Bits of 64 in which two fingerprints of one picture may differ; unrelated pictures differ in about half of them. */
const SAME_PICTURE_BITS = 5;

/** Whether two fingerprints (16 hexadecimal digits) are of what looks like the same picture. */
export function looksAlike(a: string, b: string): boolean {
  if (a.length !== 16 || b.length !== 16) return false;
  // A picture without any structure is like every other such picture, which says nothing.
  if (isFlat(a) || isFlat(b)) return false;
  let different = 0;
  for (let i = 0; i < 16; i++) {
    let bits = parseInt(a[i] ?? '0', 16) ^ parseInt(b[i] ?? '0', 16);
    for (; bits; bits >>= 1) different += bits & 1;
  }
  return different <= SAME_PICTURE_BITS;
}

const isFlat = (likeness: string) => /^(?:0+|f+)$/.test(likeness);
