import type { ReactNode } from "react";
import { rich, say, words } from "../../text";

/** The name of a file. */
const named = (c: ReactNode) => <code className="fig">{c}</code>;

/** What this is, what it rests on, and what it does not replace. */
export function About() {
  return (
    <section aria-label={say("frame.about")} className="max-w-2xl">
      <h2 className="mb-2 text-2xl">{say("garden_page.even_cistern_0_1_0")}</h2>
      <p className="mb-2">{say("garden_page.for_people_who_grow_plants_in")}</p>
      <p className="mb-2 font-semibold">▲ {words("cautions", "label_first")}</p>
      <p className="mb-2">{say("garden_page.it_does_not_prescribe_pesticides_or")}</p>
      <h3 className="head mt-4">{say("garden_page.where_the_numbers_come_from")}</h3>
      <p className="mb-2">{rich("garden_page.every_number_opens_its_working_with", { file: named })}</p>
      <h3 className="head mt-4">{say("garden_page.licence")}</h3>
      <p className="mb-2">{rich("garden_page.apache_2_0_typefaces_literata_and", { file: named })}</p>
    </section>
  );
}
