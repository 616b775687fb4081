import { useQuery } from "@tanstack/react-query";
import { Link, Outlet, useLocation, useNavigate, useParams } from "@tanstack/react-router";
import { useState } from "react";
import { newId } from "../../api";
import { feedsQuery, useGardenId } from "../../api/queries";
import { Button } from "../../ui/Button";
import { ENTRY, FootLinks, SideList } from "../../ui/SideList";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { FEED_PAGES } from "./pages";

/** The feeds on the shelf, and the one whose label is being read. */
export function Feeds() {
  const id = useGardenId();
  const open = useParams({ strict: false }).feed;
  const page = useLocation({ select: (l) => l.pathname.split("/")[4] });
  const navigate = useNavigate({ from: "/g/$garden/feeds" });
  const [find, setFind] = useState("");
  const feeds = useQuery(feedsQuery(id));
  if (feeds.isPending) return <Loading what="the feeds" />;
  if (feeds.isLoadingError) return <Trouble problem={feeds.error} again={() => void feeds.refetch()} />;
  const add = () => void navigate({ to: "/g/$garden/feeds/$feed", params: { garden: id, feed: `new-${newId()}` } });
  return (
    <div className="gap-6 pt-4 lg:grid lg:grid-cols-[13rem_1fr] print:block">
      <SideList
        label="Feeds"
        one="feed"
        items={feeds.data.filter(
          (f) => (!f.retired || f.id === open) && f.name.toLowerCase().includes(find.toLowerCase()),
        )}
        find={find}
        setFind={setFind}
        add={add}
        hidden={page !== undefined && page !== ""}
        foot={<FootLinks links={FEED_PAGES} />}
        link={(f) => (
          <Link to="/g/$garden/feeds/$feed" params={{ garden: id, feed: f.id }} {...ENTRY}>
            {f.name}
            <span className="note fig block font-normal">
              {f.n}-{f.p2o5}-{f.k2o} · {f.form}
            </span>
          </Link>
        )}
      />
      {page ? (
        <Outlet key={page} />
      ) : feeds.data.length === 0 ? (
        <Nothing title="No feed on the shelf yet.">
          <p className="mb-3">
            Take the bottle or the box in your hand: its three numbers and the sentence that says how much to give are
            all that is needed.
          </p>
          <Button look="ink" onClick={add}>
            Add the first feed
          </Button>
        </Nothing>
      ) : (
        <p className="note hidden p-6 lg:block">Open a feed to see how its label was read.</p>
      )}
    </div>
  );
}
