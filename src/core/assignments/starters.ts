import { linesOf } from '../text/lines';

/** Sentence starters that an assignment offers, grouped by when to use them. */
export interface StarterGroup {
  /** When they help, such as "To begin"; empty for those of no group. */
  readonly when: string;
  readonly starters: readonly string[];
}

/** JSON Schemas of an assignment's prompts. */
export const promptFields = {
  starters: {
    type: 'array',
    maxItems: 12,
    items: {
      type: 'object',
      required: ['when', 'starters'],
      additionalProperties: false,
      properties: {
        when: { type: 'string', maxLength: 80 },
        starters: { type: 'array', maxItems: 20, items: { type: 'string', minLength: 1, maxLength: 160 } },
      },
    },
  },
  outline: { type: 'array', maxItems: 20, items: { type: 'string', minLength: 1, maxLength: 120 } },
} as const;

/** Starters from lines that a teacher types: a line with a colon at its end begins a group, every other one is a starter. */
export function readStarters(lines: string): readonly StarterGroup[] {
  const groups: { when: string; starters: string[] }[] = [];
  for (const line of linesOf(lines)) {
    if (line.endsWith(':')) groups.push({ when: line.slice(0, -1).trim(), starters: [] });
    else if (groups.length === 0) groups.push({ when: '', starters: [line] });
    else groups.at(-1)?.starters.push(line);
  }
  return groups;
}

/** How a sentence begins by a starter: without the dots and spaces at its end. */
export function begunStarter(starter: string): string {
  return starter.replace(/[\s.\u2026]+$/u, '');
}

/** All starters, whatever they are for. */
export function allStarters(groups: readonly StarterGroup[]): readonly string[] {
  return groups.flatMap((group) => group.starters);
}
