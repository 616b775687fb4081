import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

const server = `http://127.0.0.1:${process.env["EVEN_CISTERN_PORT"] ?? "8484"}`;

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { outDir: "target/classes/static", emptyOutDir: true, target: "es2022", chunkSizeWarningLimit: 600 },
  server: { proxy: { "/api": server, "/actuator": server } },
});
