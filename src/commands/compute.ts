import { plainText } from '../core/document/plainText';
import { readHtml } from '../core/document/html/readHtml';
import { gradebook } from '../core/gradebook/gradebook';
import { grade } from '../core/grading/grade';
import { readMarkdownPost, readPostFile } from '../core/posts/readPost';
import { evaluate } from '../core/requirements/evaluate';
import type { PostToCheck } from '../core/requirements/post';
import { countWords } from '../core/words/countWords';
import { countDocumentWords } from '../core/words/documentWords';
import { planRoster } from '../core/roster/planRoster';
import { readRosterCsv } from '../core/roster/readRosterCsv';
import { spellerFor } from './spellers';
import { holdAnswer, runCase } from './cases';
import {
  assignmentOf,
  commentToHoldOf,
  existingPeopleOf,
  gradebookInputOf,
  gradeInputOf,
  personalPlaceOf,
  postFileOf,
} from './checks';
import { optionOf, parseJson, readBytes, readText, UnreadableInput } from './input';
import { codeInDocument } from '../core/personal/codeInDocument';
import { findPersonal } from '../core/personal/findPersonal';
import { problemOf, reasonOf } from './rosterWords';

/** The commands that compute and need neither database nor server. Each returns the exit status. */
export const COMPUTING: Readonly<Record<string, (args: readonly string[]) => number | Promise<number>>> = {
  words,
  check,
  grade: gradeFile,
  gradebook: gradebookFile,
  roster,
  hold,
  personal,
  vectors,
};

function words(args: readonly string[]): number {
  const [file] = args;
  if (!file || args.length > 1) throw new UnreadableInput('usage: ./porch words FILE');
  const text = readText(file);
  console.log(isPostFile(file) ? countDocumentWords(readPost(file, text).body) : countWords(text));
  return 0;
}

async function check(args: readonly string[]): Promise<number> {
  const { value: assignmentFile, rest } = optionOf(args, '--assignment');
  const [file] = rest;
  if (!assignmentFile || !file || rest.length > 1)
    throw new UnreadableInput('usage: ./porch check --assignment A.json POST');
  const assignment = assignmentOf(parseJson(readText(assignmentFile), assignmentFile));
  print(
    evaluate(assignment, {
      ...readPost(file, readText(file)),
      ...(await spellerFor(assignment.requirements, assignment.language)),
    }),
  );
  return 0;
}

function gradeFile(args: readonly string[]): number {
  const [file] = args;
  if (!file || args.length > 1) throw new UnreadableInput('usage: ./porch grade FILE');
  print(grade(gradeInputOf(parseJson(readText(file), file))));
  return 0;
}

function gradebookFile(args: readonly string[]): number {
  const [file] = args;
  if (!file || args.length > 1) throw new UnreadableInput('usage: ./porch gradebook FILE');
  print(gradebook(gradebookInputOf(parseJson(readText(file), file))));
  return 0;
}

function roster(args: readonly string[]): number {
  const { value: existingFile, rest } = optionOf(args, '--existing');
  const [file] = rest;
  if (!file || rest.length > 1)
    throw new UnreadableInput('usage: ./porch roster FILE [--existing PEOPLE.json]');
  const existing = existingFile ? existingPeopleOf(parseJson(readText(existingFile), existingFile)) : [];
  const read = readRosterCsv(readBytes(file));
  if (!read.ok) throw new UnreadableInput(`${file}: ${problemOf(read)}`);
  const plan = planRoster(read.records, existing);
  print({
    rows: plan.rows,
    made: plan.made,
    matched: plan.matched.map(({ row, name, by }) => ({ row, name, by })),
    refused: plan.refused.map(reasonOf),
    warnings: [...read.warnings, ...plan.warnings].sort((a, b) => a.row - b.row).map(reasonOf),
  });
  return 0;
}

function hold(args: readonly string[]): number {
  const [file] = args;
  if (!file || args.length > 1) throw new UnreadableInput('usage: ./porch hold FILE');
  print(holdAnswer(commentToHoldOf(parseJson(readText(file), file))));
  return 0;
}

const PERSONAL = 'usage: ./porch personal FILE [--people PEOPLE.json] [--country IE] [--language en]';

function personal(args: readonly string[]): number {
  const { value: peopleFile, rest: withoutPeople } = optionOf(args, '--people');
  const { value: country, rest: withoutCountry } = optionOf(withoutPeople, '--country', 'a country');
  const { value: language, rest } = optionOf(withoutCountry, '--language', 'a language');
  const [file] = rest;
  if (!file || rest.length > 1) throw new UnreadableInput(PERSONAL);
  const people = peopleFile ? parseJson(readText(peopleFile), peopleFile) : [];
  const where = personalPlaceOf({ people, country: country ?? 'IE', language: language ?? 'en' });
  const text = readText(file);
  if (!isPostFile(file)) print({ found: findPersonal(text, where) });
  else {
    const { body } = readPost(file, text);
    print({ found: findPersonal(plainText(body), { ...where, code: codeInDocument(body) }) });
  }
  return 0;
}

async function vectors(args: readonly string[]): Promise<number> {
  if (args.length === 0) throw new UnreadableInput('usage: ./porch vectors FILE…');
  let passed = 0;
  let failed = 0;
  for (const file of args) {
    const cases = parseJson(readText(file), file);
    if (!Array.isArray(cases)) throw new UnreadableInput(`${file}: it should hold a list of cases`);
    for (const [index, given] of (cases as readonly Record<string, unknown>[]).entries()) {
      const difference = await runCase(given, index);
      if (difference) console.log(JSON.stringify({ file, ...difference }));
      if (difference) failed += 1;
      else passed += 1;
    }
  }
  console.log(`${passed} passed, ${failed} failed`);
  return failed > 0 ? 1 : 0;
}

function isPostFile(file: string): boolean {
  return /\.(html?|md|json)$/i.test(file);
}

/** A post by the ending of its file; standard input and unknown endings are JSON where they begin like it, else HTML. */
function readPost(file: string, text: string): PostToCheck {
  if (/\.md$/i.test(file)) return readMarkdownPost(text);
  if (/\.json$/i.test(file) || (!/\.html?$/i.test(file) && /^\s*\{/.test(text)))
    return readPostFile(postFileOf(parseJson(text, file)));
  return htmlPost(text);
}

/** An HTML page's own title stands for the post's. */
function htmlPost(text: string): PostToCheck {
  const title = /<title[^>]*>([^<]*)/i.exec(text)?.[1] ?? '';
  return { title: plainText(readHtml(title)), labels: [], body: readHtml(text) };
}

function print(answer: unknown): void {
  console.log(JSON.stringify(answer, null, 2));
}
