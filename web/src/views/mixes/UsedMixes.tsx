import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { useState } from "react";
import { catalogueQuery, gardenQuery, lotQuery, usedMixesQuery, useGardenId } from "../../api/queries";
import { say, words } from "../../text";
import { day, figures, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { TakeMix } from "./TakeMix";

/** Every old mix that was kept, newest first. */
export function UsedMixes() {
  const id = useGardenId();
  const used = useQuery(usedMixesQuery(id));
  const garden = useQuery(gardenQuery(id)).data;
  const units = useQuery(catalogueQuery).data?.units;
  const { lot } = useSearch({ from: "/g/$garden/mixes/used" });
  const asked = useQuery({ ...lotQuery(id, lot ?? ""), enabled: lot !== undefined }).data;
  const navigate = useNavigate({ from: "/g/$garden/mixes/used" });
  const [find, setFind] = useState("");
  const [taking, setTaking] = useState(false);
  if (used.isPending || !garden || !units) return <Loading what={say("used_page.the_old_mix")} />;
  if (used.isLoadingError) return <Trouble problem={used.error} again={() => void used.refetch()} />;
  const shown = new Shown(units, garden.unitHabit);
  const listed = used.data.filter((u) =>
    `${u.component.name} ${u.used.mixName}`.toLowerCase().includes(find.toLowerCase()),
  );
  return (
    <div className="min-w-0">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h1 className="text-2xl">{say("used_page.title")}</h1>
        <input
          type="search"
          aria-label={say("used_page.find")}
          placeholder={say("used_page.find")}
          className="box !w-56 !font-text"
          value={find}
          onChange={(e) => setFind(e.target.value)}
        />
        <Button onClick={() => setTaking(true)}>{say("used_page.take")}</Button>
      </div>
      {used.data.length === 0 ? (
        <Nothing title={say("used_page.none")}>
          <p>{say("used_page.none_note")}</p>
        </Nothing>
      ) : listed.length === 0 ? (
        <Nothing title={say("used_page.none_found")} />
      ) : (
        <ul className="m-0 list-none p-0">
          {listed.map((u) => (
            <li key={u.used.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1.5">
              <Link
                to="/g/$garden/mixes/used/$used"
                params={{ garden: id, used: u.used.id }}
                className="min-h-8 font-semibold"
              >
                {u.component.name}
              </Link>
              <span className="note fig">
                {u.gone
                  ? words("used_steps", u.gone, { amount: "" })
                  : say("used_page.left", { litres: shown.litres(u.litresLeft) })}
                {" · "}
                {say("used_page.age_short", { spent: figures(u.component.spent ?? 0, 1) })}
                {" · "}
                {u.used.mixName}, {day(u.used.takenOn)}
              </span>
              {!u.gone && u.component.heldBack && (
                <span className="text-stop">▲ {words("used_uses", u.component.heldBack)}</span>
              )}
            </li>
          ))}
        </ul>
      )}
      {(taking || asked) && (
        <TakeMix
          garden={garden}
          first={asked}
          close={() => {
            setTaking(false);
            void navigate({ search: {} });
          }}
        />
      )}
    </div>
  );
}
