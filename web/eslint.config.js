import js from "@eslint/js";
import hooks from "eslint-plugin-react-hooks";
import i18next from "eslint-plugin-i18next";
import ts from "typescript-eslint";

// what a person reads is in the messages; what stays are ids, styles, addresses, units, formulas and signs
const LITERALS = {
  mode: "all",
  "should-validate-template": true,
  message: "What a person reads belongs in src/text/en-GB.json",
  "jsx-components": { exclude: [] },
  "jsx-attributes": {
    exclude: [
      "className",
      "to",
      "key",
      "id",
      "href",
      "type",
      "role",
      "d",
      "transform",
      "viewBox",
      "style",
      "stroke.*",
      "fill",
      "unit",
      "units",
      "field",
      "step",
      "name",
      "value",
      "section",
    ],
  },
  "object-properties": { exclude: ["to", "key", "id", "unit", "units", "value", "path", "queryKey"] },
  callees: {
    exclude: [
      "say",
      "rich",
      "words",
      "worded",
      "require",
      "Error",
      "includes",
      "startsWith",
      "endsWith",
      "split",
      "join",
      "replaceAll",
      "replace",
      "addEventListener",
      "removeEventListener",
      "querySelector",
      "closest",
      "getItem",
      "setItem",
      "useDraft",
      "useSearch",
      "useParams",
      "useNavigate",
      "get",
      "has",
      "set",
      "GET",
      "POST",
      "PUT",
      "DELETE",
      "lazyView",
      "createElement",
      "match",
      "matchMedia",
      "Symbol",
      "fetch",
      "test",
    ],
  },
  words: {
    // no word of two letters that begins with a capital or stands beside another
    exclude: [
      "[^A-Za-z]*",
      "[a-zA-Z0-9_./:#?&=$%-]*",
      ".*(\\b(rule|ink|px|underline|rem)\\b|var\\(--).*",
      "\\[data-read\\]",
      "(a )?(US |imp )?(gal|qt|fl oz|tsp|L|mL|g|°C|°F|mg/L( N| CaCO₃)?)",
      "[NPKCaMgS₂₃₅O ]*",
      "L · cm",
      "(\\\\u[0-9a]{4}(fl|oz|gal|L)?)+",
    ],
  },
};

// arrows point downward: views, parts, ui, api, text; a view knows no other view
const keptFrom = (files, regex, message) => ({
  files: [files],
  rules: { "no-restricted-imports": ["error", { patterns: [{ regex, message }] }] },
});
const ARROWS = [
  keptFrom("src/views/*/**", "^\\.\\./[a-z]+/", "A view knows no other view: what both need is a part."),
  keptFrom("src/parts/**", "/views/", "A part knows no view."),
  keptFrom("src/ui/**", "/(views|parts)/", "A primitive knows no view and no part."),
  keptFrom("src/api/**", "/(views|parts|ui)/", "The contract knows nothing that is shown."),
  keptFrom("src/text/**", "/(views|parts|ui)/", "The words know nothing that is shown."),
];

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
    files: ["scripts/*.mjs"],
    languageOptions: { globals: { URL: "readonly" } },
  },
  {
    files: ["public/early.js"],
    languageOptions: {
      globals: Object.fromEntries(
        ["document", "fetch", "localStorage", "location", "navigator", "window"].map((name) => [name, "readonly"]),
      ),
    },
  },
  {
    files: ["src/**/*.{ts,tsx}"],
    ignores: ["src/**/*.test.*"],
    plugins: { "react-hooks": hooks, i18next },
    rules: {
      ...hooks.configs.recommended.rules,
      "i18next/no-literal-string": ["error", LITERALS],
      "no-restricted-syntax": [
        "error",
        { selector: "JSXText[value=/[A-Za-z]{3}/]", message: LITERALS.message },
        {
          selector:
            "JSXAttribute[name.name=/^(label|title|what|hint|placeholder|alt|none|line|aria-label|said)$/] > Literal[value=/[A-Za-z]{3}/]",
          message: LITERALS.message,
        },
        {
          selector:
            "Property[key.name=/^(label|title|does|hint|note|text)$/] > Literal[value=/^[A-Za-z]{4}/]:not([value=/[.]/])",
          message: LITERALS.message,
        },
        {
          selector:
            ":matches(JSXElement, JSXFragment) > JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > Literal[value=/[A-Za-z]{3}/]",
          message: LITERALS.message,
        },
        {
          selector: "Program > * CallExpression[callee.name=/^(say|rich|words)$/]:not(:function CallExpression)",
          message: "The messages are loaded after this module: say it where it is shown.",
        },
      ],
      "@typescript-eslint/consistent-type-imports": "error",
      "@typescript-eslint/no-unused-vars": ["error", { ignoreRestSiblings: true }],
    },
  },
  ...ARROWS,
);
