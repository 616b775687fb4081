import { useQuery } from "@tanstack/react-query";
import { Link, Outlet, useLocation, useNavigate, useParams } from "@tanstack/react-router";
import { useState } from "react";
import { newId } from "../../api";
import { feedsQuery, useGardenId } from "../../api/queries";
import { Button } from "../../ui/Button";
import { ENTRY, FootLinks, SideList } from "../../ui/SideList";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { say } from "../../text";
import { FEED_PAGES } from "./pages";

/** The feeds on the shelf, and the one whose label is being read. */
export function Feeds() {
  const id = useGardenId();
  const open = useParams({ strict: false }).feed;
  const page = useLocation({ select: (l) => l.pathname.split("/")[4] });
  const navigate = useNavigate({ from: "/g/$garden/feeds" });
  const [find, setFind] = useState("");
  const feeds = useQuery(feedsQuery(id));
  if (feeds.isPending) return <Loading what={say("feeds_page.the_feeds")} />;
  if (feeds.isLoadingError) return <Trouble problem={feeds.error} again={() => void feeds.refetch()} />;
  const add = () => void navigate({ to: "/g/$garden/feeds/$feed", params: { garden: id, feed: `new-${newId()}` } });
  return (
    <div className="gap-6 pt-4 lg:grid lg:grid-cols-[13rem_1fr] print:block">
      <SideList
        label={say("common.feeds")}
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
              {f.n}-{f.p2o5}-{f.k2o} · {say(`feeds_page.form_${f.form}`)}
            </span>
          </Link>
        )}
      />
      {page ? (
        <Outlet key={page} />
      ) : feeds.data.length === 0 ? (
        <Nothing title={say("feeds_page.no_feed_on_the_shelf_yet")}>
          <p className="mb-3">{say("feeds_page.take_the_bottle_or_the_box")}</p>
          <Button look="ink" onClick={add}>
            {say("feeds_page.add_the_first_feed")}
          </Button>
        </Nothing>
      ) : (
        <p className="note hidden p-6 lg:block">{say("feeds_page.open_a_feed_to_see_how")}</p>
      )}
    </div>
  );
}
