/** One file with its SHA-256 in lower-case hex. */
export interface Checksum {
  name: string;
  sha256: string;
}

/**
 * A list that `sha256sum --check` reads: hash, two spaces (text mode), name, line feed. A name that holds a
 * backslash or a line end is written escaped, with a backslash before the hash, as that tool does.
 */
export function writeSha256Sums(files: readonly Checksum[]): string {
  return files
    .map(({ name, sha256 }) => {
      const escaped = name.replace(/\\/g, '\\\\').replace(/\n/g, '\\n').replace(/\r/g, '\\r');
      return `${escaped === name ? '' : '\\'}${sha256}  ${escaped}\n`;
    })
    .join('');
}

/** Bytes as lower-case hex. */
export function toHex(bytes: Uint8Array): string {
  return [...bytes].map(byte => byte.toString(16).padStart(2, '0')).join('');
}
