import { createWorker, PSM } from "tesseract.js";
import type { Line } from "./wholeLabel";

export type Stage = { at: "photo_prepared" | "photo_fetching" } | { at: "photo_reading"; percent: number };

/** Where the application keeps the reader of pictures; see vite.config.ts. */
const READER = "/reader";
/** Below this confidence, in per cent, the picture may stand on its head or its side. */
const UNSURE = 55;
/** A line below this is no print: an edge, a shadow, the grain of the picture. */
const NO_PRINT = 45;

type Prepared = { picture: Blob; width: number; height: number };

/** Straightens a picture and evens out its light, beside the page's own thread. */
function prepared(photo: Blob, quarters: number): Promise<Prepared> {
  const worker = new Worker(new URL("./straighten.worker.ts", import.meta.url), { type: "module" });
  return new Promise<Prepared>((done, failed) => {
    worker.onmessage = (e: MessageEvent<Prepared>) => done(e.data);
    worker.onerror = () => failed(new Error("picture"));
    worker.postMessage({ photo, quarters });
  }).finally(() => worker.terminate());
}

/** Reads the text on a photograph, on this machine; each line of it with its piece of the picture. */
export async function readPhoto(photo: Blob, tell: (stage: Stage) => void): Promise<{ text: string; lines: Line[] }> {
  tell({ at: "photo_prepared" });
  let straight = await prepared(photo, 0);
  tell({ at: "photo_fetching" });
  const reader = await createWorker("eng", 1, {
    workerPath: `${READER}/worker.min.js`,
    corePath: `${READER}/tesseract-core-simd-lstm.wasm.js`,
    langPath: READER,
    workerBlobURL: false,
    cacheMethod: "none",
    gzip: true,
    logger: (m) =>
      m.status === "recognizing text" && tell({ at: "photo_reading", percent: Math.round(m.progress * 100) }),
  });
  try {
    await reader.setParameters({ tessedit_pageseg_mode: PSM.SINGLE_BLOCK, preserve_interword_spaces: "1" });
    const read = async () => (await reader.recognize(straight.picture, {}, { text: true, blocks: true })).data;
    let best = await read();
    for (let quarters = 1; quarters < 4 && best.confidence < UNSURE; quarters++) {
      const before = straight;
      straight = await prepared(photo, quarters);
      const turned = await read();
      if (turned.confidence > best.confidence) best = turned;
      else straight = before;
    }
    const found = (best.blocks ?? [])
      .flatMap((b) => b.paragraphs.flatMap((p) => p.lines))
      .filter((l) => l.confidence >= NO_PRINT);
    if (found.length === 0) throw new Error("no text");
    const whole = await createImageBitmap(straight.picture);
    const texts = found.map((line) => line.text.trim());
    let start = 0;
    const lines = found.map((line, i) => {
      const one = { start, end: start + (texts[i] ?? "").length, picture: piece(whole, line.bbox) };
      start = one.end + 1;
      return one;
    });
    return { text: texts.join("\n"), lines };
  } finally {
    await reader.terminate();
  }
}

type Box = { x0: number; y0: number; x1: number; y1: number };

function piece(whole: ImageBitmap, { x0, y0, x1, y1 }: Box): string {
  const canvas = document.createElement("canvas");
  const edge = 4;
  canvas.width = x1 - x0 + 2 * edge;
  canvas.height = y1 - y0 + 2 * edge;
  const at = canvas.getContext("2d");
  at?.drawImage(whole, x0 - edge, y0 - edge, canvas.width, canvas.height, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL("image/jpeg", 0.8);
}
