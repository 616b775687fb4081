import { api, edit, type Garden, type SettingsInput } from "../../api";

/** The settings of a garden as its form holds them. */
export function settingsOf(g: Garden): SettingsInput {
  return {
    name: g.name,
    timeZone: g.timeZone,
    latitude: g.latitudeTyped,
    language: g.language,
    unitHabit: g.unitHabit,
    hand: g.hand,
    spoons: g.spoons,
    trade: g.trade,
    version: g.version,
  };
}

export const saveSettings = (garden: string, body: SettingsInput) =>
  edit(api.PUT("/api/gardens/{garden}/settings", { params: { path: { garden } }, body }));
