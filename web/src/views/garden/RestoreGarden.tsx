import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "@tanstack/react-router";
import { useState } from "react";
import { api, call } from "../../api";
import { useAct } from "../../api/queries";
import { say } from "../../text";
import { Trouble } from "../../ui/States";
import { FileField } from "../../ui/FileField";

/** Brings a garden back from its file. A garden that is here already is never overwritten. */
export function RestoreGarden() {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [name, setName] = useState("");
  const restore = useAct(
    "",
    (file: File) =>
      call(
        api.POST("/api/garden-files", {
          body: "",
          // sent as it is read: it may be larger than the memory
          bodySerializer: () => file,
          headers: { "Content-Type": "application/json" },
        }),
      ),
    ({ garden }) => {
      void navigate({ to: "/g/$garden/today", params: { garden } }).then(() =>
        client.invalidateQueries({ queryKey: ["gardens"] }),
      );
    },
  );
  return (
    <div>
      <FileField
        id="garden-file"
        label={say("garden_page.bring_a_garden_back_from_its")}
        kind="json"

        onChosen={(file) => {
          setName(file.name);
          restore.mutate(file);
        }}
      />
      <p className="note" role="status">
        {restore.isPending ? say("common.reading", { name }) : say("garden_page.all_of_it_comes_back_or")}
      </p>
      {restore.isError && <Trouble problem={restore.error} />}
    </div>
  );
}
