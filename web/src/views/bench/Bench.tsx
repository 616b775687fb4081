import { useQuery } from "@tanstack/react-query";
import { Link, Outlet, useNavigate, useParams, useSearch } from "@tanstack/react-router";
import { newId } from "../../api";
import { gardenQuery, lotsQuery, useGardenId } from "../../api/queries";
import { dayFrom } from "../../text/numbers";
import { Button } from "../../ui/Button";
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
  const wanted = (find ?? "").toLowerCase();
  const listed = lots.data.lots.filter((l) => l.name.toLowerCase().includes(wanted));
  const add = () => void navigate({ to: "/g/$garden/bench/$lot", params: { garden: id, lot: `new-${newId()}` } });
  return (
    <div className="gap-6 pt-4 lg:grid lg:grid-cols-[13rem_1fr]">
      <aside aria-label="Lots" className={`no-print ${open ? "hidden lg:block" : ""}`}>
        <input
          type="search"
          aria-label="Find a lot"
          placeholder="Find a lot"
          className="box !font-text"
          value={find ?? ""}
          onChange={(e) =>
            void navigate({ to: ".", search: e.target.value ? { find: e.target.value } : {}, replace: true })
          }
        />
        <ul className="my-2 list-none p-0">
          {listed.map((l) => (
            <li key={l.id} className="border-b border-rule">
              <Link
                to="/g/$garden/bench/$lot"
                params={{ garden: id, lot: l.id }}
                search={(s) => s}
                className="block border-l-4 border-transparent py-1.5 pl-2 no-underline hover:border-rule-strong"
                activeProps={{ className: "!border-ink font-semibold" }}
              >
                {l.name}
                <span className="note block font-normal">
                  {l.pots > 1 && `${l.pots} pots · `}due {today ? dayFrom(l.state.dueOn, today) : ""}
                </span>
              </Link>
            </li>
          ))}
        </ul>
        {lots.data.total > 0 && listed.length === 0 && <p className="note">No lot is named like that.</p>}
        <Button onClick={add}>Add a lot</Button>
      </aside>
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
