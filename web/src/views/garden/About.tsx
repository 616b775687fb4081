import { words } from "../../text";

/** What this is, what it rests on, and what it does not replace. */
export function About() {
  return (
    <section aria-label="About" className="max-w-2xl">
      <h2 className="mb-2 text-2xl">Even Cistern 0.1.0</h2>
      <p className="mb-2">
        For people who grow plants in containers. From a pot, a mix, a place and a label's own sentence it works out
        litres, days, spoons and dates, shows how, and says how sure it is. Everything stays on this machine; nothing is
        sent anywhere.
      </p>
      <p className="mb-2 font-semibold">▲ {words("cautions", "label_first")}</p>
      <p className="mb-2">
        It does not prescribe pesticides or replace local codes, licensed practice or your own eyes. Where it matters
        and you are unsure, ask your local extension or agricultural service.
      </p>
      <h3 className="head mt-4">Where the numbers come from</h3>
      <p className="mb-2">
        Every number opens its working, with the formula, its inputs and their source. All rules with their formulas,
        ranges and checks are listed in <code className="fig">docs/RULES.md</code>, the sources in{" "}
        <code className="fig">docs/SOURCES.md</code>, the guide in <code className="fig">docs/guide</code>, beside the
        program. Figures marked “from memory” or “common practice” have no published source.
      </p>
      <h3 className="head mt-4">Licence</h3>
      <p className="mb-2">
        Apache-2.0. Typefaces: Literata and Commissioner, SIL Open Font License. The libraries it is built on are in{" "}
        <code className="fig">THIRD-PARTY.md</code>.
      </p>
    </section>
  );
}
