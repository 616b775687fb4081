import js from "@eslint/js";
import hooks from "eslint-plugin-react-hooks";
import ts from "typescript-eslint";

export default ts.config(
  { ignores: ["target", "node_modules", "**/*.gen.d.ts"] },
  js.configs.recommended,
  ...ts.configs.recommended,
  {
    files: ["public/sw.js"],
    languageOptions: {
      globals: Object.fromEntries(
        ["self", "caches", "fetch", "Response", "Headers", "URL"].map((name) => [name, "readonly"]),
      ),
    },
  },
  {
    files: ["public/early.js"],
    languageOptions: {
      globals: Object.fromEntries(["fetch", "location", "window"].map((name) => [name, "readonly"])),
    },
  },
  {
    files: ["src/**/*.{ts,tsx}"],
    plugins: { "react-hooks": hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      "@typescript-eslint/consistent-type-imports": "error",
      "@typescript-eslint/no-unused-vars": ["error", { ignoreRestSiblings: true }],
    },
  },
);
