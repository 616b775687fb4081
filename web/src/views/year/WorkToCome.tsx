import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button } from "../../ui/Button";
import { Link } from "@tanstack/react-router";
import { api, call, type Calendar } from "../../api";
import { calendarQuery, catalogueQuery, gardenQuery, useAct, useGardenId } from "../../api/queries";
import { day, Shown } from "../../text/numbers";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { say, rich } from "../../text";
import { GoingAway } from "./GoingAway";

/** The days of feeding to come, chosen together so that the fewest are needed. */
export function WorkToCome() {
  const id = useGardenId();
  const calendar = useQuery(calendarQuery(id));
  const garden = useQuery(gardenQuery(id)).data;
  const units = useQuery(catalogueQuery).data?.units;
  const use = useAct(id, (inUse: boolean) =>
    call(api.PUT("/api/gardens/{garden}/calendar", { params: { path: { garden: id } }, body: { inUse } })),
  );
  if (calendar.isPending || !garden || !units) return <Loading what={say("year_page.the_days_to_come")} />;
  if (calendar.isLoadingError) return <Trouble problem={calendar.error} again={() => void calendar.refetch()} />;
  const c = calendar.data;
  return (
    <div className="min-w-0 gap-8 xl:grid xl:grid-cols-[1fr_19rem]">
      <section aria-label={say("year_page.days_of_feeding")}>
        <h1 className="text-2xl">{say("year_page.work_to_come")}</h1>
        {c.feedDays.length === 0 ? (
          <Nothing title={say("year_page.nothing_is_to_be_fed_in", { days: c.days })} />
        ) : (
          <>
            <p className="mb-1">
              {rich("year_page.days_of_feeding_in_the_next", {
                b: (c) => <b className="fig text-xl">{c}</b>,
                count: c.feedDays.length,
                days: c.days,
                b2: (c) => <b className="fig">{c}</b>,
                alone: c.alone,
              })}
            </p>
            <p className="note mb-2 max-w-2xl">
              {say("year_page.every_feed_stays_inside_its_labels", {
                value: c.exact
                  ? say("year_page.no_choice_of_days_needs_fewer")
                  : say("year_page.no_choice_needs_fewer_than_this", { fewest: c.fewest }),
              })}
              {c.everyWatering > 0 &&
                say("year_page.lots_are_fed_whenever_watered_and", { everyWatering: c.everyWatering })}
            </p>
            <label className="mb-2 flex min-h-9 items-center gap-2">
              <input
                type="checkbox"
                className="size-5"
                checked={c.inUse}
                disabled={use.isPending}
                onChange={(e) => use.mutate(e.target.checked)}
              />
              {say("year_page.feed_on_these_days_todays_list")}
            </label>
            {use.isPending && <p className="note">{say("year_page.working_out_every_plan_again")}</p>}
            {use.isError && <Trouble problem={use.error} />}
            <Ribbon calendar={c} today={garden.today} />
            <Days calendar={c} garden={id} />
          </>
        )}
        <Subscribe garden={id} />
      </section>
      <GoingAway garden={garden} shown={new Shown(units, garden.unitHabit)} />
    </div>
  );
}

const DAY_MS = 86_400_000;

/** The weeks to come, a stroke for each day of feeding, as high as it has lots. */
function Ribbon({ calendar: c, today }: { calendar: Calendar; today: string }) {
  const most = Math.max(...c.feedDays.map((d) => d.lotIds.length));
  const at = (iso: string) => ((Date.parse(iso) - Date.parse(today)) / DAY_MS) * 10;
  const weeks = Array.from({ length: Math.floor(c.days / 7) + 1 }, (_, w) => w * 70);
  return (
    <svg
      viewBox={`-2 0 ${c.days * 10 + 4} 56`}
      className="mb-3 w-full"
      role="img"
      aria-label={say("year_page.days_of_feeding_feeddays", {
        feedDays: c.feedDays.map((d) => `${day(d.day)}, ${d.lotIds.length}`).join("; "),
      })}
    >
      {weeks.map((x) => (
        <line key={x} x1={x} x2={x} y1="4" y2="46" stroke="var(--rule)" strokeWidth="1" />
      ))}
      <line x1="0" x2={c.days * 10} y1="46" y2="46" stroke="var(--ink)" strokeWidth="1.2" />
      {c.feedDays.map((d) => {
        const h = 8 + (30 * d.lotIds.length) / most;
        return <rect key={d.day} x={at(d.day)} y={46 - h} width="7" height={h} fill="var(--feed)" />;
      })}
      {weeks.slice(0, -1).map((x, w) => (
        <text key={x} x={x + 1} y="55" fontSize="8" fill="var(--soft)">
          {w === 0 ? say("common.today_2") : say("year_page.wk", { w })}
        </text>
      ))}
    </svg>
  );
}

/** The work to come in the person's own calendar: as a file, or by an address it fetches again and again. */
function Subscribe({ garden }: { garden: string }) {
  const params = { path: { garden } };
  const client = useQueryClient();
  const key = ["garden", garden, "subscription"];
  const address = useQuery({
    queryKey: key,
    queryFn: () => call(api.GET("/api/gardens/{garden}/subscription", { params })),
  }).data;
  const renew = useMutation({
    mutationFn: () => call(api.POST("/api/gardens/{garden}/subscription", { params })),
    onSuccess: (now) => client.setQueryData(key, now),
  });
  return (
    <div className="no-print mt-4">
      <h2 className="head">{say("year_page.in_your_own_calendar")}</h2>
      <p>
        {rich("year_page.the_work_to_come_as_an", {
          a: (c) => (
            <a
              href={`/api/gardens/${garden}/calendar.ics`}
              download
              className="inline-block leading-8 underline underline-offset-4"
            >
              {c}
            </a>
          ),
        })}
      </p>
      {address?.path && (
        <p className="fig my-1 text-sm break-all select-all">
          {location.origin}
          {address.path}
        </p>
      )}
      <p className="note">
        {say("year_page.whoever_knows_the_address_can_read")}{" "}
        <Button look="quiet" className="min-h-8" onClick={() => renew.mutate()} disabled={!address || renew.isPending}>
          {address?.path ? say("year_page.make_a_new_address_the_old") : say("year_page.make_an_address")}
        </Button>
      </p>
    </div>
  );
}

function Days({ calendar: c, garden }: { calendar: Calendar; garden: string }) {
  const lots = new Map(c.lots.map((l) => [l.lotId, l]));
  const fedOn = (ids: string[]) => ids.slice(0, 40).flatMap((id) => lots.get(id) ?? []);
  return (
    <table className="w-full border-collapse text-left">
      <tbody>
        {c.feedDays.map((d) => (
          <tr key={d.day} className="border-b border-rule align-top">
            <th className="fig py-1 pr-4 font-semibold whitespace-nowrap">{day(d.day)}</th>
            <td className="py-1">
              {fedOn(d.lotIds).map((l, i) => (
                <span key={l.lotId}>
                  {i > 0 && ", "}
                  <Link to="/g/$garden/bench/$lot" params={{ garden, lot: l.lotId }}>
                    {l.name}
                  </Link>
                  <span className="note"> {l.feedName}</span>
                </span>
              ))}
              {d.lotIds.length > 40 && (
                <span className="note"> {say("common.and_more", { value: d.lotIds.length - 40 })}</span>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
