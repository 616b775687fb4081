import type { StockTank } from "../../api";
import { Worked } from "../../parts/Worked";
import { words, say, rich } from "../../text";
import { figures, type Shown } from "../../text/numbers";

/** What goes into which stock tank, in the order in which it goes in, with why. */
export function StockTanks({
  tanks,
  holds,
  shown,
  open,
  nameOf = (name) => name,
}: {
  tanks: StockTank[];
  holds: string;
  shown: Shown;
  open?: (step: string) => void;
  /** How a product is called here. */
  nameOf?: (name: string) => string;
}) {
  return (
    <div className={tanks.length > 1 ? "gap-6 xl:grid xl:grid-cols-2" : ""}>
      {tanks.map((tank) => (
        <section key={tank.named} aria-label={words("tanks", tank.named)} className="mb-3">
          <h2 className="head !border-feed">
            {words("tanks", tank.named)}, {holds}
          </h2>
          <ol className="m-0 list-decimal pl-5">
            <li>{say("feeds_page.fill_it_three_quarters_with_water", { which: tank.chills ? "yes" : "no" })}</li>
            {tank.puts.map((p, i) => (
              <li key={p.name} className="border-b border-rule py-1">
                {open && tank === tanks[0] && i === 0 ? (
                  <Worked step="tank.amount" open={open} big>
                    {shown.product(p.amount, p.measure)}
                  </Worked>
                ) : (
                  <b className="fig text-xl">{shown.product(p.amount, p.measure)}</b>
                )}{" "}
                {say("feeds_page.stir_until_it_is_clear", { nameOf: nameOf(p.name) })}
                <span className="note block">
                  {rich("feeds_page.ml_in_a_litre_of_stock", {
                    perLitre: figures(p.perLitre),
                    which: p.measure === "grams" ? "yes" : "no",
                    value:
                      p.allowed !== undefined && say("feeds_page.at_most_allowed", { allowed: figures(p.allowed) }),
                    knowns: words("knowns", p.known),
                  })}
                  {p.why !== "together" && ` · ${words("whys", p.why)}`}
                </span>
              </li>
            ))}
            <li>{say("feeds_page.fill_it_up_stir_close_it")}</li>
          </ol>
          <p className="note">
            {tank.sharePercent > 0 &&
              say("feeds_page.holds_of_what_may_be_dissolved", {
                sharePercent: figures(tank.sharePercent),
                which: tank.known ? "yes" : "no",
              })}
            {tank.chills && say("feeds_page.nitrates_and_urea_chill_the_water")}
            {say("feeds_page.if_it_settles_it_is_too")}
          </p>
        </section>
      ))}
    </div>
  );
}
