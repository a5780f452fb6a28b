/** A picture of the class, as it is listed. */
export interface PictureShown {
  readonly id: string;
  readonly perceptualHash: string;
  readonly description: string;
  readonly caption: string;
  readonly credit: string;
  readonly licence: string;
  readonly by: string;
  readonly own: boolean;
  readonly choosable: boolean;
  readonly labels: readonly string[];
  readonly shownIn: readonly string[];
}

export const PICTURE_TABS = ['all', 'own', 'choosable', 'unused'] as const;
export type PictureTab = (typeof PICTURE_TABS)[number];

export function isUnder(tab: PictureTab, picture: PictureShown): boolean {
  if (tab === 'own') return picture.own;
  if (tab === 'choosable') return picture.choosable;
  return tab === 'all' || picture.shownIn.length === 0;
}

/** Pictures in which every word is found, in what is said of them, by whom they are, or in labels and posts. */
export function pictureSearch(pictures: readonly PictureShown[], words: string): readonly PictureShown[] {
  const wanted = words
    .toLowerCase()
    .split(/[\s,]+/)
    .filter(Boolean);
  return pictures.filter((picture) => {
    const said = [
      picture.description,
      picture.caption,
      picture.credit,
      picture.by,
      ...picture.labels,
      ...picture.shownIn,
    ]
      .join(' ')
      .toLowerCase();
    return wanted.every((word) => said.includes(word));
  });
}
