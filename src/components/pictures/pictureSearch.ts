import type { ClassPicture } from '../../core/posts/classPicture';

export const PICTURE_TABS = ['all', 'own', 'choosable', 'unused'] as const;
export type PictureTab = (typeof PICTURE_TABS)[number];

export function isUnder(tab: PictureTab, picture: ClassPicture): boolean {
  if (tab === 'own') return picture.own;
  if (tab === 'choosable') return picture.choosable;
  return tab === 'all' || picture.shownIn.length === 0;
}

/** Pictures in which every word is found, in what is said of them, by whom they are, or in labels and posts. */
export function pictureSearch(pictures: readonly ClassPicture[], words: string): readonly ClassPicture[] {
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
