import type { CaseEvent, CouldRead, Teller, WordsDecision, WorryKind } from '../../core/safety/case';

/** Everything that who looks after a case sees of it. */
export interface CaseProps {
  readonly id: string;
  readonly kind: WorryKind;
  readonly title: string;
  readonly about: string;
  readonly classTitle: string;
  readonly teller: { readonly kind: Teller; readonly name: string; readonly monogram: string };
  readonly words: string;
  readonly toldAt: string;
  readonly promise: {
    readonly reader: string | null;
    readonly by: string | null;
    readonly late: boolean;
    readonly help: string;
  };
  /** The words as they stood: of a post as its readers had them, of anything else as text. */
  readonly kept: { readonly html: string | null; readonly text: string | null };
  readonly couldRead: CouldRead;
  readonly tookAway: boolean;
  /** Whether the words stand before others at all. */
  readonly decides: boolean;
  readonly away: { readonly since: string; readonly decided: boolean } | null;
  readonly decision: WordsDecision | null;
  readonly answerable: boolean;
  readonly answerTyped: string;
  readonly answer: { readonly text: string; readonly by: string; readonly when: string } | null;
  readonly settled: boolean;
  readonly events: readonly {
    readonly what: CaseEvent;
    readonly name: string;
    readonly words: string | null;
    readonly when: string;
  }[];
  readonly read: { readonly by: string; readonly when: string } | null;
  readonly notYet: readonly string[];
  readonly nobodyNamed: boolean;
  readonly keptMonths: number | null;
  /** Where the words stand now, for who may go there. */
  readonly where: string | null;
}
