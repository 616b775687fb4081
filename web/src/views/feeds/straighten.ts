/** Points to a side of the tiles that the light is measured in. */
const TILE = 32;
/** The light of a tile is that of its brighter points, its paper. */
const PAPER = 0.85;
/** Points darker than this, of 255, are print once the light is even. */
const PRINT = 140;
const LEAN_MOST = 0.21;
const LEAN_STEP = 0.0035;

/** Makes a picture grey, and its paper as bright everywhere: what is shaded is divided by the light that falls on it. */
export function evened(data: Uint8ClampedArray, width: number, height: number): void {
  const across = Math.ceil(width / TILE);
  const down = Math.ceil(height / TILE);
  const light = new Float32Array(across * down);
  const counts = new Uint32Array(256);
  const grey = (i: number) => ((data[i] ?? 0) * 77 + (data[i + 1] ?? 0) * 151 + (data[i + 2] ?? 0) * 28) >> 8;
  for (let ty = 0; ty < down; ty++) {
    for (let tx = 0; tx < across; tx++) {
      counts.fill(0);
      let all = 0;
      for (let y = ty * TILE; y < Math.min(height, (ty + 1) * TILE); y++) {
        for (let x = tx * TILE; x < Math.min(width, (tx + 1) * TILE); x++) {
          const g = grey(4 * (y * width + x));
          counts[g] = (counts[g] ?? 0) + 1;
          all++;
        }
      }
      let left = all * PAPER;
      let g = 0;
      while (g < 255 && left > (counts[g] ?? 0)) left -= counts[g++] ?? 0;
      light[ty * across + tx] = Math.max(g, 24);
    }
  }
  const at = (tx: number, ty: number) =>
    light[Math.min(down - 1, Math.max(0, ty)) * across + Math.min(across - 1, Math.max(0, tx))] ?? 255;
  for (let y = 0; y < height; y++) {
    const fy = y / TILE - 0.5;
    const ty = Math.floor(fy);
    for (let x = 0; x < width; x++) {
      const fx = x / TILE - 0.5;
      const tx = Math.floor(fx);
      const above = at(tx, ty) + (fx - tx) * (at(tx + 1, ty) - at(tx, ty));
      const below = at(tx, ty + 1) + (fx - tx) * (at(tx + 1, ty + 1) - at(tx, ty + 1));
      const paper = above + (fy - ty) * (below - above);
      const i = 4 * (y * width + x);
      const even = (grey(i) * 240) / paper;
      data[i] = data[i + 1] = data[i + 2] = even;
      data[i + 3] = 255;
    }
  }
}

/** How far its lines lean, in radians: turned by that, the print falls into the sharpest rows. */
export function lean(data: Uint8ClampedArray, width: number, height: number): number {
  const xs: number[] = [];
  const ys: number[] = [];
  const step = Math.max(1, Math.round(Math.max(width, height) / 900));
  for (let y = 0; y < height; y += step) {
    for (let x = 0; x < width; x += step) {
      if ((data[4 * (y * width + x)] ?? 255) < PRINT) {
        xs.push(x / step);
        ys.push(y / step);
      }
    }
  }
  const rows = new Float32Array(Math.ceil((width + height) / step) * 2);
  let best = 0;
  let sharpest = -1;
  for (let k = Math.round(-LEAN_MOST / LEAN_STEP); k <= Math.round(LEAN_MOST / LEAN_STEP); k++) {
    const sin = Math.sin(k * LEAN_STEP);
    const cos = Math.cos(k * LEAN_STEP);
    rows.fill(0);
    for (let i = 0; i < xs.length; i++) {
      const row = Math.round((ys[i] ?? 0) * cos - (xs[i] ?? 0) * sin) + rows.length / 2;
      rows[row] = (rows[row] ?? 0) + 1;
    }
    let sharp = 0;
    for (const n of rows) sharp += n * n;
    if (sharp > sharpest) {
      sharpest = sharp;
      best = k * LEAN_STEP;
    }
  }
  return best;
}
