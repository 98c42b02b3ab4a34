/** A picture on its neutral surround. */
export function PictureThumb({
  blob,
  alt,
  width = 92,
  height = 62,
}: {
  blob: Blob | undefined;
  alt: string;
  width?: number;
  height?: number;
}) {
  const url = blob && addressOf(blob);
  return (
    <span className="thumb" style={{ width, height }}>
      {url ? (
        <img src={url} alt={alt} />
      ) : (
        <svg width="30" height="30" viewBox="0 0 30 30" role="img" aria-label="No picture to show">
          <path d="M3 3l24 24M27 3L3 27" stroke="#fff" strokeWidth="1.5" />
        </svg>
      )}
    </span>
  );
}

/** Addresses by blob. Making one waits for another process, which a long list that is scrolled would feel. */
const addresses = new WeakMap<Blob, string>();

/** An address for a blob that is kept as long as the page; thumbnails are small. */
function addressOf(blob: Blob): string {
  const known = addresses.get(blob);
  if (known) return known;
  const made = URL.createObjectURL(blob);
  addresses.set(blob, made);
  return made;
}
