import { chakra } from '@chakra-ui/react';
import { useEffect, useState } from 'react';

/** A picture on its neutral surround. The blob's address is given back when it is no longer shown. */
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
  const url = useBlobUrl(blob);
  return (
    <chakra.span
      display="inline-flex"
      flex="none"
      alignItems="center"
      justifyContent="center"
      background="surround"
      padding="3px"
      width={`${width}px`}
      height={`${height}px`}
    >
      {url ? (
        <chakra.img src={url} alt={alt} maxWidth="100%" maxHeight="100%" />
      ) : (
        <svg width="30" height="30" viewBox="0 0 30 30" role="img" aria-label="No picture to show">
          <path d="M3 3l24 24M27 3L3 27" stroke="#fff" strokeWidth="1.5" />
        </svg>
      )}
    </chakra.span>
  );
}

/** An address for a blob, given back when the blob is no longer shown. */
function useBlobUrl(blob: Blob | undefined): string | undefined {
  const [made, setMade] = useState<{ blob: Blob; url: string }>();
  useEffect(() => {
    if (!blob) return;
    const url = URL.createObjectURL(blob);
    // An object address is a resource of the browser: it has to be made and given back by an effect.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setMade({ blob, url });
    return () => URL.revokeObjectURL(url);
  }, [blob]);
  return made && made.blob === blob ? made.url : undefined;
}
