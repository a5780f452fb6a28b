/** The widths in which a picture is kept, in pixels. */
export const PICTURE_WIDTHS = [480, 960, 1600] as const;

export type PictureWidth = (typeof PICTURE_WIDTHS)[number];

/** Where a picture of ours is fetched, under our own address. @param id as it stands in a document's `src` */
export function pictureAddress(id: string, width: PictureWidth): string {
  return `/pictures/${id}/${width}`;
}
