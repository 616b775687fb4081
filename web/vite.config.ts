import { readFileSync } from "node:fs";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import type { Plugin } from "vite";
import { defineConfig } from "vitest/config";

const server = `http://127.0.0.1:${process.env["EVEN_CISTERN_PORT"] ?? "8484"}`;

const HINT = "//# allFunctionsCalledOnLoad";

/**
 * Has a browser compile all of what the page begins with beside its main thread, not function by function on it (an
 * "explicit compile hint"). A browser that does not know it reads a comment.
 */
const compiledAtOnce: Plugin = {
  name: "compiled-at-once",
  generateBundle: {
    order: "post",
    handler: (_options, bundle) => {
      const mark = (file: string) => {
        const chunk = bundle[file];
        if (chunk?.type !== "chunk" || chunk.code.startsWith(HINT)) return;
        chunk.code = `${HINT}\n${chunk.code}`;
        chunk.imports.forEach(mark);
      };
      Object.values(bundle).forEach((file) => file.type === "chunk" && file.isEntry && mark(file.fileName));
    },
  },
};

/** Names the files of each language's messages in the page's head, where its first script asks for the one it needs. */
const messagesNamed: Plugin = {
  name: "messages-named",
  transformIndexHtml: {
    order: "post",
    handler: (_html, { bundle }) =>
      Object.values(bundle ?? {}).flatMap((file) => {
        const language = file.type === "chunk" && /^(.+)\.first\.gen$/.exec(file.name)?.[1];
        return language && language !== "en-XA"
          ? [
              {
                tag: "link",
                attrs: { rel: "messages", hreflang: language, href: `/${file.fileName}` },
                injectTo: "head-prepend" as const,
              },
            ]
          : [];
      }),
  },
};

/** The reader of photographs, fetched from the application itself and only when one is read. */
const reader: Plugin = {
  name: "reader",
  generateBundle() {
    for (const file of [
      "tesseract.js/dist/worker.min.js",
      "tesseract.js-core/tesseract-core-simd-lstm.wasm.js",
      "@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz",
    ]) {
      this.emitFile({
        type: "asset",
        fileName: `reader/${file.split("/").pop() ?? ""}`,
        source: readFileSync(new URL(`node_modules/${file}`, import.meta.url)),
      });
    }
  },
};

export default defineConfig({
  plugins: [react(), tailwindcss(), compiledAtOnce, messagesNamed, reader],
  // messages are read when they are prepared; see scripts/messages.mjs
  resolve: { alias: { "@formatjs/icu-messageformat-parser": "@formatjs/icu-messageformat-parser/no-parser.js" } },
  test: { setupFiles: ["src/text/setup.ts"] },
  build: { outDir: "target/classes/static", emptyOutDir: true, target: "es2022", chunkSizeWarningLimit: 600 },
  server: { proxy: { "/api": server, "/actuator": server, "/reader": server } },
});
