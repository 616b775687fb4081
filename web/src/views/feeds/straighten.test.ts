import { expect, test } from "vitest";
import { evened, lean } from "./straighten";

const WIDTH = 320;
const HEIGHT = 240;

/** Lines of print, leaning so far, on paper that is lit from the left. */
function page(angle: number, dark: number): Uint8ClampedArray {
  const data = new Uint8ClampedArray(4 * WIDTH * HEIGHT);
  for (let y = 0; y < HEIGHT; y++) {
    for (let x = 0; x < WIDTH; x++) {
      const row = y * Math.cos(angle) - x * Math.sin(angle);
      const print = (((row % 24) + 24) % 24 < 5 ? 0.2 : 1) * 230 * (1 - (dark * x) / WIDTH);
      const i = 4 * (y * WIDTH + x);
      data[i] = data[i + 1] = data[i + 2] = print;
      data[i + 3] = 255;
    }
  }
  return data;
}

const at = (data: Uint8ClampedArray, x: number, y: number) => data[4 * (y * WIDTH + x)] ?? 0;

test("paper in shade becomes as bright as paper in the light, and print stays dark", () => {
  const data = page(0, 0.7);
  expect(at(data, 300, 12)).toBeLessThan(90);
  evened(data, WIDTH, HEIGHT);
  for (const x of [20, 160, 300]) {
    expect(at(data, x, 12)).toBeGreaterThan(210);
    expect(at(data, x, 2)).toBeLessThan(90);
  }
});

test.each([-0.12, -0.03, 0, 0.05, 0.14])("lines that lean by %d are found to", (angle) => {
  const data = page(angle, 0.4);
  evened(data, WIDTH, HEIGHT);
  expect(Math.abs(lean(data, WIDTH, HEIGHT) - angle)).toBeLessThan(0.006);
});
