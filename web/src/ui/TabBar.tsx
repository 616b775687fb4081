import { Tabs } from "radix-ui";
import { type Key, say } from "../text";

/** The parts of a page, one of which is open. */
export function TabBar({ label, parts }: { label: string; parts: readonly { id: string; label: Key }[] }) {
  return (
    <Tabs.List aria-label={label} className="no-print mb-3 flex flex-wrap gap-x-1 border-b border-rule-strong">
      {parts.map((p) => (
        <Tabs.Trigger
          key={p.id}
          value={p.id}
          className="-mb-px min-h-9 border border-transparent px-2 data-[state=active]:border-rule-strong data-[state=active]:border-b-ground data-[state=active]:font-semibold sm:px-3"
        >
          {say(p.label)}
        </Tabs.Trigger>
      ))}
    </Tabs.List>
  );
}
