// How much is loaded before the first view: the files named in the page's head and one language, gzipped.
// Use: node bench/first-load.mjs, after the page is built.
import { readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";

const built = new URL("../web/target/classes/static/", import.meta.url);
const page = readFileSync(new URL("index.html", built), "utf8");
const files = [
  ...page.matchAll(/<(link|script)[^>]*(?:href|src)="\/([^"]+)"[^>]*>/g),
]
  .filter(
    ([tag]) =>
      !tag.includes('rel="messages"') || tag.includes('hreflang="en-GB"'),
  )
  .map(([, , file]) => file);
const sizes = files.map((file) => [
  gzipSync(readFileSync(new URL(file, built))).length,
  file,
]);
sizes.forEach(([size, file]) =>
  console.log(`${(size / 1000).toFixed(1).padStart(7)} kB  ${file}`),
);
console.log(
  `${(sizes.reduce((sum, [size]) => sum + size, 0) / 1000).toFixed(1).padStart(7)} kB  in all`,
);
