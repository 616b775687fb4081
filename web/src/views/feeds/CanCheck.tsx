import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, call, type CanAnswer, type CanAsk, type Catalogue, type Feed, type Garden, type Water } from "../../api";
import { metersQuery } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { words, say } from "../../text";
import { figures, percent } from "../../text/numbers";
import { ChoiceField, NumberField } from "../../ui/Fields";

/** The pen in the can, before it is poured: what the number says. */
export function CanCheck({
  garden,
  catalogue,
  feed,
  water,
  perLitre,
  others,
}: {
  garden: Garden;
  catalogue: Catalogue;
  feed: Feed;
  water: Water;
  perLitre: number;
  others: Feed[];
}) {
  const meters = garden.meters.filter((m) => !m.retired);
  const [chosen, setChosen] = useState("");
  const [reading, setReading] = useState({ text: "", unit: "mS/cm" });
  const [celsius, setCelsius] = useState({ text: "", unit: "°C" });
  const meter = meters.find((m) => m.id === chosen) ?? meters[0];
  const log = useQuery(metersQuery(garden.id)).data?.find((l) => l.meterId === meter?.id);
  const ask: CanAsk | undefined =
    meter && log && reading.text.trim()
      ? {
          feed,
          perLitre,
          water,
          meter,
          calibrations: log.calibrations,
          on: garden.today,
          reading,
          celsius,
          others,
        }
      : undefined;
  const live = useLive<CanAsk, CanAnswer>(ask, (body, signal) =>
    call(api.POST("/api/feed/can-check", { body, signal })),
  );
  const a = live.answer;
  const scale = catalogue.scales.find((s) => s.id === meter?.scale);
  return (
    <section aria-label={say("feeds_page.can_check")} aria-live="polite">
      <h2 className="head mt-4 !border-water xl:mt-0">{say("feeds_page.can_check_dip_the_pen_before")}</h2>
      <div className={meters.length > 1 ? "grid grid-cols-2 gap-3" : ""}>
        <NumberField
          label={say("feeds_page.the_pen_reads")}
          field="reading.ec"
          faults={ask ? (live.problem?.faults ?? []) : []}
          value={reading}
          units={["mS/cm", "µS/cm", "ppm"]}
          onChange={setReading}
          hint={
            meter &&
            `${meter.name}: ± ${figures(log?.ecPlusMinus ?? meter.ecPlusMinus)} %${log && !log.ecOn ? say("feeds_page.never_calibrated") : ""}${scale ? say("feeds_page.scale", { id: scale.id.slice(3) }) : say("feeds_page.its_ppm_scale_is_not_told")}`
          }
        />
        {meters.length > 1 && meter && (
          <ChoiceField
            label={say("common.with")}
            field="meter"
            faults={[]}
            value={meter.id}
            onChange={setChosen}
            options={meters.map((m) => ({ value: m.id, label: m.name }))}
          />
        )}
      </div>
      <NumberField
        row
        label={say("feeds_page.can_is_at")}
        field="reading.celsius"
        faults={ask ? (live.problem?.faults ?? []) : []}
        value={celsius}
        units={["°C", "°F"]}
        placeholder={meter?.compensates ? say("feeds_page.the_pen_corrects_it") : say("feeds_page.20_5_c_if_blank")}
        onChange={setCelsius}
      />
      {ask && a && !live.problem && (
        <>
          <p className="mb-1">
            <b>{words("stories", a.stories[0]!.story)}.</b> {words("story_acts", a.stories[0]!.story)}
          </p>
          <p className="note mb-1">
            {say("feeds_page.read_expected_ms_cm", {
              reading: figures(a.reading),
              plusMinus: figures(a.plusMinus, 1),
              expected: figures(a.expected),
              expectedPlusMinus: figures(a.expectedPlusMinus, 1),
            })}
          </p>
          <ul className="m-0 list-none p-0">
            {a.stories.map((s) => (
              <li key={s.story} className="grid grid-cols-[8.5rem_1fr_3rem] items-center gap-2 text-sm">
                <span>{words("stories", s.story)}</span>
                <svg viewBox="0 0 100 8" preserveAspectRatio="none" className="h-3 w-full" aria-hidden="true">
                  <rect y="1" width={s.probability * 100} height="6" fill="var(--water)" />
                  <path d={`M${s.prior * 100},0V8`} stroke="var(--ink)" strokeWidth="1" />
                </svg>
                <span className="fig text-right">{percent(s.probability)}</span>
              </li>
            ))}
          </ul>
          <p className="note mt-1">
            {say("feeds_page.the_stroke_is_how_often_each", {
              stories: a.stories
                .map((s) => `${words("stories", s.story).toLowerCase()} ${percent(s.prior)}`)
                .join(", "),
            })}
          </p>
        </>
      )}
    </section>
  );
}
