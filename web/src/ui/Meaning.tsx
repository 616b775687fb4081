import { Popover } from "radix-ui";
import type { ComponentProps } from "react";
import { say } from "../text";
import type { TermId } from "./Term";

/** What a word of the trade means, beside its mark; open from the start. */
export default function Meaning({ mark, id }: { mark: ComponentProps<"button">; id: TermId }) {
  return (
    <Popover.Root defaultOpen>
      <Popover.Trigger {...mark} />
      <Popover.Portal>
        <Popover.Content
          align="start"
          collisionPadding={8}
          className="z-50 max-w-72 border-2 border-ink bg-ground p-3 text-sm"
        >
          {say(`terms.${id}`)}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
