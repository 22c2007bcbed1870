// Made from brinelight.yaml by "yonder export". Make it again when the plan changes.

/** The screens of Brinelight, each with its parameters. */
export interface Screens {
  /** Tides, /tides. */
  tides: Record<string, never>;
  /** Tide table, /tides/{station}. */
  tide: { station: string };
  /** Surveys, /surveys. */
  surveys: Record<string, never>;
  /** Survey {survey}, /surveys/{survey}. */
  survey: { survey: number };
  /** Sightings, /surveys/{survey}/sightings. */
  sightings: { survey: number };
  /** Species, /species{?zone}. */
  species: { zone?: string };
  /** In the guide, /species/{kind}. */
  kind: { kind: string };
  /** Shore map, /map. */
  map: Record<string, never>;
  /** Crew, /crew. */
  crew: Record<string, never>;
  /** Outing, /crew/outing. */
  outing: Record<string, never>;
  /** Sign in, /sign-in. */
  "sign-in": Record<string, never>;
}

export type Screen = keyof Screens;

/** What the app tells. */
export interface Facts {
  /** A number; 2 at first. */
  drafts: number;
  /** A number; 0 at first. */
  invitations: number;
  /** True or false; false at first. */
  "signed-in": boolean;
}

export type Fact = keyof Facts;

export type Item =
  /** Tides, in the menu main. */
  | "tides"
  /** Surveys, in the menu main. */
  | "surveys"
  /** Species, in the menu main. */
  | "species"
  /** Map, in the menu main. */
  | "map"
  /** Crew, in the menu main. */
  | "crew";

export type Signal = never;

export type Bar =
  /** Bottom, rail, drawer with the menu main. */
  | "main"
  /** Top. */
  | "top";

/** A place as the navigator takes it: `survey?survey=41`, with values percent-encoded (RFC 3986). */
export function place<S extends Screen>(
  screen: S,
  ...given: Record<string, never> extends Screens[S] ? [parameters?: Screens[S]] : [parameters: Screens[S]]
): string {
  return screen + Object.entries(given[0] ?? {})
    .filter(([, value]) => value !== undefined)
    .map(([name, value], index) => `${index ? "&" : "?"}${name}=${encode(String(value))}`)
    .join("");
}

function encode(text: string): string {
  return encodeURIComponent(text)
    .replace(/[!'()*]/g, (sign) => "%" + sign.charCodeAt(0).toString(16).toUpperCase());
}
