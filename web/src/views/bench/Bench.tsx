import { useQuery } from "@tanstack/react-query";
import { Link, Outlet, useNavigate, useParams, useSearch } from "@tanstack/react-router";
import { newId } from "../../api";
import { gardenQuery, lotsQuery, useGardenId } from "../../api/queries";
import { dayFrom } from "../../text/numbers";
import { ENTRY, SideList } from "../../ui/SideList";
import { Loading, Trouble } from "../../ui/States";
import { say } from "../../text";
import { BenchList } from "./BenchList";

/** All lots, or the one that is open with the others beside it. */
export function Bench() {
  const open = useParams({ strict: false }).lot;
  return open ? (
    <div className="gap-6 pt-4 lg:grid lg:grid-cols-[13rem_1fr] print:block">
      <Beside />
      <Outlet key={open} />
    </div>
  ) : (
    <BenchList />
  );
}

function Beside() {
  const id = useGardenId();
  const look = useSearch({ from: "/g/$garden/bench" });
  const navigate = useNavigate({ from: "/g/$garden/bench" });
  const lots = useQuery(lotsQuery(id, look));
  const today = useQuery(gardenQuery(id)).data?.today;
  if (lots.isPending) return <Loading what={say("bench_page.the_bench")} />;
  if (lots.isLoadingError) return <Trouble problem={lots.error} again={() => void lots.refetch()} />;
  const more = lots.data.counts!.looked - lots.data.lots.length;
  return (
    <SideList
      label={say("common.lots")}
      one="lot"
      items={lots.data.lots}
      find={look.find ?? ""}
      setFind={(v) => void navigate({ to: ".", search: (s) => ({ ...s, find: v || undefined }), replace: true })}
      add={() => void navigate({ to: "/g/$garden/bench/$lot", params: { garden: id, lot: `new-${newId()}` } })}
      hidden
      link={(l) => (
        <Link to="/g/$garden/bench/$lot" params={{ garden: id, lot: l.id }} search={(s) => s} {...ENTRY}>
          {l.name}
          <span className="note block font-normal">
            {l.pots > 1 && say("bench_page.pots", { pots: l.pots })}
            {l.retired
              ? say("bench_page.off_the_bench")
              : say("bench_page.due", { dayFrom: today ? dayFrom(l.state.dueOn, today) : "" })}
          </span>
        </Link>
      )}
      foot={
        <Link to="/g/$garden/bench" params={{ garden: id }} search={(s) => s} className="note">
          {more > 0 ? say("bench_page.more_on_the_whole_bench", { more }) : say("bench_page.the_whole_bench")}
        </Link>
      }
    />
  );
}
