import type { Mixes, Quality, WishesAsk, WishOffer as Offer } from "../../api";
import { words, say } from "../../text";
import { componentName, keyOf } from "../../text/mixes";
import type { Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Hatched, PartMark } from "./Trough";
import { said } from "./wishInput";

type Props = {
  offer: Offer;
  title: string;
  note: string;
  ranges: WishesAsk["ranges"];
  missed: Quality[];
  mixes: Mixes;
  shown: Shown;
  currency: string;
  open: () => void;
};

/** A recipe that was found: its parts, and what it has of each quality against what was wished. */
export function WishOffer({ offer, title, note, ranges, missed, mixes, shown, currency, open }: Props) {
  const named = (key: string) => {
    const c = mixes.components.find((x) => keyOf(x) === key);
    return c ? componentName(c) : key;
  };
  const total = offer.parts.reduce((t, p) => t + Number(p.amount), 0);
  const wished = (q: Quality) => ranges.find((r) => r.quality === q);
  return (
    <article aria-label={title} className="mb-5 border-t-2 border-ink pt-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <div>
          <h2 className="text-lg">{title}</h2>
          <p className="note">{note}</p>
        </div>
        <Button onClick={open} aria-label={say("mixes_page.open_the_as_a_mix", { title: title.toLowerCase() })}>
          {say("mixes_page.open_as_a_mix")}
        </Button>
      </div>
      <div className="gap-x-6 md:grid md:grid-cols-[1fr_1fr]">
        <div>
          <Hatched shares={offer.parts.map((p) => (Number(p.amount) / total) * 100)} />
          <ul className="m-0 mt-1 list-none p-0">
            {offer.parts.map((p, i) => (
              <li key={p.component} className="flex items-center gap-2 py-0.5 text-sm">
                <PartMark at={i} />
                <b className="fig w-6 text-right">{p.amount}</b>
                <span>{named(p.component)}</span>
              </li>
            ))}
          </ul>
          <p className="note">
            {offer.parts.length === 1 ? say("mixes_page.used_alone") : say("mixes_page.parts_by_volume")}
          </p>
        </div>
        <dl className="m-0">
          {offer.values.map((v) => {
            const w = wished(v.quality);
            return (
              <div key={v.quality} className="flex items-baseline justify-between gap-2 border-b border-rule text-sm">
                <dt className={w ? "" : "note"}>{words("qualities", v.quality)}</dt>
                <dd className="m-0 text-right">
                  {w && (
                    <span className="note fig mr-2">
                      {[w.low.text && `≥ ${w.low.text}`, w.high.text && `≤ ${w.high.text}`].filter(Boolean).join(", ")}
                    </span>
                  )}
                  <span
                    className={`fig ${missed.includes(v.quality) ? "font-semibold text-stop" : w ? "font-semibold" : "note"}`}
                  >
                    {missed.includes(v.quality) && "▲ "}
                    {said(v.quality, v.value, shown, currency)}
                    {v.quality === "PH" &&
                      offer.limedTo !== undefined &&
                      say("mixes_page.limed_to", { limedTo: offer.limedTo.toFixed(1) })}
                  </span>
                </dd>
              </div>
            );
          })}
        </dl>
      </div>
    </article>
  );
}
