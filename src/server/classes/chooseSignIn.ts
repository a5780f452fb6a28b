import type { PasscodeKind } from '../../core/people/passcode';
import { done } from '../access/useCase';
import { classUseCase } from './classUseCase';
import { updateSignIn } from './queries';

interface Input {
  readonly classId: string;
  readonly passcodeKind: PasscodeKind;
  readonly namesTyped: boolean;
}

/** Chooses what new sign-in cards carry, and whether names are chosen from a list or typed. Cards in use stay valid. */
export const chooseSignIn = classUseCase<Input, null>({
  name: 'chooseSignIn',
  action: 'class.change',
  fields: { passcodeKind: { enum: ['pictures', 'digits'] }, namesTyped: { type: 'boolean' } },
  async run(input, _, { database }) {
    await updateSignIn(database, input);
    return done(null);
  },
});
