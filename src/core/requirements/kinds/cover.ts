import { reading } from '../../document/reading';
import { pictures } from '../../document/pictures';
import { known } from '../condition';
import type { RequirementKind } from '../kind';
import { areAlike } from '../pictureHash';
import { flag } from '../settings';

interface CoverSettings {
  /** Unlike the pictures in the post. */
  readonly distinct?: boolean;
  readonly description?: boolean;
}

/** The picture that stands for the post on the front page. */
export const cover: RequirementKind<CoverSettings> = {
  kind: 'cover',
  settings: { distinct: flag, description: flag },
  seen: (_, post) => [post.cover, post.pictureHashes, reading(post.body).with('pictures')],
  measure({ distinct = false, description = false }, post) {
    const chosen = post.cover?.src ? post.cover : null;
    const twin =
      chosen !== null &&
      pictures(post.body).some((picture) => areAlike(picture.src, chosen.src, post.pictureHashes ?? {}));
    const described = (chosen?.description.trim() ?? '') !== '';
    const holds = (wanted: boolean) => known(chosen !== null && wanted ? 1 : 0);
    const key =
      chosen === null
        ? 'none'
        : distinct && twin
          ? 'alike'
          : description && !described
            ? 'description'
            : 'fine';
    return {
      measured: chosen ? 1 : 0,
      target: { min: 1 },
      conditions: [
        holds(true),
        ...(distinct ? [holds(!twin)] : []),
        ...(description ? [holds(described)] : []),
      ],
      places: [],
      message: { key, values: {} },
    };
  },
};
