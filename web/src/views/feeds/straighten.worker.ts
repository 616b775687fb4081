import { evened, lean } from "./straighten";

/** Letters of a label are best read where its longer side has so many points. */
const LONGER = 2200;
const SHORTER = 1400;

type Asked = { photo: Blob; quarters: number };

async function straightened({ photo, quarters }: Asked) {
  const bitmap = await createImageBitmap(photo);
  const longer = Math.max(bitmap.width, bitmap.height);
  const scale = longer > LONGER ? LONGER / longer : longer < SHORTER ? Math.min(2, SHORTER / longer) : 1;
  const upright = quarters % 2 === 0;
  const width = Math.round((upright ? bitmap.width : bitmap.height) * scale);
  const height = Math.round((upright ? bitmap.height : bitmap.width) * scale);
  const drawn = (angle: number, from: CanvasImageSource, by: number) => {
    const canvas = new OffscreenCanvas(width, height);
    const at = canvas.getContext("2d", { willReadFrequently: true });
    if (!at) throw new Error("canvas");
    at.fillStyle = "white";
    at.fillRect(0, 0, width, height);
    at.translate(width / 2, height / 2);
    at.rotate(angle);
    at.scale(by, by);
    const w = from instanceof ImageBitmap ? from.width : width;
    const h = from instanceof ImageBitmap ? from.height : height;
    at.drawImage(from, -w / 2, -h / 2);
    return { canvas, at };
  };
  const first = drawn((quarters * Math.PI) / 2, bitmap, scale);
  const pixels = first.at.getImageData(0, 0, width, height);
  evened(pixels.data, width, height);
  first.at.putImageData(pixels, 0, 0);
  const angle = lean(pixels.data, width, height);
  const last = Math.abs(angle) < 0.003 ? first : drawn(-angle, first.canvas, 1);
  return { picture: await last.canvas.convertToBlob({ type: "image/png" }), width, height };
}

self.onmessage = (e: MessageEvent<Asked>) => {
  straightened(e.data).then(
    (done) => self.postMessage(done),
    (failed: unknown) =>
      setTimeout(() => {
        throw failed;
      }),
  );
};
