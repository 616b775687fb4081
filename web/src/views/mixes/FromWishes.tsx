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
  type WishesAnswer,
  type WishOffer as Offer,
} from "../../api";
import { catalogueQuery, gardenQuery, mixesQuery, stockQuery, useGardenId, guideQuery } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { words, say, rich } from "../../text";
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
  if (!mixes.data || !garden || !catalogue || !stock) return <Loading what={say("mixes_page.the_components")} />;
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
  const live = useLive<WishesAsk, WishesAnswer>(wishes ? ask : undefined, (body, signal) =>
    call(api.POST("/api/wishes", { body, signal })),
  );
  const navigate = useNavigate({ from: "/g/$garden/mixes/wishes" });
  const currency = currencyOf(mixes);
  const answer = wishes ? live.answer : undefined;
  const open = (offer: Offer) => {
    const mix = begun(
      {
        ...blank(""),
        name: wished.species
          ? say("mixes_page.for_kindname", { kindName: kindName(guide, wished.species).toLowerCase() })
          : "",
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
          {say("mixes_page.all_mixes")}
        </Link>
        <div className="mb-2 flex items-baseline justify-between">
          <h1 className="text-2xl">{say("mixes_page.a_mix_by_wishes")}</h1>
          {draft.changed && (
            <Button look="quiet" onClick={draft.drop}>
              {say("common.begin_anew")}
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
      <section
        aria-label={say("mixes_page.what_can_be_made")}
        aria-live="polite"
        aria-busy={live.pending}
        className="min-w-0"
      >
        {live.problem && (
          <div className="mb-3">
            <Trouble problem={live.problem} />
          </div>
        )}
        {!ask && <p className="note p-6">{say("mixes_page.tick_what_you_have_at_the")}</p>}
        {ask && !wishes && <p className="note p-6">{say("mixes_page.nothing_is_wished_yet_choose_a")}</p>}
        {wishes && !answer && !live.problem && <p className="note p-6">{say("mixes_page.trying_recipes")}</p>}
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
                  title={say("mixes_page.nearest")}
                  note={say("mixes_page.misses", {
                    missed: answer.missed.map((w) => wishSaid(w, mixes, shown, currency)).join("; "),
                  })}
                  open={() => answer.nearest && open(answer.nearest)}
                />
              </>
            )}
            <Left answer={answer} mixes={mixes} />
            <p className="note">{say("mixes_page.drained_in_from_typical_values_good", { name: wished.pot.name })}</p>
          </div>
        )}
      </section>
    </div>
  );
}

/** What a recipe is best at, or else of how many components it is. */
function titleOf(o: Offer): string {
  const said =
    o.goals.map((g) => words("goals", g).toLowerCase()).join(" and ") ||
    say("mixes_page.of_components", { count: o.parts.length });
  return said.charAt(0).toUpperCase() + said.slice(1);
}

/** What was not tried, and why. */
function Left({ answer, mixes }: { answer: WishesAnswer; mixes: Mixes }) {
  const names = (keys: string[]) =>
    mixes.components
      .filter((c) => keys.includes(keyOf(c)))
      .map((c) => componentName(c).toLowerCase())
      .join(", ");
  return (
    <>
      {answer.unpriced.length > 0 && (
        <p className="note">{say("mixes_page.left_out_for_want_of_a", { names: names(answer.unpriced) })}</p>
      )}
      {answer.narrowedTo && (
        <p className="note">{say("mixes_page.so_much_is_at_hand_that", { names: names(answer.narrowedTo) })}</p>
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
  answer: WishesAnswer;
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
    <section aria-label={say("mixes_page.what_stands_in_the_way")} className="mb-4 border-l-4 border-stop pl-3">
      <h2 className="text-lg">{say("mixes_page.no_mix_of_what_is_at")}</h2>
      {answer.limits.length === 0 ? (
        <p>{say("mixes_page.more_than_one_wish_stands_in")}</p>
      ) : (
        <ul className="m-0 list-none p-0">
          {answer.limits.map(({ wish, without }) => {
            const range = wish.range;
            const value = range && had(without, range.quality);
            const name = wishSaid(wish, mixes, shown, currency);
            return (
              <li key={name} className="flex flex-wrap items-baseline gap-x-3 py-1">
                <span>
                  {rich("mixes_page.all_but_can_be_had", {
                    b: (c) => <b>{c}</b>,
                    name,
                    value:
                      range &&
                      value !== undefined &&
                      say("mixes_page.then_it_is", { said: said(range.quality, value, shown, currency) }),
                  })}
                </span>
                <Button look="quiet" onClick={() => giveUp(wish, without)}>
                  {range && value !== undefined ? say("mixes_page.make_do_with_that") : say("mixes_page.give_it_up")}
                </Button>
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}
