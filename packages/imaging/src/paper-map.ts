/** One plane of values, row by row. */
export interface Plane {
  data: Float32Array;
  width: number;
  height: number;
}

/**
 * The paper behind some writing: everything dark that is narrower than a window is filled with the light of what is round
 * it, and the rest is smoothed. A closing, as morphology calls it: the lightest of a window, and of that the darkest.
 * @param windowPx whole pixels, wider than the broadest stroke
 */
export function paperBehind({ data, width, height }: Plane, windowPx: number): Plane {
  const reach = Math.max(1, windowPx >> 1);
  const lightest = window(window({ data, width, height }, reach, 1), reach, 1);
  const closed = window(window(lightest, reach, -1), reach, -1);
  return smooth(closed, reach);
}

/**
 * The greatest (sign 1) or least (sign -1) of a window along the rows, and then the picture on its side, so that a second
 * pass does the other direction. Spans are doubled until two of them cover the window.
 */
function window({ data, width, height }: Plane, reach: number, sign: 1 | -1): Plane {
  const out = new Float32Array(data.length);
  const row = new Float32Array(width);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) row[x] = sign * (data[y * width + x] ?? 0);
    let span = 1;
    for (; span * 2 <= 2 * reach + 1; span *= 2)
      for (let x = 0; x + span < width; x++) row[x] = Math.max(row[x] ?? 0, row[x + span] ?? 0);
    for (let x = 0; x < width; x++) {
      const first = row[Math.max(0, x - reach)] ?? 0;
      const last = row[Math.max(0, Math.min(width - 1, x + reach - span + 1))] ?? 0;
      out[x * height + y] = sign * Math.max(first, last);
    }
  }
  return { data: out, width: height, height: width };
}

/** Two passes of a running mean in both directions. */
function smooth(plane: Plane, reach: number): Plane {
  let now = plane;
  for (let pass = 0; pass < 4; pass++) now = meanRows(now, reach);
  return now;
}

function meanRows({ data, width, height }: Plane, reach: number): Plane {
  const out = new Float32Array(data.length);
  for (let y = 0; y < height; y++) {
    const at = (x: number) => data[y * width + Math.min(width - 1, Math.max(0, x))] ?? 0;
    let sum = 0;
    for (let i = -reach; i <= reach; i++) sum += at(i);
    for (let x = 0; x < width; x++) {
      out[x * height + y] = sum / (2 * reach + 1);
      sum += at(x + reach + 1) - at(x - reach);
    }
  }
  return { data: out, width: height, height: width };
}
