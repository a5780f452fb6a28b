export interface PersonMenuProps {
  readonly id: string;
  readonly name: string;
  readonly monogram: string;
  readonly classes: readonly { readonly id: string; readonly title: string; readonly groupName: string }[];
  /** Empty on pages that belong to no class. */
  readonly currentClass: string;
  /** Whether they run the install. */
  readonly administrates: boolean;
}
