import type { PixelSize } from './pixel-size.ts';
import { squaredSize, type SquareUp } from './square-up.ts';

/**
 * A person's frame for one file of one picture. Everything is relative to the picture, so that a frame can be copied to
 * a picture of another size and still mean the same.
 */
export interface Frame {
  /** Keep all and reduce; cut to the shape; keep all and add plain canvas. */
  method: 'whole' | 'trim' | 'mount';
  /** A slanted artwork pulled true before everything else; what follows is relative to the artwork then. */
  square?: SquareUp | undefined;
  /** Whether paper in uneven light is made evenly white. */
  evenPaper?: boolean | undefined;
  /** Quarter turns clockwise. */
  turns: 0 | 1 | 2 | 3;
  /** Left and right exchanged, after the turns. */
  mirrored: boolean;
  /** Degrees clockwise by which the picture is turned to stand level, -45 to 45. */
  levelDeg: number;
  /** Centre of the cut, as a share of the picture's width and height from its own centre, -0.5 to 0.5. */
  centreX: number;
  centreY: number;
  /** Size of the cut as a share of the largest that has its shape and centre, above 0 to 1. */
  size: number;
  /** Width over height of the cut, where the rules leave the shape free; undefined: as they ask, or as the picture is. */
  ratio?: number | undefined;
  /** Where the picture stands on its canvas: 0 left or top, 1 right or bottom. */
  canvasX: number;
  canvasY: number;
  /** `#rrggbb`. */
  canvasColour: string;
}

/** A frame that changes nothing: the middle of the picture, as large as it can be. */
export const PLAIN_FRAME: Frame = {
  method: 'trim',
  turns: 0,
  mirrored: false,
  levelDeg: 0,
  centreX: 0,
  centreY: 0,
  size: 1,
  canvasX: 0.5,
  canvasY: 0.5,
  canvasColour: '#ffffff',
};

/** What is done to a picture before it is cut, in this order. */
export interface Geometry {
  square?: SquareUp | undefined;
  turns: Frame['turns'];
  mirrored: boolean;
  levelDeg: number;
}

/**
 * A cut in the picture as it stands after its geometry, measured from its centre in source pixels; x to the right, y
 * down. Its corners lie inside the picture.
 */
export interface CentredRect {
  centreX: number;
  centreY: number;
  widthPx: number;
  heightPx: number;
}

/** The size of a picture once it is pulled true and turned: what levels and cuts are measured on. */
export function pictureSize(
  source: PixelSize,
  { square, turns }: Pick<Geometry, 'square' | 'turns'>,
): PixelSize {
  const { widthPx, heightPx } = square ? squaredSize(source, square) : source;
  return turns % 2 ? { widthPx: heightPx, heightPx: widthPx } : { widthPx, heightPx };
}

/**
 * The largest cut of a ratio with its centre as near as possible to the one asked. With a levelled picture the cut stays
 * upright and the picture lies askew behind it, so its corners limit the cut.
 * @param picture size after the quarter turns
 */
export function largestCut(
  picture: PixelSize,
  levelDeg: number,
  ratio: number,
  centre: { x: number; y: number },
): CentredRect {
  const shape = { x: ratio, y: 1 };
  const at = scaleAt(picture, levelDeg, shape, centre);
  return { centreX: centre.x, centreY: centre.y, widthPx: at * ratio, heightPx: at };
}

/** The nearest centre to the one asked at which a cut of this size lies inside the picture; undefined when it is too large. */
export function nearestCentre(
  picture: PixelSize,
  levelDeg: number,
  cut: PixelSize,
  wanted: { x: number; y: number },
): { x: number; y: number } | undefined {
  // In the picture's own directions the centre may move in a box: half the picture, less what the cut reaches out.
  const { cos, sin } = turnOf(levelDeg);
  const reachX = (Math.abs(cos) * cut.widthPx + Math.abs(sin) * cut.heightPx) / 2;
  const reachY = (Math.abs(sin) * cut.widthPx + Math.abs(cos) * cut.heightPx) / 2;
  const roomX = picture.widthPx / 2 - reachX;
  const roomY = picture.heightPx / 2 - reachY;
  // A hair of rounding must not shut out the cut that fills the picture.
  if (roomX < -HAIR * picture.widthPx || roomY < -HAIR * picture.heightPx) return undefined;
  const own = rotated(wanted, -levelDeg);
  const kept = { x: clamp(own.x, Math.max(0, roomX)), y: clamp(own.y, Math.max(0, roomY)) };
  return rotated(kept, levelDeg);
}

const HAIR = 1e-9;

/** Whether all corners of a cut lie inside the picture. */
export function isInside(picture: PixelSize, levelDeg: number, cut: CentredRect, slackPx = 1e-6): boolean {
  return [-1, 1].every(right =>
    [-1, 1].every(down => {
      const corner = {
        x: cut.centreX + (right * cut.widthPx) / 2,
        y: cut.centreY + (down * cut.heightPx) / 2,
      };
      const own = rotated(corner, -levelDeg);
      return (
        Math.abs(own.x) <= picture.widthPx / 2 + slackPx && Math.abs(own.y) <= picture.heightPx / 2 + slackPx
      );
    }),
  );
}

/** A point turned clockwise round the origin, with y down. */
export function rotated({ x, y }: { x: number; y: number }, deg: number): { x: number; y: number } {
  const { cos, sin } = turnOf(deg);
  return { x: cos * x - sin * y, y: sin * x + cos * y };
}

/** How many times a shape fits round a centre before a corner leaves the picture. */
function scaleAt(
  picture: PixelSize,
  levelDeg: number,
  shape: { x: number; y: number },
  centre: { x: number; y: number },
): number {
  const own = rotated(centre, -levelDeg);
  const { cos, sin } = turnOf(levelDeg);
  const reachX = (Math.abs(cos) * shape.x + Math.abs(sin) * shape.y) / 2;
  const reachY = (Math.abs(sin) * shape.x + Math.abs(cos) * shape.y) / 2;
  return Math.max(
    0,
    Math.min(
      (picture.widthPx / 2 - Math.abs(own.x)) / reachX,
      (picture.heightPx / 2 - Math.abs(own.y)) / reachY,
    ),
  );
}

function turnOf(deg: number): { cos: number; sin: number } {
  const angle = (deg * Math.PI) / 180;
  return { cos: Math.cos(angle), sin: Math.sin(angle) };
}

const clamp = (value: number, most: number) => Math.min(most, Math.max(-most, value));
