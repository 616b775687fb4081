import { useQuery } from "@tanstack/react-query";
import { Link, Outlet, useNavigate, useParams, useSearch } from "@tanstack/react-router";
import { newId } from "../../api";
import { gardenQuery, lotsQuery, useGardenId } from "../../api/queries";
import { dayFrom } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ENTRY, SideList } from "../../ui/SideList";
import { Loading, Nothing, Trouble } from "../../ui/States";

/** The lots, and the one that is open beside them. */
export function Bench() {
  const id = useGardenId();
  const { find } = useSearch({ from: "/g/$garden/bench" });
  const open = useParams({ strict: false }).lot;
  const navigate = useNavigate({ from: "/g/$garden/bench" });
  const lots = useQuery(lotsQuery(id));
  const today = useQuery(gardenQuery(id)).data?.today;
  if (lots.isPending) return <Loading what="the bench" />;
  if (lots.isLoadingError) return <Trouble problem={lots.error} again={() => void lots.refetch()} />;
  const add = () => void navigate({ to: "/g/$garden/bench/$lot", params: { garden: id, lot: `new-${newId()}` } });
  return (
    <div className="gap-6 pt-4 lg:grid lg:grid-cols-[13rem_1fr]">
      <SideList
        label="Lots"
        one="lot"
        items={lots.data.lots}
        nameOf={(l) => l.name}
        find={find ?? ""}
        setFind={(v) => void navigate({ to: ".", search: v ? { find: v } : {}, replace: true })}
        add={add}
        hidden={open !== undefined}
        link={(l) => (
          <Link to="/g/$garden/bench/$lot" params={{ garden: id, lot: l.id }} search={(s) => s} {...ENTRY}>
            {l.name}
            <span className="note block font-normal">
              {l.pots > 1 && `${l.pots} pots · `}due {today ? dayFrom(l.state.dueOn, today) : ""}
            </span>
          </Link>
        )}
      />
      {open ? (
        <Outlet key={open} />
      ) : lots.data.total === 0 ? (
        <Nothing title="The bench is empty.">
          <p className="mb-3">
            A lot is one plant, or many alike: its pot, its mix, its place. From these come the litres, the days and the
            spoons.
          </p>
          <Button look="ink" onClick={add}>
            Add the first lot
          </Button>
        </Nothing>
      ) : (
        <p className="note hidden p-6 lg:block">Open a lot to see its pot, its dose and its dates.</p>
      )}
    </div>
  );
}
