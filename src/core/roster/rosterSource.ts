/** Which of a name's two parts stands first, where nothing in the list says so. */
export const NAME_ORDERS = ['givenFirst', 'familyFirst'] as const;
export type NameOrder = (typeof NAME_ORDERS)[number];

/** Where people come from. Files travel as base64. */
export type RosterSource =
  | { readonly kind: 'lines'; readonly text: string; readonly order?: NameOrder }
  | { readonly kind: 'csv'; readonly file: string }
  | {
      readonly kind: 'oneRoster';
      readonly users: string;
      readonly enrollments: string;
      readonly oneRosterClass: string;
    };
