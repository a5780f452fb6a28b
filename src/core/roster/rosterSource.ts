/** Where people come from. Files travel as base64. */
export type RosterSource =
  | { readonly kind: 'lines'; readonly text: string }
  | { readonly kind: 'csv'; readonly file: string }
  | {
      readonly kind: 'oneRoster';
      readonly users: string;
      readonly enrollments: string;
      readonly oneRosterClass: string;
    };
