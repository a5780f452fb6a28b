export interface PersonMenuProps {
  readonly id: string;
  readonly name: string;
  readonly monogram: string;
  readonly classes: readonly { readonly id: string; readonly title: string; readonly groupName: string }[];
  readonly currentClass: string;
}
