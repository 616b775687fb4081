import type { ReactNode } from "react";
import { useId } from "react";
import { say } from "../text";
import type { Fault, Typed } from "../api";
import { Term, type TermId } from "./Term";

export type Common = {
  label: string;
  field: string;
  faults: Fault[];
  hint?: ReactNode;
  row?: boolean;
  /** The word of the trade in the label that is told on demand. */
  term?: TermId;
  /** Whether nobody told it and it is taken for granted. */
  assumed?: boolean;
};

/** The fault of one field, worded by the server. */
function faultOf(faults: Fault[], field: string): string | undefined {
  return faults.find((f) => f.field === field)?.detail;
}

/** A field with its label, and beneath it what is wrong with it or what helps. */
export function Around({
  label,
  field,
  faults,
  hint,
  row,
  term,
  assumed,
  children,
}: Common & { children: (a: { id: string; "aria-invalid": boolean; "aria-describedby": string }) => ReactNode }) {
  const id = useId();
  const fault = faultOf(faults, field);
  return (
    <div className={`min-w-0 ${row ? "mb-1" : "mb-2"}`}>
      <div className={row ? "grid grid-cols-[6.5rem_1fr] items-center gap-2" : ""}>
        <div className={`text-sm ${row ? "" : "mb-0.5"}`}>
          <label htmlFor={id}>{label}</label>
          {term && <Term id={term} name={label} />}
          {assumed && <span className="note"> {say("frame.assumed")}</span>}
        </div>
        {children({ id, "aria-invalid": fault !== undefined, "aria-describedby": `${id}-note` })}
      </div>
      <div id={`${id}-note`} className="note">
        {fault ? (
          <span role="alert" className="text-stop">
            ▲ {fault}
          </span>
        ) : (
          hint
        )}
      </div>
    </div>
  );
}

/** A symbol longer than this needs a wider list. */
const LONG_UNIT = 8;

/** A number with its unit. Takes 2½, 1/2, 2,5, 4 in; what is typed stays as typed. */
export function NumberField(
  p: Common & {
    value: Typed;
    onChange: (v: Typed) => void;
    units?: string[];
    shownUnit?: string;
    placeholder?: string;
  },
) {
  return (
    <Around {...p}>
      {(a) => (
        <div className="flex items-stretch">
          <input
            {...a}
            className="box min-w-0"
            inputMode="text"
            autoComplete="off"
            placeholder={p.placeholder}
            value={p.value.text}
            onChange={(e) => p.onChange({ ...p.value, text: e.target.value })}
          />
          {p.units ? (
            <select
              aria-label={say("frame.unit", { label: p.label })}
              className={`box ml-1 shrink-0 !px-1 ${p.units.some((u) => u.length > LONG_UNIT) ? "!w-[7.75rem]" : "!w-[5.25rem]"}`}
              value={p.value.unit}
              onChange={(e) => p.onChange({ ...p.value, unit: e.target.value })}
            >
              {p.units.map((u) => (
                <option key={u} value={u}>
                  {u}
                </option>
              ))}
            </select>
          ) : (
            <span className="fig note self-center pl-2 whitespace-nowrap">{p.shownUnit ?? p.value.unit}</span>
          )}
        </div>
      )}
    </Around>
  );
}

export function TextField(p: Common & { value: string; onChange: (v: string) => void; placeholder?: string }) {
  return (
    <Around {...p}>
      {(a) => (
        <input
          {...a}
          className="box !font-text"
          autoComplete="off"
          placeholder={p.placeholder}
          value={p.value}
          onChange={(e) => p.onChange(e.target.value)}
        />
      )}
    </Around>
  );
}

export function DateField(p: Common & { value: string | undefined; onChange: (v: string | undefined) => void }) {
  return (
    <Around {...p}>
      {(a) => (
        <input
          {...a}
          type="date"
          className="box"
          value={p.value ?? ""}
          onChange={(e) => p.onChange(e.target.value || undefined)}
        />
      )}
    </Around>
  );
}

/** One of a list; `also` is what it is found by beside its label. */
export type Option = { value: string; label: string; group?: string; also?: string };

export function ChoiceField(p: Common & { value: string; onChange: (v: string) => void; options: Option[] }) {
  const groups = [...new Set(p.options.map((o) => o.group))];
  const inGroup = (g: string | undefined) =>
    p.options
      .filter((o) => o.group === g)
      .map((o) => (
        <option key={o.value} value={o.value}>
          {o.label}
        </option>
      ));
  return (
    <Around {...p}>
      {(a) => (
        <select {...a} className="box !font-text" value={p.value} onChange={(e) => p.onChange(e.target.value)}>
          {groups.map((g) =>
            g ? (
              <optgroup key={g} label={g}>
                {inGroup(g)}
              </optgroup>
            ) : (
              inGroup(g)
            ),
          )}
        </select>
      )}
    </Around>
  );
}
