import { kindName } from "../../text/plants";
import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate } from "@tanstack/react-router";
import { useMemo } from "react";
import {
  api,
  call,
  type Catalogue,
  type Garden,
  type Mixes,
  type Quality,
  type Wish,
  type WishesAsk,
  type WishesLive,
  type WishOffer as Offer,
} from "../../api";
import { catalogueQuery, gardenQuery, mixesQuery, stockQuery, useGardenId, guideQuery } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { words } from "../../text";
import { componentName, currencyOf, keyOf } from "../../text/mixes";
import { plain, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Loading, Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { NO_JAR } from "./jar";
import { begun, blank, potsFor } from "./mixInput";
import { WishForm } from "./WishForm";
import { asked, noLimits, said, type Wished, wishSaid } from "./wishInput";
import { WishOffer } from "./WishOffer";

/** A mix looked for by what it is to be like, of what is at hand. */
export function FromWishes() {
  const id = useGardenId();
  const mixes = useQuery(mixesQuery(id));
  const garden = useQuery(gardenQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const stock = useQuery(stockQuery(id)).data;
  if (mixes.isLoadingError) return <Trouble problem={mixes.error} again={() => void mixes.refetch()} />;
  if (!mixes.data || !garden || !catalogue || !stock) return <Loading what="the components" />;
  const onShelf = stock.flatMap(({ stock: s, left }) => (s.component && left > 0 ? [s.component] : []));
  return <Search garden={garden} catalogue={catalogue} mixes={mixes.data} onShelf={onShelf} />;
}

function Search({
  garden,
  catalogue,
  mixes,
  onShelf,
}: {
  garden: Garden;
  catalogue: Catalogue;
  mixes: Mixes;
  onShelf: string[];
}) {
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const guide = useQuery(guideQuery(garden.id)).data;
  const first = useMemo<Wished>(
    () => ({
      species: "",
      pot: potsFor("", [], garden, catalogue)[0]!,
      limits: {},
      school: "",
      mayLime: true,
      mostComponents: { text: "4", unit: "" },
      mostParts: { text: "16", unit: "" },
      atHand: Object.fromEntries(onShelf.map((key) => [key, "may"])),
    }),
    [garden, catalogue, onShelf],
  );
  const draft = useDraft<Wished>(`wishes:${garden.id}`, first);
  const wished = draft.value;
  const ask = asked(wished, mixes);
  const wishes = ask && (ask.ranges.length > 0 || ask.school !== undefined || ask.holding.length > 0);
  const live = useLive<WishesAsk, WishesLive>(wishes ? ask : undefined, (body, signal) =>
    call(api.POST("/api/live/wishes", { body, signal })),
  );
  const navigate = useNavigate({ from: "/g/$garden/mixes/wishes" });
  const currency = currencyOf(mixes);
  const answer = wishes ? live.answer : undefined;
  const open = (offer: Offer) => {
    const mix = begun(
      {
        ...blank(""),
        name: wished.species ? `For ${kindName(guide, wished.species).toLowerCase()}` : "",
        parts: offer.parts,
        target: { text: offer.limedTo === undefined ? "" : plain(offer.limedTo), unit: "pH" },
      },
      { pots: [wished.pot], species: wished.species, jar: NO_JAR },
    );
    void navigate({ to: "/g/$garden/mixes/$mix", params: { garden: garden.id, mix } });
  };
  const common = { mixes, shown, currency, ranges: ask?.ranges ?? [], missed: [] };
  return (
    <div className="min-w-0 gap-8 md:grid md:grid-cols-[20rem_1fr]">
      <div>
        <Link to="/g/$garden/mixes" params={{ garden: garden.id }} className="note lg:hidden">
          ← all mixes
        </Link>
        <div className="mb-2 flex items-baseline justify-between">
          <h1 className="text-2xl">A mix by wishes</h1>
          {draft.changed && (
            <Button look="quiet" onClick={draft.drop}>
              Begin anew
            </Button>
          )}
        </div>
        <WishForm
          wished={wished}
          change={draft.change}
          faults={live.problem?.faults ?? []}
          mixes={mixes}
          garden={garden}
          catalogue={catalogue}
          shown={shown}
        />
      </div>
      <section aria-label="What can be made" aria-live="polite" aria-busy={live.pending} className="min-w-0">
        {live.problem && (
          <div className="mb-3">
            <Trouble problem={live.problem} />
          </div>
        )}
        {!ask && (
          <p className="note p-6">
            Tick what you have at the left. What the shelf says you have is ticked already; add what else there is.
          </p>
        )}
        {ask && !wishes && (
          <p className="note p-6">
            Nothing is wished yet. Choose a plant, or type a limit, and the recipes that meet it are shown here.
          </p>
        )}
        {wishes && !answer && !live.problem && <p className="note p-6">Trying recipes …</p>}
        {answer && (
          <div className={live.problem ? "opacity-40" : ""}>
            {answer.offers.map((o) => (
              <WishOffer
                key={JSON.stringify(o.parts)}
                {...common}
                offer={o}
                title={titleOf(o)}
                note={o.goals.map((g) => words("goalNotes", g)).join("; ") || words("goalNotes", "NONE")}
                open={() => open(o)}
              />
            ))}
            {answer.nearest && (
              <>
                <InTheWay
                  answer={answer}
                  wished={wished}
                  change={draft.change}
                  mixes={mixes}
                  shown={shown}
                  currency={currency}
                />
                <WishOffer
                  {...common}
                  offer={answer.nearest}
                  missed={answer.missed.flatMap((w) => (w.range ? [w.range.quality] : []))}
                  title="Nearest"
                  note={`misses ${answer.missed.map((w) => wishSaid(w, mixes, shown, currency)).join("; ")}`}
                  open={() => answer.nearest && open(answer.nearest)}
                />
              </>
            )}
            <Left answer={answer} mixes={mixes} />
            <p className="note">
              Drained in {wished.pot.name}, from typical values, good to about ± 5 points of water and air and ± 0.4 pH.
              Open one to see its working, its lime and its cautions before you mix it.
            </p>
          </div>
        )}
      </section>
    </div>
  );
}

/** What a recipe is best at, or else of how many components it is. */
function titleOf(o: Offer): string {
  const said = o.goals.map((g) => words("goals", g).toLowerCase()).join(" and ") || `of ${o.parts.length} components`;
  return said.charAt(0).toUpperCase() + said.slice(1);
}

/** What was not tried, and why. */
function Left({ answer, mixes }: { answer: WishesLive; mixes: Mixes }) {
  const names = (keys: string[]) =>
    mixes.components
      .filter((c) => keys.includes(keyOf(c)))
      .map((c) => componentName(c).toLowerCase())
      .join(", ");
  return (
    <>
      {answer.unpriced.length > 0 && (
        <p className="note">
          Left out for want of a price: {names(answer.unpriced)}. Price them under “The components”.
        </p>
      )}
      {answer.narrowedTo && (
        <p className="note">
          So much is at hand that only these were tried, those of the best mixes in any shares:{" "}
          {names(answer.narrowedTo)}.
        </p>
      )}
    </>
  );
}

/** The wishes that stand in the way of the others, each with what giving it up would bring. */
function InTheWay({
  answer,
  wished,
  change,
  mixes,
  shown,
  currency,
}: {
  answer: WishesLive;
  wished: Wished;
  change: (part: Partial<Wished>) => void;
  mixes: Mixes;
  shown: Shown;
  currency: string;
}) {
  const had = (offer: Offer, q: Quality) => offer.values.find((v) => v.quality === q)?.value;
  const giveUp = (w: Wish, offer: Offer) => {
    if (w.school) change({ school: "" });
    const key = w.holding ?? w.free;
    if (key) change({ atHand: { ...wished.atHand, [key]: "may" } });
    const value = w.range && had(offer, w.range.quality);
    if (w.range && value !== undefined) {
      const { quality, low } = w.range;
      const limits = wished.limits[quality] ?? noLimits(quality, shown);
      const end = low !== undefined && value < low ? "low" : "high";
      const step = quality === "PH" || quality === "EC" || quality === "LIFE" || value < 10 ? 10 : 1;
      const eased = (end === "low" ? Math.floor(value * step) : Math.ceil(value * step)) / step;
      const unit = quality === "WET_KG" ? "kg" : limits[end].unit;
      change({ limits: { ...wished.limits, [quality]: { ...limits, [end]: { text: plain(eased), unit } } } });
    }
  };
  return (
    <section aria-label="What stands in the way" className="mb-4 border-l-4 border-stop pl-3">
      <h2 className="text-lg">No mix of what is at hand meets all of these wishes.</h2>
      {answer.limits.length === 0 ? (
        <p>More than one wish stands in the way; easing one alone is not enough.</p>
      ) : (
        <ul className="m-0 list-none p-0">
          {answer.limits.map(({ wish, without }) => {
            const range = wish.range;
            const value = range && had(without, range.quality);
            const name = wishSaid(wish, mixes, shown, currency);
            return (
              <li key={name} className="flex flex-wrap items-baseline gap-x-3 py-1">
                <span>
                  All but <b>{name}</b> can be had
                  {range && value !== undefined && `; then it is ${said(range.quality, value, shown, currency)}`}.
                </span>
                <Button look="quiet" onClick={() => giveUp(wish, without)}>
                  {range && value !== undefined ? "Make do with that" : "Give it up"}
                </Button>
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}
