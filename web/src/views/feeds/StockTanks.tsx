import type { StockTank } from "../../api";
import { Worked } from "../../parts/Worked";
import { words } from "../../text";
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
            <li>Fill it three quarters with {tank.chills ? "warm " : ""}water.</li>
            {tank.puts.map((p, i) => (
              <li key={p.name} className="border-b border-rule py-1">
                {open && tank === tanks[0] && i === 0 ? (
                  <Worked step="tank.amount" open={open} big>
                    {shown.product(p.amount, p.measure)}
                  </Worked>
                ) : (
                  <b className="fig text-xl">{shown.product(p.amount, p.measure)}</b>
                )}{" "}
                {nameOf(p.name)}; stir until it is clear.
                <span className="note block">
                  {figures(p.perLitre)} {p.measure === "grams" ? "g" : "mL"} in a litre of stock
                  {p.allowed !== undefined && `, at most ${figures(p.allowed)}`} · {words("knowns", p.known)}
                  {p.why !== "together" && ` · ${words("whys", p.why)}`}
                </span>
              </li>
            ))}
            <li>Fill it up, stir, close it and put its label on.</li>
          </ol>
          <p className="note">
            {tank.sharePercent > 0 &&
              `Holds ${figures(tank.sharePercent)} % of what may be dissolved for that night${tank.known ? "" : ", as far as it is known"}. `}
            {tank.chills && "Nitrates and urea chill the water as they dissolve: warm water, and patience. "}
            If it settles, it is too strong: make the ratio smaller.
          </p>
        </section>
      ))}
    </div>
  );
}
