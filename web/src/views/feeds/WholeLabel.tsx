import { Checkbox } from "radix-ui";
import { useRef, useState } from "react";
import { api, call, type FeedInput, type FoundOnLabel, type WholeLabelAnswer } from "../../api";
import { useLive } from "../../api/useLive";
import { say, words } from "../../text";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { Trouble } from "../../ui/States";
import { readPhoto, type Stage } from "./photo";
import { filledIn, isLine, linesOf, linesOfText, type Line } from "./wholeLabel";

type Props = { input: FeedInput; text: string; close: () => void; fill: (part: Partial<FeedInput>) => void };

/** A whole label, pasted or photographed: what it says, each on its line, and what of it goes into the form. */
export default function WholeLabel({ input, text: begun, close, fill }: Props) {
  const [text, setText] = useState(begun);
  const [pictured, setPictured] = useState<Line[]>();
  const [stage, setStage] = useState<Stage | "failed">();
  const [turned, setTurned] = useState<Record<string, boolean>>({});
  const file = useRef<HTMLInputElement>(null);
  const live = useLive<{ text: string; scanned: boolean }, WholeLabelAnswer>(
    text.trim() ? { text, scanned: pictured !== undefined } : undefined,
    (body, signal) => call(api.POST("/api/feed/whole-label", { body, signal })),
  );
  const found = live.answer?.found ?? [];
  const lines = pictured ?? linesOfText(text);
  const taken = (f: FoundOnLabel) => turned[f.field] ?? f.doubts.length === 0;
  const chosen = found.filter(taken);
  const photographed = async (picture: File | undefined) => {
    if (!picture) return;
    setStage({ at: "photo_prepared" });
    try {
      const read = await readPhoto(picture, setStage);
      setTurned({});
      setText(read.text);
      setPictured(read.lines);
      setStage(undefined);
    } catch {
      setStage("failed");
    }
  };
  return (
    <Panel title={say("feeds_page.whole_label")} close={close} wide>
      <p className="note mb-2">{say("feeds_page.paste_all_of_it")}</p>
      <label htmlFor="whole-label" className="mb-1 block text-sm">
        {say("feeds_page.text_of_the_label")}
      </label>
      <textarea
        id="whole-label"
        className="box min-h-40 !font-text"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          setPictured(undefined);
          setTurned({});
        }}
      />
      <div className="my-2 flex flex-wrap items-center gap-3">
        <Button onClick={() => file.current?.click()} disabled={stage !== undefined && stage !== "failed"}>
          {say("feeds_page.or_a_photograph")}
        </Button>
        <input
          ref={file}
          type="file"
          accept="image/*"
          aria-label={say("feeds_page.or_a_photograph")}
          className="sr-only"
          tabIndex={-1}
          onChange={(e) => {
            void photographed(e.target.files?.[0]);
            e.target.value = "";
          }}
        />
        <span className="note" role="status">
          {stage === undefined && say("feeds_page.read_on_this_machine")}
          {stage === "failed" && <span className="text-stop">▲ {say("feeds_page.photo_failed")}</span>}
          {stage !== undefined && stage !== "failed" && stage.at !== "photo_reading" && say(`feeds_page.${stage.at}`)}
          {stage !== undefined &&
            stage !== "failed" &&
            stage.at === "photo_reading" &&
            say("feeds_page.photo_reading", { percent: stage.percent })}
        </span>
      </div>
      {live.problem && <Trouble problem={live.problem} />}
      {live.answer && text.trim() && found.length === 0 && <p>{say("feeds_page.nothing_found")}</p>}
      {found.length > 0 && (
        <>
          <h2 className="head mt-3">{say("feeds_page.found_on_the_label")}</h2>
          {pictured && <p className="my-1 text-stop">▲ {say("feeds_page.photo_unsure")}</p>}
          <ul>
            {found.map((f) => (
              <li
                key={`${f.field} ${f.start}`}
                data-found={f.field}
                data-value={f.text}
                className="flex items-start gap-3 border-b border-rule py-2"
              >
                <Checkbox.Root
                  aria-label={say("feeds_page.take_field", { field: nameOf(f) })}
                  checked={taken(f)}
                  onCheckedChange={(v) => setTurned((t) => ({ ...t, [f.field]: v === true }))}
                  className="mt-0.5 flex size-6 shrink-0 items-center justify-center border-2 border-ink bg-leaf"
                >
                  <Checkbox.Indicator>✓</Checkbox.Indicator>
                </Checkbox.Root>
                <div className="min-w-0">
                  <p>
                    <span className="note">{nameOf(f)}</span> <b>{valueOf(f)}</b>
                  </p>
                  {f.doubts.map((d) => (
                    <p key={d} className="text-sm text-stop">
                      ▲ {words("doubts", d)}
                    </p>
                  ))}
                  {linesOf(lines, f).map((l) =>
                    l.picture ? (
                      <img
                        key={l.start}
                        src={l.picture}
                        alt={text.slice(l.start, l.end)}
                        className="my-1 max-h-10 max-w-full"
                      />
                    ) : (
                      <p key={l.start} className="note break-words" translate="no">
                        {text.slice(l.start, Math.max(l.start, f.start))}
                        <mark className="bg-feed-wash text-ink">
                          {text.slice(Math.max(l.start, f.start), Math.min(l.end, f.end))}
                        </mark>
                        {text.slice(Math.min(l.end, f.end), l.end)}
                      </p>
                    ),
                  )}
                </div>
              </li>
            ))}
          </ul>
          <p className="note my-2">{say("feeds_page.the_rest_is_not_needed")}</p>
          <Button
            look="ink"
            disabled={chosen.length === 0}
            onClick={() => {
              fill(filledIn(input, chosen));
              close();
            }}
          >
            {say("feeds_page.fill_in", { count: chosen.length })}
          </Button>
        </>
      )}
    </Panel>
  );
}

function nameOf({ field }: FoundOnLabel): string {
  switch (field) {
    case "name":
      return say("feeds_page.name_on_the_bottle_or_box");
    case "form":
      return say("feeds_page.field_form");
    case "basis":
      return say("feeds_page.field_basis");
    case "chelate":
      return say("feeds_page.field_chelate");
    case "density":
      return say("feeds_page.density");
    case "ecFactor":
      return say("feeds_page.ec_of_1_g_l_if");
    case "coatedMonths":
      return say("feeds_page.coated_lasts");
    case "coatedCelsius":
      return say("feeds_page.rated_at");
    case "label":
      return say("feeds_page.field_label");
    default:
      return words("declared", field);
  }
}

function valueOf({ field, text, unit }: FoundOnLabel): string {
  if (field === "form") return say(text === "liquid" ? "feeds_page.form_liquid" : "feeds_page.form_dry");
  if (field === "basis") return say("feeds_page.basis_by_volume");
  if (field === "chelate") return words("chelates", text);
  if (field === "coatedMonths") return say("feeds_page.so_many_months", { months: text });
  return isLine(field) || unit ? `${text} ${unit}` : text;
}
