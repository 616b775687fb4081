import { useState } from "react";
import type { Due, Garden, SkipReason } from "../../api";
import { record } from "../../api/outbox";
import { words, say } from "../../text";
import { Button } from "../../ui/Button";

const REASONS: SkipReason[] = ["still_wet", "weather", "sick", "away", "no_time", "other"];

const LEAST_DAYS = 1;
const MOST_DAYS = 90;

/** Puts due work off, for a reason and some days. */
export function Leave({
  due,
  garden,
  note,
  reason: first = "still_wet",
}: {
  due: Pick<Due, "lot" | "item">;
  garden: Garden;
  note: string;
  reason?: SkipReason;
}) {
  const [reason, setReason] = useState<SkipReason>(first);
  const [days, setDays] = useState("1");
  const name = due.lot.name;
  const many = /^\d+$/.test(days.trim()) ? Number(days) : NaN;
  const put = many >= LEAST_DAYS && many <= MOST_DAYS;
  const leave = () =>
    record(garden.id, {
      lotId: due.lot.id,
      lotName: name,
      item: due.item,
      skip: {
        reason,
        days: many,
        ...(note.trim() ? { note } : {}),
      },
    });
  return (
    <span className="flex flex-wrap items-end gap-2">
      <label className="text-sm">
        {say("today_page.or_leave_it")}
        <select
          className="box !font-text"
          value={reason}
          onChange={(e) => setReason(e.target.value as SkipReason)}
          aria-label={say("today_page.why_it_is_left", { name })}
        >
          {REASONS.map((r) => (
            <option key={r} value={r}>
              {words("skips", r)}
            </option>
          ))}
        </select>
      </label>
      <label className="text-sm">
        {say("common.days")}
        <input
          className="box !w-14"
          inputMode="numeric"
          value={days}
          aria-invalid={!put}
          onChange={(e) => setDays(e.target.value)}
          aria-label={say("today_page.days_it_is_put_off", { name })}
        />
      </label>
      {!put && (
        <span role="alert" className="note text-stop">
          ▲ {say("today_page.a_whole_number_of_days")}
        </span>
      )}
      <Button className="min-h-11" disabled={!put} onClick={leave} aria-label={say("today_page.leave_it", { name })}>
        {say("today_page.skip")}
      </Button>
    </span>
  );
}
