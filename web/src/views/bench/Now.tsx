import { Link } from "@tanstack/react-router";
import type { Care, Lot } from "../../api";
import { Cautions } from "../../parts/Cautions";
import { say, words } from "../../text";
import { dayFrom } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Answer } from "./Answer";
import { Assumed } from "./Assumed";
import { FeedAnswer, Minded } from "./FeedAnswer";
import { PotDrawn } from "./PotNumbers";
import { WaterAnswer } from "./WaterAnswer";
import type { LotWork } from "./useLotWork";

/** The answers first: the next water, the next feed, what was found, what to do. */
export function Now({ work, lot }: { work: LotWork; lot: Lot }) {
  return (
    <>
      {work.changed && (
        <p className="mb-2 flex items-center gap-3 border-l-4 border-ink pl-3">
          {say("bench_page.with_what_is_not_saved_yet")}
          <Button look="quiet" onClick={() => work.keep()} disabled={work.save.isPending}>
            {say("common.save_changes")}
          </Button>
          <Button look="quiet" onClick={work.putBack}>
            {say("common.put_back")}
          </Button>
        </p>
      )}
      <Answer work={work}>
        {(care) => (
          <>
            <div className="mb-3 flex flex-wrap items-baseline gap-x-8">
              <ToDo work={work} lot={lot} care={care} />
              <Found lot={lot} />
            </div>
            <div className="gap-8 md:grid md:grid-cols-2">
              <div>
                <WaterAnswer care={care} work={work} />
                <PotDrawn care={care} work={work} />
              </div>
              <div>
                <FeedAnswer care={care} work={work} />
                <Minded care={care} work={work} />
                <Assumed care={care} work={work} />
                <Cautions ids={care.cautions} />
              </div>
            </div>
          </>
        )}
      </Answer>
    </>
  );
}

/** What the last reading found, and the way to it. */
function Found({ lot }: { lot: Lot }) {
  const found = [
    lot.state.phFinding && lot.state.phFinding !== "inside" && `pH ${words("findings", lot.state.phFinding)}`,
    lot.state.ecFinding && lot.state.ecFinding !== "inside" && `EC ${words("findings", lot.state.ecFinding)}`,
  ].filter(Boolean);
  const read = lot.state.phFinding ?? lot.state.ecFinding;
  return (
    <p className={`border-l-4 pl-3 ${found.length > 0 ? "border-stop" : "border-rule-strong"}`}>
      {found.length > 0
        ? `▲ ${say("bench_page.last_reading_found", { found: found.join("; ") })}`
        : read
          ? say("bench_page.last_reading_in_order")
          : say("bench_page.no_reading_yet")}{" "}
      <Link to="." search={(s) => ({ ...s, tab: "health" })} className="whitespace-nowrap">
        {read ? say("bench_page.what_it_means") : say("bench_page.take_one")} →
      </Link>
    </p>
  );
}

/** The one thing to do next, and where it is done. */
function ToDo({ work: { garden, lot: kept }, lot, care }: { work: LotWork; lot: Lot; care: Care }) {
  if (!kept || lot.retired) return null;
  const due = lot.state.dueOn <= garden.today;
  const feeds = care.nextFeed && care.nextFeed.date <= lot.state.dueOn;
  return (
    <p className="border-l-4 border-ink pl-3 text-lg font-semibold">
      {due ? (
        <Link to="/g/$garden/today" params={{ garden: garden.id }}>
          {say(
            care.water.nextIsFlush
              ? "bench_page.to_flush_today"
              : feeds
                ? "bench_page.to_feed_today"
                : "bench_page.to_water_today",
          )}{" "}
          →
        </Link>
      ) : (
        say("bench_page.nothing_to_do_before", { day: dayFrom(lot.state.dueOn, garden.today) })
      )}
    </p>
  );
}
