import { words, say } from "../../text";

/** What this is, what it rests on, and what it does not replace. */
export function About() {
  return (
    <section aria-label={say("frame.about")} className="max-w-2xl">
      <h2 className="mb-2 text-2xl">{say("garden_page.even_cistern_0_1_0")}</h2>
      <p className="mb-2">{say("garden_page.for_people_who_grow_plants_in")}</p>
      <p className="mb-2 font-semibold">▲ {words("cautions", "label_first")}</p>
      <p className="mb-2">{say("garden_page.it_does_not_prescribe_pesticides_or")}</p>
      <h3 className="head mt-4">{say("garden_page.where_the_numbers_come_from")}</h3>
      <p className="mb-2">
        {say("garden_page.every_number_opens_its_working_with")}{" "}
        <code className="fig">{say("garden_page.docs_rules_md")}</code>
        {say("garden_page.the_sources_in")} <code className="fig">{say("garden_page.docs_sources_md")}</code>
        {say("garden_page.the_guide_in")} <code className="fig">{say("garden_page.docs_guide")}</code>
        {say("garden_page.beside_the_program_figures_marked_from")}
      </p>
      <h3 className="head mt-4">{say("garden_page.licence")}</h3>
      <p className="mb-2">
        {say("garden_page.apache_2_0_typefaces_literata_and")}{" "}
        <code className="fig">{say("garden_page.third_party_md")}</code>.
      </p>
    </section>
  );
}
