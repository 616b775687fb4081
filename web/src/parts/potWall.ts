import type { Layer } from "../api";

/** Width at each height of a pot, cm. */
export type Wall = {
  points: { h: number; w: number }[];
  widthAt: (h: number) => number;
  /** Height of the mix, and of one of its layers. */
  mixHeight: number;
  step: number;
  rim: number;
  widest: number;
};

/** The wall, height by height, from the layers' own widths; beyond the lowest it runs on as it does above it. */
export function wallOf(layers: Layer[], potHeightCm: number, topWidthCm: number): Wall | undefined {
  const first = layers[0];
  const last = layers[layers.length - 1];
  if (!first || !last) return undefined;
  const step = layers.length > 1 ? layers[1]!.aboveFloorCm - first.aboveFloorCm : potHeightCm;
  const mixHeight = last.aboveFloorCm + step / 2;
  const rim = Math.max(potHeightCm, mixHeight * 1.02);
  const beyond = layers.length > 1 ? first.widthCm - (layers[1]!.widthCm - first.widthCm) / 2 : first.widthCm;
  const points = [
    { h: 0, w: Math.max(0, beyond) },
    ...layers.map((l) => ({ h: l.aboveFloorCm, w: l.widthCm })),
    { h: rim, w: topWidthCm },
  ];
  const widthAt = (h: number) => {
    const i = Math.max(
      points.findIndex((q) => q.h >= h),
      1,
    );
    const above = points[i] ?? points[points.length - 1]!;
    const below = points[i - 1] ?? points[0]!;
    return below.w + ((above.w - below.w) * (h - below.h)) / (above.h - below.h || 1);
  };
  return { points, widthAt, mixHeight, step, rim, widest: Math.max(...points.map((q) => q.w)) };
}
