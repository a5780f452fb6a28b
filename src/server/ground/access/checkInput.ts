import { checkOf } from '../input/validate';
import { done, refused, type Result } from './useCase';

/** Compiles a JSON Schema once; the check answers with the input, or with the refusal that names its first field that is wrong. */
export function inputCheckOf<Input>(schema: object): (input: unknown) => Result<Input> {
  const check = checkOf<Input>(schema);
  return (input) => {
    const checked = check(input);
    if (checked.ok) return done(checked.value);
    return refused(`input.${checked.problem.key}`, checked.field, { wanted: checked.problem.wanted });
  };
}
