/** Camera data that XMP can hold, by property: `tiff:Make`, `exif:FNumber`. */
export type CameraProperties = Readonly<Record<string, string>>;

export interface XmpContent {
  author?: string;
  copyright?: string;
  camera?: CameraProperties;
}

/**
 * An XMP packet (ISO 16684-1: 7.2 packet, 7.5 property values; XMP part 2 for the tiff and exif namespaces). Author and
 * copyright are in Dublin Core, which is where every kind of file can hold them in any script.
 */
export function writeXmp({ author, copyright, camera = {} }: XmpContent): string {
  const properties = [
    ...(author ? [`<dc:creator><rdf:Seq><rdf:li>${escape(author)}</rdf:li></rdf:Seq></dc:creator>`] : []),
    ...(copyright
      ? [
          `<dc:rights><rdf:Alt><rdf:li xml:lang="x-default">${escape(copyright)}</rdf:li></rdf:Alt></dc:rights>`,
        ]
      : []),
    ...Object.entries(camera).map(([name, value]) => `<${name}>${escape(value)}</${name}>`),
  ];
  return [
    '<?xpacket begin="\ufeff" id="W5M0MpCehiHzreSzNTczkc9d"?>',
    '<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">',
    `<rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:tiff="http://ns.adobe.com/tiff/1.0/" xmlns:exif="http://ns.adobe.com/exif/1.0/">${properties.join('')}</rdf:Description>`,
    '</rdf:RDF></x:xmpmeta>',
    '<?xpacket end="r"?>',
  ].join('\n');
}

const ENTITIES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&apos;',
};

/** Control characters have no place in XML at all. */
function escape(text: string): string {
  return text
    .replace(/[\u0000-\u001f\u007f]/g, ' ')
    .replace(/[&<>"']/g, letter => ENTITIES[letter] ?? letter);
}
