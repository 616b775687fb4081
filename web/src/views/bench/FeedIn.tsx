import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { api, call, type Fault, type FeedInPot, type Garden, type Potting } from "../../api";
import { catalogueQuery, feedsQuery } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { Cautions } from "../../parts/Cautions";
import { HandWords } from "../../parts/Hand";
import { say } from "../../text";
import { Shown } from "../../text/numbers";
import { ChoiceField, NumberField } from "../../ui/Fields";
import { Segmented } from "../../ui/Segmented";
import { Trouble } from "../../ui/States";
import { productUnits } from "./productUnits";

/** A feed that goes into the pot with fresh mix; without one its key is empty, and absent until one is chosen. */
export type FedIn = Omit<NonNullable<Potting["feed"]>, "feedId"> & { feedId?: string };

export const NO_FEED: FedIn = { put: "mixed_in", amountEach: { text: "", unit: "g" } };

/** What feed goes in with fresh mix: which, where, and how much of it a pot gets. */
export function FeedIn({
  garden,
  value,
  change,
  potting,
  faults,
}: {
  garden: Garden;
  value: FedIn;
  change: (v: FedIn) => void;
  potting: Potting;
  faults: Fault[];
}) {
  const feeds = (useQuery(feedsQuery(garden.id)).data ?? []).filter((f) => !f.retired);
  const shown = new Shown(useQuery(catalogueQuery).data?.units ?? [], garden.unitHabit);
  const feed = feeds.find((f) => f.id === value.feedId);
  const planned = useLive<Potting, FeedInPot>(potting, (body, signal) =>
    call(
      api.POST("/api/gardens/{garden}/deeds/pot-on/feed", { params: { path: { garden: garden.id } }, body, signal }),
    ),
  );
  const usual = planned.answer?.usualFeedId;
  // what the programme has mixed in is chosen until somebody chooses
  useEffect(() => {
    if (usual && value.feedId === undefined) {
      change({ ...value, feedId: usual });
    }
  }, [usual, value, change]);
  const p = value.feedId ? planned.answer?.given : undefined;
  return (
    <>
      <ChoiceField
        label={say("bench_page.feed_in_with_it")}
        field="lot.feed"
        faults={faults}
        value={value.feedId ?? ""}
        onChange={(feedId) => change({ ...value, feedId })}
        options={[
          { value: "", label: say("bench_page.no_feed_with_it") },
          ...feeds.filter((f) => f.form === "dry").map((f) => ({ value: f.id, label: f.name })),
        ]}
      />
      {value.feedId && planned.problem && <Trouble problem={planned.problem} />}
      {p && !planned.problem && (
        <>
          <div className="mb-2">
            <Segmented
              label={say("bench_page.where_it_goes")}
              value={value.put}
              onChange={(put) => change({ ...value, put: put as FedIn["put"] })}
              options={[
                { value: "mixed_in", label: say("bench_page.mixed_into_it") },
                { value: "placed", label: say("bench_page.under_the_roots") },
              ]}
            />
          </div>
          {usual === value.feedId && <p className="note">{say("bench_page.its_label_has_it_mixed_in")}</p>}
          <p className="my-1 border-l-4 border-feed pl-3">
            <b>
              <HandWords m={p.hand} />
            </b>{" "}
            {say("bench_page.a_pot_at_most", { most: shown.product(p.most, p.measure) })}
          </p>
          <NumberField
            label={say("bench_page.product_in_each_pot")}
            field="amount"
            faults={faults}
            value={value.amountEach ?? NO_FEED.amountEach!}
            units={productUnits(garden, feed)}
            placeholder={say("bench_page.as_planned")}
            onChange={(amountEach) => change({ ...value, amountEach })}
          />
          {value.put === "placed" && <p className="note mb-2">{say("bench_page.cover_it_with_mix")}</p>}
          <Cautions ids={p.cautions} />
        </>
      )}
    </>
  );
}
