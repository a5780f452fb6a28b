import { expect, test } from 'vitest';
import { listOneRosterClasses, readOneRoster } from './readOneRoster';

const bytes = (...lines: string[]) => new TextEncoder().encode(lines.join('\r\n'));

const users = bytes(
  'sourcedId,status,dateLastModified,enabledUser,username,userIds,givenName,familyName,middleName,identifier,email,preferredGivenName',
  'u1,active,2026-09-01T08:00:00.000Z,true,ines,,Ines,Marlow,,,ines@example.org,',
  'u2,active,2026-09-01T08:00:00.000Z,true,corin,,Corin,Ashdown,,,,Cory',
  'u3,tobedeleted,2026-09-01T08:00:00.000Z,true,bram,,Bram,Dekker,,,,',
  'u4,,,true,tess,,Tess,Tutor,,,tess@example.org,',
  'u5,active,,true,other,,Other,Class,,,,',
);
const classes = bytes(
  'sourcedId,status,dateLastModified,title,grades,courseSourcedId,classCode,classType,location,schoolSourcedId,termSourcedIds',
  'c1,active,,Weather 8B,08,k1,,homeroom,,s1,t1',
  'c2,tobedeleted,,Old,08,k1,,homeroom,,s1,t1',
);
const enrollments = bytes(
  'sourcedId,status,dateLastModified,classSourcedId,schoolSourcedId,userSourcedId,role,primary,beginDate,endDate',
  'e1,active,,c1,s1,u1,student,,,',
  'e2,active,,c1,s1,u2,student,,,',
  'e3,active,,c1,s1,u3,student,,,',
  'e4,active,,c1,s1,u4,teacher,true,,',
  'e5,active,,c2,s1,u5,student,,,',
);

test('the classes that are there to choose from, with as many students as are found in each', () => {
  expect(listOneRosterClasses(classes, { users, enrollments })).toEqual({
    ok: true,
    classes: [{ id: 'c1', title: 'Weather 8B', students: 2 }],
  });
});

test('the students of a class by the names that they prefer, with the school’s identifier', () => {
  expect(readOneRoster({ users, enrollments }, 'c1')).toMatchObject({
    ok: true,
    records: [
      { row: 2, name: 'Ines Marlow', id: 'u1', email: 'ines@example.org' },
      { row: 3, name: 'Cory Ashdown', id: 'u2', email: null },
    ],
    leftOut: [
      { row: 4, field: 'status', reason: 'noLongerThere', text: 'Bram Dekker' },
      { row: 5, field: 'role', reason: 'notAStudent', text: 'Tess Tutor' },
    ],
    warnings: [
      { row: 4, field: 'status', reason: 'noLongerThere' },
      { row: 5, field: 'role', reason: 'notAStudent' },
    ],
  });
});

test('other files say what they lack', () => {
  expect(readOneRoster({ users: bytes('name', 'Ines'), enrollments }, 'c1')).toEqual({
    ok: false,
    problem: 'noUserColumns',
  });
  expect(readOneRoster({ users, enrollments: classes }, 'c1')).toEqual({
    ok: false,
    problem: 'noEnrollmentColumns',
  });
  expect(listOneRosterClasses(bytes('PK\u0000\u0001'), { users, enrollments })).toMatchObject({ ok: false });
});

test('who is enrolled and stands in no file is named by identifier', () => {
  const more = bytes('classSourcedId,userSourcedId,role', 'c1,u1,student', 'c1,u9,student');
  expect(readOneRoster({ users, enrollments: more }, 'c1')).toMatchObject({
    records: [{ name: 'Ines Marlow' }],
    warnings: [{ field: 'u9', reason: 'noSuchUser' }],
  });
});
