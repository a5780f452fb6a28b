import { tellWhoIsIn as tellDeed } from '../../../contract/pictures/tellWhoIsIn';
import { whoIsIn as whoDeed } from '../../../contract/pictures/whoIsIn';
import { isStudent, isTeacher } from '../../../core/access/may';
import { findRole } from '../../ground/access/roles';
import { done, NOT_THERE, refused, serve, type Context, type Found } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { findClass, type ClassRow } from '../../tables/classes';
import { listEverMembers } from '../../tables/memberships';
import { findPictureTold, listPeopleIn, tellPeopleIn, type PictureTold } from '../../tables/picturePeople';
import { listUses } from '../../tables/pictures';
import { drawBack } from '../publications/drawBack';

interface Named {
  readonly classId: string;
  readonly pictureId: string;
}

interface OfPicture {
  readonly inClass: ClassRow;
  readonly told: PictureTold;
}

/** A picture as the access table asks for it: whoever brought it stands as its writer. */
const PICTURE = {
  async find({ classId, pictureId }: Named, { database }: Context): Promise<Found<OfPicture> | null> {
    const inClass = await findClass(database, classId);
    const told = inClass && (await findPictureTold(database, { id: pictureId, classId }));
    if (!inClass || !told) return null;
    const subject = { writerId: told.uploadedBy };
    return { subject, classId, subjectId: pictureId, rows: { inClass, told } };
  },
  turnOf: ({ classId }: Named) => Promise.resolve([classId]),
};

export const whoIsIn = serve(whoDeed, PICTURE, {
  async run({ classId, pictureId }, { told }, { database, personId }) {
    const teaches = await teachesIn(database, classId, personId);
    const people = await listPeopleIn(database, pictureId);
    const members = await listEverMembers(database, classId);
    return done({
      told: told.toldAt !== null,
      people,
      others: told.others,
      students: members
        .filter((one) => isStudent(one.role) && (one.leftAt === null || people.includes(one.personId)))
        .map((one) => ({ personId: one.personId, name: one.shownName })),
      tells: teaches || !wasToldByTeacher(told),
      teaches,
    });
  },
});

export const tellWhoIsIn = serve(tellDeed, PICTURE, {
  // It may narrow who reads, and begins with the class's turn like everything that does.
  turn: true,
  async run({ classId, pictureId, people, others }, { inClass, told }, { database, personId, now }) {
    const teaches = await teachesIn(database, classId, personId);
    if (!teaches && wasToldByTeacher(told)) return refused('picture.toldByTeacher');
    if (!teaches && others === 'agreed') return refused('picture.teacherAgrees', 'others');
    const members = await listEverMembers(database, classId);
    const students = new Set(members.filter((one) => isStudent(one.role)).map((one) => one.personId));
    if (people.some((one) => !students.has(one))) return NOT_THERE;
    await tellPeopleIn(database, { pictureId, people, others, by: personId, at: now });
    const postIds = new Set((await listUses(database, pictureId)).map((use) => use.postId));
    const drawnBack = await drawBack(database, inClass, { postIds, by: personId, now });
    return done({ drawnBack: teaches ? drawnBack : [] }, { before: null, after: people.length });
  },
});

async function teachesIn(database: Database, classId: string, personId: string): Promise<boolean> {
  const role = await findRole(database, classId, personId);
  return role !== null && isTeacher(role);
}

/** Once a teacher has said who is in somebody's picture, its bringer does not say otherwise. */
function wasToldByTeacher({ toldBy, uploadedBy }: PictureTold): boolean {
  return toldBy !== null && toldBy !== uploadedBy;
}
