import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";

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

export default defineConfig({
  plugins: [react(), tailwindcss(), compiledAtOnce],
  build: { outDir: "target/classes/static", emptyOutDir: true, target: "es2022", chunkSizeWarningLimit: 600 },
  server: { proxy: { "/api": server, "/actuator": server } },
});
