/** How a plant stands: outlines in a box from −1 to 1 across and from 0 at its foot to 1 at its top. */
const OUTLINES: Record<string, string> = {
  upright: "M0,0L-.1,.5Q-.9,.35 -.8,.95Q-.35,.8 -.12,.55L0,1Q.1,.8 .12,.55Q.4,.85 .85,.9Q.9,.3 .1,.5Z",
  rosette:
    "M0,0Q-.6,.1 -1,.55Q-.5,.5 -.2,.35Q-.5,.7 -.45,1Q-.15,.7 0,.4Q.15,.7 .45,1Q.5,.7 .2,.35Q.5,.5 1,.55Q.6,.1 0,0Z",
  mound: "M-.6,0Q-1.05,.15 -.98,.5Q-.9,1 0,1Q.9,1 .98,.5Q1.05,.15 .6,0Z",
  trailing:
    "M-.55,.35Q-.6,1 0,1Q.6,1 .55,.35Q.9,.5 1,-.25Q.8,-.15 .72,.05Q.66,-.35 .5,-.4Q.5,.1 0,.12Q-.5,.1 -.5,-.4Q-.66,-.35 -.72,.05Q-.8,-.15 -1,-.25Q-.9,.5 -.55,.35Z",
  tree: "M-.06,0L-.04,.35Q-.8,.3 -.95,.6Q-.95,1 0,1Q.95,1 .95,.6Q.8,.3 .04,.35L.06,0Z",
};

/** The outline of a plant, to the scale of what it stands in: its foot at the surface of the mix. */
export function Crown({
  shape,
  middle,
  foot,
  wide,
  tall,
}: {
  shape: string;
  middle: number;
  foot: number;
  wide: number;
  tall: number;
}) {
  return (
    <path
      d={OUTLINES[shape] ?? OUTLINES.mound}
      transform={`translate(${middle} ${foot}) scale(${wide / 2} ${-tall})`}
      vectorEffect="non-scaling-stroke"
      fill="var(--rule)"
      fillOpacity="0.45"
      stroke="var(--soft)"
      strokeWidth="1.5"
      strokeLinejoin="round"
    />
  );
}

/** The picture of one way to stand, above the rim of a pot. */
export function ShapePicture({ shape }: { shape: string }) {
  const tall = { upright: 30, rosette: 16, mound: 22, trailing: 20, tree: 32 }[shape] ?? 22;
  return (
    <svg viewBox="0 0 48 50" className="h-11 w-12" aria-hidden>
      <Crown shape={shape} middle={24} foot={34} wide={shape === "upright" ? 24 : 40} tall={tall} />
      <path d="M15,34L18,48H30L33,34Z" fill="var(--ground)" stroke="var(--ink)" strokeWidth="1.5" />
    </svg>
  );
}
